// Before fish change water: the step that they would take, against what they bear. The same for a bag, a vessel, a move between systems. What nobody
// measured counts as the worse end of what it may be, in salinity and temperature; settled pH by its estimate.
import { MINUTE_MS } from '../time/index.ts';
import { dicWith, speciate, carbonateConstants, floatTau } from '../water/index.ts';
import type { AmbientConditions } from './ambient.ts';
import { factsOf, lotOf, type Fact, type FactOf, type KnownBag, type KnownTank } from './facts.ts';
import { tolerancesOf } from './figures.ts';
import type { LotInput } from './input.ts';

/** A value that is known within something; `open` = nobody measured or stated it. */
export type Within = { value: number; low: number; high: number; open: boolean };
/** Alkalinity in meq/L. */
export type Change = { salinity: Within; temperature: Within; alkalinity: number };
export const exactly = (value: number): Within => ({ value, low: value, high: value, open: false });

export type StepName = 'salinity' | 'temperature' | 'settled pH';
/** `step` is signed, towards the tank; `open` = by the worse end of what nobody measured. */
export type StepOver = { name: StepName; step: number; tolerance: number; open: boolean };

const settledIn = (water: { salinity: number; temperature: number; alkalinity: number }, pco2: number): number => {
  const c = carbonateConstants(water);
  return speciate({ alkalinity: water.alkalinity, dic: dicWith({ alkalinity: water.alkalinity, pco2 }, c) }, c).nbs;
};

/** Below this a step over tolerance is a matter of the last digit. */
const ROUNDING = 1e-6;

/** Every step over tolerance that these fish would take from the one water into the other; empty = none. °C, ppt, pH at room-air CO2. */
export function stepsOver(
  from: Change,
  to: Change,
  { lot, pco2 }: { lot: Pick<LotInput, 'tolerance' | 'invertebrate'>; pco2: number },
): StepOver[] {
  const tolerances = tolerancesOf(lot);
  const over: StepOver[] = [];
  const judge = (name: StepName, [low, high]: readonly [Within, Within], limits: { up: number; down: number }) => {
    const ends = [high.high - low.low, high.low - low.high, high.value - low.value];
    const share = (step: number) => (step >= 0 ? step / limits.up : -step / limits.down);
    const worst = ends.reduce((most, step) => (share(step) > share(most) ? step : most));
    if (share(worst) > 1 + ROUNDING)
      over.push({ name, step: worst, tolerance: worst >= 0 ? limits.up : limits.down, open: low.open || high.open });
  };
  judge('salinity', [from.salinity, to.salinity], { up: tolerances.salinityStepUp, down: tolerances.salinityStepDown });
  judge('temperature', [from.temperature, to.temperature], { up: tolerances.temperatureStep, down: tolerances.temperatureStep });
  const settled = ({ salinity, temperature, alkalinity }: Change) =>
    exactly(settledIn({ salinity: salinity.value, temperature: temperature.value, alkalinity }, pco2));
  judge('settled pH', [settled(from), settled(to)], { up: tolerances.settledStep, down: tolerances.settledStep });
  return over;
}

/** A fact as it is judged at a release: what was measured or stated by its value, what nobody knows by its band. */
export function withinOf(fact: Fact): Within {
  const value = fact.value!;
  const surface = fact.method === 'on the bag';
  // The air of a box is not the water of a bag.
  const open = fact.source === 'estimated' || fact.source === 'its box' || fact.source === 'not known';
  return open || surface ? { value, low: fact.low ?? value, high: fact.high ?? value, open } : exactly(value);
}

export type Floated = { startedAtMs: number; bagC: number; onSkin: boolean; tankC: number; waterL: number };
const SKIN_BAND = 2;

/** The temperature of a bag that has been afloat until now; one read on its skin may have begun 2 °C off. */
export function floatedTo({ startedAtMs, bagC, onSkin, tankC, waterL }: Floated, now: number): Within {
  const minutes = Math.max(0, now - startedAtMs) / MINUTE_MS;
  const left = Math.exp(-minutes / floatTau(waterL));
  const value = tankC + (bagC - tankC) * left;
  const band = onSkin ? SKIN_BAND * left : 0;
  return { value, low: value - band, high: value + band, open: false };
}

/** What stands against netting the fish of a bag into its tank now: each step over tolerance. */
export function bagStepsOver(float: {
  bag: KnownBag;
  tank: KnownTank;
  ambient: AmbientConditions;
  floated?: Floated;
  now: number;
}): StepOver[] {
  const facts = factsOf(float.bag, float.tank, float.ambient);
  const fact = (name: FactOf) => facts.find((fact) => fact.of === name)!;
  const side = (where: 'bag' | 'tank'): Change => ({
    salinity: withinOf(fact(`${where}.salinity`)),
    temperature: withinOf(fact(`${where}.temperature`)),
    alkalinity: fact(`${where}.alkalinity`).value!,
  });
  const bag = side('bag');
  const from = float.floated ? { ...bag, temperature: floatedTo(float.floated, float.now) } : bag;
  return stepsOver(from, side('tank'), { lot: lotOf(float.bag), pco2: float.ambient.pco2 });
}
