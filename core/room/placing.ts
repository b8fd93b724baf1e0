// The fit of a lot and a tank as refusals, asked of the house's present state. A lead may pass over each with a reason.
import { refuse, type Refusal } from '../journal/refusal.ts';
import type { Context } from '../journal/rule.ts';
import type { HouseState } from '../journal/state.ts';
import type { TankFacts } from './entries.ts';
import { fit, type FitReason } from './fit.ts';

export function refuseUnfit(
  placing: { lot: string; n?: number; tank: TankFacts; path: string; passed?: readonly string[] },
  { state }: Context,
): Refusal[] {
  if (placing.tank.retired) return refuse('tank.retired', placing.path, { code: placing.tank.code });
  return fitOf(placing, state)
    .filter(({ code }) => !placing.passed?.includes(code))
    .flatMap(({ code, facts }) => refuse(code, placing.path, { ...facts, tank: placing.tank.code }, 'lead'));
}

function fitOf({ lot, n = 1, tank }: { lot: string; n?: number; tank: TankFacts }, state: HouseState): FitReason[] {
  const facts = state.findLot(lot);
  const water = state.findWater(tank.water);
  if (!facts || !water) throw new Error(`lot ${lot} or water ${tank.water} vanished between checks`);
  const species = facts.species ? state.findSpecies(facts.species) : undefined;
  // Some of it lives in a tank and no hold is open: the hold is over, or was before the books began.
  const holdDone = state.isInTank(lot) && !state.findOpenHold(lot);
  const residents = state.occupants(tank.id).map((occupant) => {
    const other = state.findLot(occupant.lot);
    return { lot: occupant.lot, sizeCm: other?.sizeCm, species: other?.species ? state.findSpecies(other.species) : undefined };
  });
  return fit({ lot, n, species, sizeCm: facts.sizeCm, holdDone }, { ...tank, ...water }, residents);
}
