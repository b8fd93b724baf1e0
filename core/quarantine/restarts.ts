// Before fish are moved: whose count would begin anew by it, and who that was cleared would meet fish in quarantine.

export type Placed = { lot: string; label: string; tank: string; system: string; inQuarantine: boolean };
export type ContactOutcome = {
  /** In quarantine already in that water, as the newcomers are: the count of both restarts. */
  restarted: Placed[];
  /** Cleared fish of that water that would meet fish in quarantine. */
  exposed: Placed[];
  /** The newcomers are cleared and would meet fish in quarantine. */
  newcomerExposed: boolean;
};
const NOBODY: ContactOutcome = { restarted: [], exposed: [], newcomerExposed: false };

/** What a move of a lot from one system to another means for the clocks; within one system nothing. `living` = all of the house. */
export function whoRestarts(
  move: { lot: string; inQuarantine: boolean; fromSystem: string; toSystem: string },
  living: readonly Placed[],
): ContactOutcome {
  if (move.fromSystem === move.toSystem) return NOBODY;
  const others = living.filter(({ system, lot }) => system === move.toSystem && lot !== move.lot);
  // Some of the lot in the same system are no newcomers to themselves, and neither are these to them.
  const inQuarantine = others.filter((placed) => placed.inQuarantine);
  return {
    restarted: move.inQuarantine ? inQuarantine : [],
    exposed: move.inQuarantine ? others.filter((placed) => !placed.inQuarantine) : [],
    newcomerExposed: !move.inQuarantine && inQuarantine.length > 0,
  };
}

/** The same for two systems that become one: everybody in quarantine in either meets the other's. */
export function whoMeets(systems: readonly [string, string], living: readonly Placed[]): { restarted: Placed[]; exposed: Placed[] } {
  const [from, into] = systems.map((id) => living.filter(({ system }) => system === id)) as [Placed[], Placed[]];
  const side = (here: Placed[], there: Placed[]) => ({
    restarted: there.some(({ inQuarantine }) => inQuarantine) ? here.filter(({ inQuarantine }) => inQuarantine) : [],
    exposed: there.some(({ inQuarantine }) => inQuarantine) ? here.filter(({ inQuarantine }) => !inQuarantine) : [],
  });
  const [a, b] = [side(from, into), side(into, from)];
  return { restarted: [...a.restarted, ...b.restarted], exposed: [...a.exposed, ...b.exposed] };
}
