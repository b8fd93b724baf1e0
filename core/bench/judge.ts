// Steps over tolerance and methods over tolerance as refusals, asked of the house's present state: wherever fish change water, by the same rule.
import { refuse, type Refusal } from '../journal/index.ts';
import { STARTING_AMBIENT, type AmbientConditions } from './ambient.ts';
import { calculateOne } from './compare.ts';
import type { MethodChosen } from './entries.ts';
import { inputOf, toleranceOf, type KnownTank } from './facts.ts';
import type { Stress } from './figures.ts';
import { USUAL_WATER, type LotInput } from './input.ts';
import { bagStepsOver, exactly, stepsOver, type Change, type StepOver } from './release.ts';
import type { BenchState, Chosen, StepState } from './state.ts';

const CODES = {
  salinity: 'release.salinity',
  temperature: 'release.temperature',
  'settled pH': 'release.settledPH',
} as const satisfies Record<StepOver['name'], string>;

/** A lead may pass over each; where none can be reached, or hands have done it already, a keeper says so and the lead is called. */
function asRefusals(over: readonly StepOver[], where: { path: string; code: string }): Refusal[] {
  return over.map(({ name, step, tolerance, open }) => ({
    code: CODES[name],
    path: where.path,
    facts: { step, tolerance, open, tank: where.code },
    overrule: 'lead' as const,
    emergency: true as const,
  }));
}

const ambientOf = (state: StepState): AmbientConditions => state.findRules()?.ambient ?? STARTING_AMBIENT;

/** Fish of a bag, let into a tank now. */
export function refuseBagSteps(
  begun: { bag: string; float?: string; tank: string; code: string; now: number },
  state: BenchState,
): Refusal[] {
  const [bag, tank] = [state.findKnownBag(begun.bag), state.findKnownTank(begun.tank)];
  if (!bag || !tank) return [];
  const floated = begun.float === undefined ? undefined : state.findFloated(begun.float);
  return asRefusals(bagStepsOver({ bag, tank, ambient: ambientOf(state), floated, now: begun.now }), { path: 'tank', code: begun.code });
}

/** What these fish bear, by what is known of their species. */
function toleranceOfSpecies(lot: string, state: StepState): Pick<LotInput, 'tolerance' | 'invertebrate'> {
  const { species: named, sure } = state.findLot(lot) ?? {};
  const species = named === undefined ? undefined : state.findSpecies(named);
  return { tolerance: toleranceOf(species, sure === 'guess'), invertebrate: species !== undefined && species.is !== 'fish' };
}

/** A tank's water as it was read last, else as it is set; what is stated of a tank of ours is not open. */
function changeOf({ type, salinityPpt, temperatureC, readings }: KnownTank): Change {
  return {
    salinity: exactly(readings.salinity?.value ?? salinityPpt),
    temperature: exactly(readings.temperature?.value ?? temperatureC),
    alkalinity: readings.alkalinity?.value ?? USUAL_WATER[type].alkalinity,
  };
}

/** Fish of a lot out of one system of the house, a tank's or a vessel's as it is believed now, into a tank on another. */
export function refuseSteps(
  steps: { lot: string; from: { tank: string } | { water: Change }; into: { id: string; code: string }; path: string },
  state: StepState,
): Refusal[] {
  const tank = state.findKnownTank(steps.into.id);
  const left = 'tank' in steps.from ? state.findKnownTank(steps.from.tank) : undefined;
  const from = 'water' in steps.from ? steps.from.water : left && changeOf(left);
  if (!tank || !from) return [];
  const over = stepsOver(from, changeOf(tank), { lot: toleranceOfSpecies(steps.lot, state), pco2: ambientOf(state).pco2 });
  return asRefusals(over, { path: steps.path, code: steps.into.code });
}

/** Salinity and temperature of what is poured in, as far as they are known. */
export type Poured = { salinityPpt?: number; temperatureC?: number };
/** Water that nobody read may be so much colder than the tank, °C. */
export const UNREAD_COLDER_C = 5;

