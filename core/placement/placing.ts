// The fit of a lot and a tank as refusals, asked of the house's present state: the same for a bag, a release, a move. A lead passes over what is forbidden
// with a reason; a keeper takes a cost knowingly, and what was taken is asked about again only when it grew.
import { type Refusal, refuse, type Context } from '../journal/index.ts';
import { whoRestarts } from '../quarantine/index.ts';
import type { TankFacts } from '../room/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import { compatibilityOf } from './compatibility.ts';
import type { ContactCosts } from './costs.ts';
import { isTaken, type CompatibilityReason, type PlaceNeed } from './placeFacts.ts';
import { STARTING_PLACEMENT } from './settings.ts';
import type { PlacementState } from './state.ts';

type Placing = {
  lot: string;
  n?: number;
  tank: TankFacts;
  path: string;
  passed?: readonly string[];
  atMs: number;
  /** Not in good shape; left out, by what was seen of the lot. */ weak?: boolean;
  /** What its way asks of the tank; left out, by the bags of the lot that came of late. */ need?: PlaceNeed | 'nothing';
  /** As if they were these. */ as?: SpeciesFacts;
  /** A lot that is only now put on record, living there already: what is said of it, and nobody newly meets it. */
  opening?: { species?: string; label: string; sizeCm?: number; supplier?: string };
  /** The bag or vessel that they come out of. */ out?: string;
  /** Their hold is over, where they stand in no tank to tell it by. */ quarantineDone?: boolean;
};

export function refuseUnfit(placing: Placing, { state }: Context<PlacementState>): Refusal[] {
  if (placing.tank.retired) return refuse('tank.retired', placing.path, { code: placing.tank.code });
  return estimateOf(placing, state)
    .filter((reason) => !isPassed(reason, placing.passed ?? []))
    .map((reason) => (reason.code === 'cost.restarts' ? withDays(reason, placing, state) : reason))
    .flatMap(({ lead, code, facts }) =>
      refuse(code, placing.path, { ...facts, tank: placing.tank.code }, isTaken({ code, lead }) ? 'keeper' : 'lead'),
    );
}

/** `cost.crowded:1.4` = taken up to that size; a forbidden code as it is. */
export const passedAs = (code: string, size?: number): string => (size === undefined ? code : `${code}:${size}`);
const ROUNDING = 1e-9;
function isPassed({ code, facts }: CompatibilityReason, passed: readonly string[]): boolean {
  return passed.some((kin) => {
    const [taken, size] = kin.split(':');
    return taken === code && (typeof facts.size !== 'number' || facts.size <= Number(size ?? 0) + ROUNDING);
  });
}

function estimateOf({ lot, n = 1, tank, atMs, out, ...said }: Placing, state: PlacementState): CompatibilityReason[] {
  const facts = said.opening ?? state.findLot(lot);
  const system = state.findSystem(tank.system);
  if (!facts || !system) throw new Error(`lot ${lot} or water ${tank.system} vanished between checks`);
  const species = said.as ?? (facts.species ? state.findSpecies(facts.species) : undefined);
  // Some of it lives in a tank and no quarantine is open: the quarantine is over, or was before the records began.
  const inQuarantine = state.findOpenQuarantine(lot) !== undefined;
  const quarantineDone = said.quarantineDone ?? (state.isInTank(lot) && !inQuarantine);
  const known = (here: { lot: string; n: number }) => {
    const otherLot = state.findLot(here.lot);
    return {
      lot: here.lot,
      label: otherLot?.label,
      n: here.n,
      sizeCm: otherLot?.sizeCm,
      supplier: otherLot?.supplier,
      promised: state.lotCount(here.lot).promised > 0,
      species: otherLot?.species ? state.findSpecies(otherLot.species) : undefined,
      guessed: otherLot?.sure === 'guess',
    };
  };
  const need = said.need ?? (said.opening ? 'nothing' : state.needOf(lot, atMs));
  const coming = state.comingTo(tank.id, out);
  const more = coming.find((party) => party.lot === lot)?.n;
  const rules = state.findRules() ?? STARTING_PLACEMENT;
  return compatibilityOf(
    {
      lot,
      n,
      species,
      guessed: 'sure' in facts && facts.sure === 'guess' && said.as === undefined,
      sizeCm: facts.sizeCm,
      quarantineDone,
      supplier: facts.supplier,
      more,
      weak: said.weak ?? state.isWeak(lot, atMs),
      ...(need === 'nothing' ? {} : { need }),
    },
    { ...system, ...tank, systemState: state.systemStateOf(tank.system), suspect: state.isSuspect(tank.system, atMs) },
    {
      residents: state.occupants(tank.id).map(known),
      coming: coming.filter((party) => party.lot !== lot).map(known),
      meets:
        said.opening || (quarantineDone && tank.purpose === 'customer')
          ? undefined
          : meetingsOf({ lot, inQuarantine: !quarantineDone, tank, atMs }, state),
      rules: rules.places,
      now: atMs,
    },
  );
}

/** How many clear days each loses: clocks are read only where it is still to be asked. */
function withDays(reason: CompatibilityReason, { tank, atMs }: Placing, state: PlacementState): CompatibilityReason {
  const lots = [...new Set(state.tanksOn(tank.system).flatMap((id) => state.occupants(id).map(({ lot }) => lot)))];
  const clear = [...state.clocksOf(lots, atMs)].map(([lot, clock]) => ({ label: state.findLot(lot)?.label ?? lot, days: clock.clear }));
  if (clear.length === 0) return reason;
  const lost = clear.reduce((sum, { days }) => sum + days, 0);
  return { ...reason, facts: { ...reason.facts, lost, who: clear.map(({ label, days }) => `${label} (${days} clear days)`).join(', ') } };
}

/** Who of the system loses clear days by it. Of a tank whose system the lot lives on already nobody does. */
function meetingsOf(
  placing: { lot: string; inQuarantine: boolean; tank: TankFacts; atMs: number },
  state: PlacementState,
): ContactCosts | undefined {
  const living = state.tanksOn(placing.tank.system).flatMap((tank) =>
    state.occupants(tank).map(({ lot }) => ({
      lot,
      label: state.findLot(lot)?.label ?? lot,
      tank,
      system: placing.tank.system,
      inQuarantine: state.findOpenQuarantine(lot) !== undefined,
    })),
  );
  if (living.some(({ lot }) => lot === placing.lot)) return undefined;
  const who = whoRestarts({ lot: placing.lot, inQuarantine: placing.inQuarantine, fromSystem: '', toSystem: placing.tank.system }, living);
  return {
    restarted: [...new Map(who.restarted.map(({ lot, label }) => [lot, { lot, label }])).values()],
    exposed: [...new Set(who.exposed.map(({ label }) => label))],
    newcomerMeets: who.newcomerExposed,
  };
}
