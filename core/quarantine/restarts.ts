// Before fish are moved: whose count would begin anew by it, and who that was cleared would meet fish on hold.

export type Placed = { lot: string; label: string; tank: string; system: string; onHold: boolean };
export type Meeting = {
  /** On hold already in that water, as the newcomers are: the count of both begins anew. */
  restarted: Placed[];
  /** Cleared fish of that water that would meet fish on hold. */
  exposed: Placed[];
  /** The newcomers are cleared and would meet fish on hold. */
  newcomerExposed: boolean;
};
const NOBODY: Meeting = { restarted: [], exposed: [], newcomerExposed: false };

/** What a move of a lot from one water to another means for the clocks; within one water nothing. `living` = all of the house. */
export function whoRestarts(
  move: { lot: string; onHold: boolean; fromSystem: string; toSystem: string },
  living: readonly Placed[],
): Meeting {
  if (move.fromSystem === move.toSystem) return NOBODY;
  const others = living.filter(({ system, lot }) => system === move.toSystem && lot !== move.lot);
  // Some of the lot in the same water are no newcomers to themselves, and neither are these to them.
  const onHold = others.filter((one) => one.onHold);
  return {
    restarted: move.onHold ? onHold : [],
    exposed: move.onHold ? others.filter((one) => !one.onHold) : [],
    newcomerExposed: !move.onHold && onHold.length > 0,
  };
}

/** The same for two waters that become one: everybody on hold in either meets the other's. */
export function whoMeets(systems: readonly [string, string], living: readonly Placed[]): { restarted: Placed[]; exposed: Placed[] } {
  const [one, other] = systems.map((id) => living.filter(({ system }) => system === id)) as [Placed[], Placed[]];
  const side = (here: Placed[], there: Placed[]) => ({
    restarted: there.some(({ onHold }) => onHold) ? here.filter(({ onHold }) => onHold) : [],
    exposed: there.some(({ onHold }) => onHold) ? here.filter(({ onHold }) => !onHold) : [],
  });
  const [a, b] = [side(one, other), side(other, one)];
  return { restarted: [...a.restarted, ...b.restarted], exposed: [...a.exposed, ...b.exposed] };
}
