// A vessel's plan asked of the house before anything is poured: what it does to these fish by what the house knows of their water. What the client calculated
// from counts for nothing, and neither does a method chosen while another tank was meant.
import {
  STARTING_AMBIENT,
  stressOfPlan,
  inputOf,
  outOfTank,
  ownWater,
  refusePlanned,
  unlikeTheirs,
  recipesFor,
  type Step,
  STARTING_CONTROLS,
  type BagInput,
} from '../bench/index.ts';
import { refuse, type Refusal } from '../journal/index.ts';
import { againstBathWater } from './bath.ts';
import { pooledBag } from './begin.ts';
import type { RunStarted } from './entries.ts';
import type { RunState } from './state.ts';

type FromHere = { label: string; place: string } & ReturnType<typeof inputOf>;
/** What the house knows of the water that each of them comes from. */
function systemsOf(start: RunStarted, now: number, state: RunState): FromHere[] {
  const tank = state.findKnownTank(start.tank);
  if (!tank) return [];
  const ambient = state.findRules()?.ambient ?? STARTING_AMBIENT;
  const { opening: standing, fed } = start.start;
  return start.from.flatMap(({ place, n }): FromHere[] => {
    const bag = state.findKnownBag(place);
    if (bag) return [{ place, label: state.findBag(place)!.label, ...inputOf({ bag, tank, now, ambient, fed, opening: standing }) }];
    const [left, facts, lot] = [state.findKnownTank(place), state.findTank(place), state.findLot(start.lot)];
    if (!left || !facts || !lot) return [];
    const kind = lot.species === undefined ? undefined : state.findSpecies(lot.species);
    const housed = outOfTank({ tank: left, waterL: start.start.waterL / start.from.length, now, n, sizeCm: lot.sizeCm, kind });
    return [{ place, label: facts.code, ...inputOf({ bag: housed, tank, now, ambient, fed, opening: { is: 'tub' } }) }];
  });
}

/** In a bath nothing is poured: fish stand in it, aired. */
const IN_A_BATH: ReadonlySet<Step['do']> = new Set(['air', 'wait']);
/** Nearer than this to what the house believes it is the same water, rounded on its way. */
const SAME = { salinity: 0.5, temperature: 1 } as const;
type Systems = { bag: Pick<BagInput, 'salinity' | 'temperature'>; tank: Pick<BagInput, 'salinity' | 'temperature'> };

/** By what it begins from its release is judged: a sender whose page is old, or who makes it up, restarts from what the house knows. */
function againstOther({ start, water }: RunStarted, known: Systems): Refusal[] {
  const differs = (from: Systems['bag'], into: Systems['bag'], quantity: 'salinity' | 'temperature') =>
    Math.abs(from[quantity] - into[quantity]) > SAME[quantity];
  return (['salinity', 'temperature'] as const).flatMap((quantity) =>
    differs(start, known.bag, quantity)
      ? refuse('acclimation.otherStart', `start.${quantity}`, { quantity, given: start[quantity], known: known.bag[quantity] })
      : differs(water, known.tank, quantity)
        ? refuse('acclimation.otherStart', `water.${quantity}`, { quantity, given: water[quantity], known: known.tank[quantity] })
        : [],
  );
}

/** Fish of a bag by the rule of clean water: how warm it was packed, or read long ago, says nothing of now. Those of a tank by their tank. */
function againstBathOf(
  bath: NonNullable<RunStarted['bath']>,
  { place, label, facts }: FromHere,
  { now, state }: { now: number; state: RunState },
) {
  const known = state.findKnownBag(place);
  if (!known) return againstBathWater(bath, facts);
  const { roomC } = state.findRules()?.ambient ?? STARTING_AMBIENT;
  const float = state.findBag(place)?.float;
  const own = ownWater(known, { roomC, now, floated: float && state.findFloated(float.id) });
  const { temperature, salinity } = bath.matched;
  const unlike = unlikeTheirs(own, { temperature: temperature.bath, salinity: salinity.bath });
  if (!unlike) return [];
  return 'unknown' in unlike
    ? refuse('cleanWater.notKnown', 'bath.matched', { bag: label, what: unlike.unknown }, 'lead')
    : refuse('bath.notMatched', 'bath.matched', unlike, 'lead');
}

/**
 * Why a keeper may not begin it: a water that nobody knows, or more than these fish bear. A lead may; where none can be reached, or hands have poured them
 * already, a keeper says so and the lead is called. What a lead passed over when the method was chosen for this bag and this tank is not asked again unless it
 * grew.
 */
export function refusePlan(start: RunStarted, now: number, state: RunState): Refusal[] {
  const waters = systemsOf(start, now, state);
  const [first] = waters;
  if (!first) return [];
  const plan = { method: start.method, path: 'method', tank: start.tank, chosen: waters.map(({ place }) => state.findChosen(place)) };
  const unknown = waters.find(({ measureFirst }) => measureFirst.length > 0);
  if (unknown) return refusePlanned({ ...plan, unmeasured: unknown.label });
  if (start.bath) {
    const { temperature, salinity } = start.bath.matched;
    return [
      ...againstOther(start, { bag: { temperature: temperature.bath, salinity: salinity.bath }, tank: first.input.tank }),
      ...(start.plan.every(({ do: does }) => IN_A_BATH.has(does)) ? [] : refuse('bath.noBath', 'plan')),
      ...waters.flatMap((water) => againstBathOf(start.bath!, water, { now, state })),
    ];
  }
  const lot = { ...first.input.lot, n: start.from.reduce((sum, { n }) => sum + n, 0), bags: 1 };
  const bag = pooledBag(waters.map(({ input }) => input.bag));
  const refused = againstOther(start, { bag, tank: first.input.tank });
  if (refused.length > 0) return refused;
  // Only this method changes the tank first.
  const water =
    start.method === 'match, float, net'
      ? recipesFor({ bag, tank: first.input.tank, lot, controls: STARTING_CONTROLS }).find((recipe) => recipe.method === start.method)!.tank
      : first.input.tank;
  return refusePlanned({ ...plan, limiting: stressOfPlan({ bag, tank: water, lot }, start.plan) });
}