/** A share of a tank's water changed at once for another: what those that live in it go through. What is not known of the other changes nothing here. */
export function refuseMix(
  mixing: { lot: string; into: { id: string; code: string }; share: number; with: { tank: string } | Poured; path: string },
  state: StepState,
): Refusal[] {
  const tank = state.findKnownTank(mixing.into.id);
  if (!tank) return [];
  const now = changeOf(tank);
  const source = 'tank' in mixing.with ? state.findKnownTank(mixing.with.tank) : undefined;
  const otherChange = source ? changeOf(source) : pouredOver(now, mixing.with as Poured);
  const mix = (start: number, end: number) => start + mixing.share * (end - start);
  const mixed: Change = {
    salinity: exactly(mix(now.salinity.value, otherChange.salinity.value)),
    temperature: exactly(mix(now.temperature.value, otherChange.temperature.value)),
    alkalinity: mix(now.alkalinity, otherChange.alkalinity),
  };
  const over = stepsOver(now, mixed, { lot: toleranceOfSpecies(mixing.lot, state), pco2: ambientOf(state).pco2 });
  return asRefusals(over, { path: mixing.path, code: mixing.into.code }).map((refusal) => ({
    ...refusal,
    facts: { ...refusal.facts, change: true },
  }));
}

const pouredOver = (now: Change, { salinityPpt, temperatureC }: Poured): Change => ({
  salinity: salinityPpt === undefined ? now.salinity : exactly(salinityPpt),
  temperature: temperatureC === undefined ? now.temperature : exactly(temperatureC),
  alkalinity: now.alkalinity,
});

type Judged = { method: string; path: string; unmeasured?: string; limiting?: Stress };
/** More than they bear by so much is the same as what a lead took: a bag ages while hands make ready. */
const SAME_AS_TAKEN = 1.25;

/** What stands against a method or a plan: a water that nobody knows comes before every figure calculated from it. */
function againstIt({ method, path, unmeasured, limiting }: Judged): Refusal[] {
  if (unmeasured !== undefined) return refuse('method.notMeasured', path, { method, bag: unmeasured }, 'lead');
  // What cannot be computed is not fine.
  if (limiting === undefined) return refuse('method.notComputed', path, { method }, 'lead');
  return limiting.stress <= 1
    ? []
    : refuse('method.overTolerance', path, { method, limiting: limiting.name, times: limiting.stress }, 'lead');
}

/**
 * The same of a plan about to be begun, without what a lead passed over when this method was chosen for each of these bags and this tank, unless it grew. What hands
 * have poured is true: a keeper says so, and the lead is called.
 */
export function refusePlanned({ tank, chosen, ...judged }: Judged & { tank: string; chosen: readonly (Chosen | undefined)[] }): Refusal[] {
  const taken = (code: string, times: number) =>
    chosen.every(
      (change) =>
        change?.method === judged.method &&
        change.tank === tank &&
        change.passed.some((refusal) => refusal.code === code && times <= (refusal.size ?? 0) * SAME_AS_TAKEN),
    );
  return againstIt(judged)
    .filter(({ code, facts }) => !taken(code, code === 'method.overTolerance' ? Number(facts.times) : 0))
    .map((refusal) => ({ ...refusal, emergency: true }));
}

/** A method for a bag whose water nobody knows, or one that these fish do not bear. Calculated here: what a client says of it counts for nothing. */
export function refuseMethod({ bag: id, method, compared }: MethodChosen, now: number, state: BenchState): Refusal[] {
  const tankId = state.findBag(id)?.assignment?.tank;
  const [bag, tank] = [state.findKnownBag(id), tankId === undefined ? undefined : state.findKnownTank(tankId)];
  if (!bag || !tank) return [];
  const { input, measureFirst } = inputOf({ bag, tank, now, ambient: ambientOf(state), ...compared });
  const unmeasured = measureFirst.length > 0 ? state.findBag(id)!.label : undefined;
  return againstIt({ method, path: 'method', unmeasured, limiting: unmeasured === undefined ? calculateOne(input, method) : undefined });
}
