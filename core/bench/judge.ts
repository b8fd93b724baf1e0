// Steps over tolerance and methods over tolerance as refusals, asked of the house's present state: wherever fish change water, by the same rule.
import { refuse, type Refusal } from '../journal/refusal.ts';
import type { HouseState } from '../journal/state.ts';
import { STARTING_AROUND, type Around } from './around.ts';
import { reckonOne } from './compare.ts';
import type { MethodChosen } from './entries.ts';
import { inputOf, toleranceOf, type KnownTank } from './facts.ts';
import { USUAL_WATER, type LotInput } from './input.ts';
import { bagStepsOver, exactly, stepsOver, type Change, type StepOver } from './release.ts';

const CODES = {
  salinity: 'release.salinity',
  temperature: 'release.temperature',
  'settled pH': 'release.settledPH',
} as const satisfies Record<StepOver['name'], string>;

/** A lead may pass over each; where none can be reached, or hands have done it already, a keeper says so and the lead is called. */
function asRefusals(over: readonly StepOver[], at: { path: string; code: string }): Refusal[] {
  return over.map(({ name, step, tolerance, open }) => ({
    code: CODES[name],
    path: at.path,
    facts: { step, tolerance, open, tank: at.code },
    overrule: 'lead' as const,
    emergency: true as const,
  }));
}

const aroundOf = (state: HouseState): Around => state.findRules()?.around ?? STARTING_AROUND;

/** Fish of a bag, let into a tank now. */
export function refuseBagSteps(of: { bag: string; run?: string; tank: string; code: string; now: number }, state: HouseState): Refusal[] {
  const [bag, tank] = [state.findKnownBag(of.bag), state.findKnownTank(of.tank)];
  if (!bag || !tank) return [];
  const floated = of.run === undefined ? undefined : state.findFloated(of.run);
  return asRefusals(bagStepsOver({ bag, tank, around: aroundOf(state), floated, now: of.now }), { path: 'tank', code: of.code });
}

/** What these fish bear, by what is known of their species. */
function bearsOf(lot: string, state: HouseState): Pick<LotInput, 'tolerance' | 'invertebrate'> {
  const named = state.findLot(lot)?.species;
  const species = named === undefined ? undefined : state.findSpecies(named);
  return { tolerance: toleranceOf(species), invertebrate: species !== undefined && species.is !== 'fish' };
}

/** A tank's water as it was read last, else as it is set; what is stated of a tank of ours is not open. */
function changeOf({ type, salinityPpt, temperatureC, readings }: KnownTank): Change {
  return {
    salinity: exactly(readings.salinity?.value ?? salinityPpt),
    temperature: exactly(readings.temperature?.value ?? temperatureC),
    alkalinity: readings.alkalinity?.value ?? USUAL_WATER[type].alkalinity,
  };
}

/** Fish of a lot out of one water of the house, a tank's or a vessel's as it is believed now, into a tank on another. */
export function refuseSteps(
  of: { lot: string; from: { tank: string } | { water: Change }; into: { id: string; code: string }; path: string },
  state: HouseState,
): Refusal[] {
  const tank = state.findKnownTank(of.into.id);
  const left = 'tank' in of.from ? state.findKnownTank(of.from.tank) : undefined;
  const from = 'water' in of.from ? of.from.water : left && changeOf(left);
  if (!tank || !from) return [];
  const over = stepsOver(from, changeOf(tank), { lot: bearsOf(of.lot, state), pco2: aroundOf(state).pco2 });
  return asRefusals(over, { path: of.path, code: of.into.code });
}

/** A method for a bag whose water nobody knows, or one that these fish do not bear. Reckoned here: what a client says of it counts for nothing. */
export function refuseMethod({ bag: id, method, compared }: MethodChosen, now: number, state: HouseState): Refusal[] {
  const tankId = state.findBag(id)?.assignment?.tank;
  const [bag, tank] = [state.findKnownBag(id), tankId === undefined ? undefined : state.findKnownTank(tankId)];
  if (!bag || !tank) return [];
  const { input, measureFirst } = inputOf({ bag, tank, now, around: aroundOf(state), ...compared });
  if (measureFirst.length > 0) return refuse('method.notMeasured', 'method', { method, bag: state.findBag(id)!.label }, 'lead');
  const limiting = reckonOne(input, method);
  return limiting === undefined || limiting.strain <= 1
    ? []
    : refuse('method.overTolerance', 'method', { method, limiting: limiting.name, times: limiting.strain }, 'lead');
}
