// What a method does to the fish, in figures, and how each stands against what this class of fish bears. No hidden weights: each is figure over
// tolerance, and a method is as bad as its worst. What the bag brought is no method's fault, and no figure has a cliff.
import type { ToleranceClass } from '../species/index.ts';
import { dicWith, speciate, carbonateConstants, oxygenSolubility } from '../water/index.ts';
import type { Water } from './bag.ts';
import type { LotInput } from './input.ts';
import type { Simulation, Sample } from './simulate.ts';

export type Figures = {
  /** Mg/L N, highest until release. */
  nh3Peak: number;
  /** Mg·h/L above 0.02. */
  exposure: number;
  /** Mg/L. */
  lowestOxygen: number;
  highestCo2: number;
  /** Tank less vessel when the fish change over: °C, ppt, pH at room-air CO2, dGH (undefined when one is not known). */
  temperatureStep: number;
  salinityStep: number;
  settledStep: number;
  hardnessStep: number | undefined;
  /** Fastest change within any hour of their way, the release included: ppt up and down, °C. */
  salinityUpPerH: number;
  salinityDownPerH: number;
  temperaturePerH: number;
  /** The rest of the pH difference: carbon dioxide that goes. Its harm is the ammonia it frees, which has its own figures. */
  co2Rise: number;
  totalMinutes: number;
  tankWaterL: number;
};

export const STRESSES = [
  'temperature step',
  'temperature rate',
  'salinity step',
  'salinity rate',
  'settled pH step',
  'hardness step',
  'toxic ammonia peak',
  'toxic ammonia exposure',
  'lowest oxygen',
  'carbon dioxide',
] as const;
export type StressName = (typeof STRESSES)[number];
/** `figure` is what is said of it, signed where it has a direction; 1 = as much as they bear. */
export type Stress = { name: StressName; stress: number; figure: number; tolerance: number };

export type Tolerances = {
  /** °C within two minutes, and within an hour. */
  temperatureStep: number;
  temperaturePerH: number;
  /** Ppt within ten minutes. */
  salinityStepUp: number;
  salinityStepDown: number;
  salinityUpPerH: number;
  salinityDownPerH: number;
  settledStep: number;
  hardnessStep: number;
  nh3Peak: number;
  exposure: number;
  lowestOxygen: number;
  co2: number;
};

/** Judgement, no source: what each class bears. */
export const TOLERANCES: Readonly<Record<ToleranceClass, Tolerances>> = {
  delicate: {
    temperatureStep: 1,
    temperaturePerH: 5,
    salinityStepUp: 1,
    salinityStepDown: 3,
    salinityUpPerH: 2,
    salinityDownPerH: 4,
    settledStep: 0.5,
    hardnessStep: 4,
    nh3Peak: 0.1,
    exposure: 0.05,
    lowestOxygen: 5,
    co2: 30,
  },
  ordinary: {
    temperatureStep: 2,
    temperaturePerH: 8,
    salinityStepUp: 2,
    salinityStepDown: 6,
    salinityUpPerH: 4,
    salinityDownPerH: 8,
    settledStep: 0.8,
    hardnessStep: 8,
    nh3Peak: 0.2,
    exposure: 0.1,
    lowestOxygen: 4,
    co2: 60,
  },
  hardy: {
    temperatureStep: 3,
    temperaturePerH: 12,
    salinityStepUp: 3,
    salinityStepDown: 10,
    salinityUpPerH: 8,
    salinityDownPerH: 12,
    settledStep: 1.2,
    hardnessStep: 12,
    nh3Peak: 0.4,
    exposure: 0.3,
    lowestOxygen: 3,
    co2: 100,
  },
};

/** What a lot bears; invertebrates bear salinity down no better than up. */
export function tolerancesOf({ tolerance, invertebrate }: Pick<LotInput, 'tolerance' | 'invertebrate'>): Tolerances {
  const own = TOLERANCES[tolerance];
  return invertebrate ? { ...own, salinityStepDown: own.salinityStepUp, salinityDownPerH: own.salinityUpPerH } : own;
}

/** The pH (NBS) that a water would have with the CO2 of room air: a matter of alkalinity and salinity, not of what was breathed. */
export function settledPH(water: Pick<Water, 'temperature' | 'salinity' | 'alkalinity'>, pco2: number): number {
  const c = carbonateConstants(water);
  return speciate({ alkalinity: water.alkalinity, dic: dicWith({ alkalinity: water.alkalinity, pco2 }, c) }, c).nbs;
}

const HOUR_MIN = 60;
/** A change within so many minutes is a step: a ramp of four minutes is one too. */
const SALT_STEP_MIN = 10;
const WARMTH_STEP_MIN = 2;

/**
 * Largest rise and fall of a quantity within any span of so many minutes, linear between samples; `endingAfter` = only spans that end later than this
 * minute. Of a broken line the largest change begins or ends at a sample, so those are all that is looked at.
 */
export function fastest(
  samples: readonly Pick<Sample, 'minute'>[],
  valueAt: (index: number) => number,
  { within = HOUR_MIN, endingAfter = -Infinity }: { within?: number; endingAfter?: number } = {},
): { up: number; down: number } {
  const count = samples.length;
  const [minutes, values] = [new Float64Array(count), new Float64Array(count)];
  for (let index = 0; index < count; index += 1) {
    minutes[index] = samples[index]!.minute;
    values[index] = valueAt(index);
  }
  let [up, down] = [0, 0];
  const take = (change: number) => {
    if (change > up) up = change;
    else if (-change > down) down = -change;
  };
  // Value at a minute between sample `index` and the next.
  const between = (index: number, minute: number) => {
    const span = minutes[index + 1]! - minutes[index]!;
    return span > 0 ? values[index]! + ((values[index + 1]! - values[index]!) * (minute - minutes[index]!)) / span : values[index + 1]!;
  };
  let ahead = 0;
  for (let end = 0; end < count; end += 1) {
    const counts = minutes[end]! > endingAfter;
    let start = end;
    while (start > 0 && minutes[start - 1]! >= minutes[end]! - within) {
      start -= 1;
      if (counts) take(values[end]! - values[start]!);
    }
    if (counts && start > 0) take(values[end]! - between(start - 1, minutes[end]! - within));
    const until = minutes[end]! + within;
    while (ahead + 1 < count && minutes[ahead + 1]! <= until) ahead += 1;
    if (ahead + 1 < count && until > endingAfter) take(between(ahead, until) - values[end]!);
  }
  return { up, down };
}

/** Integral of what a quantity stands over zero, times hours, linear between samples. */
function hoursAbove(samples: readonly Sample[], over: (sample: Sample) => number): number {
  let sum = 0;
  for (let index = 1; index < samples.length; index += 1) {
    const [before, next] = [over(samples[index - 1]!), over(samples[index]!)];
    const hours = (samples[index]!.minute - samples[index - 1]!.minute) / HOUR_MIN;
    if (before <= 0 && next <= 0) continue;
    // Where it crosses zero only the part above counts.
    if (before >= 0 && next >= 0) sum += (hours * (before + next)) / 2;
    else sum += (hours * Math.max(before, next) ** 2) / (2 * Math.abs(next - before));
  }
  return sum;
}

export function figuresOf(simulation: Simulation, tank: Water, pco2: number): Figures {
  const inVessel = simulation.samples.filter(({ where }) => where !== 'tank');
  const { left } = simulation;
  const salinity = fastest(simulation.samples, (index) => simulation.samples[index]!.salinity);
  const warmth = fastest(simulation.samples, (index) => simulation.samples[index]!.temperature);
  const leftAt = inVessel.at(-1)!;
  const inTank = simulation.samples.at(-1)!;
  const settledStep = settledPH(tank, pco2) - settledPH(left, pco2);
  const hardnessStep = tank.hardness - left.hardness;
  return {
    nh3Peak: Math.max(...inVessel.map(({ nh3 }) => nh3)),
    exposure: simulation.exposure,
    lowestOxygen: Math.min(...inVessel.map(({ oxygen }) => oxygen)),
    highestCo2: Math.max(...inVessel.map(({ co2 }) => co2)),
    temperatureStep: tank.temperature - left.temperature,
    salinityStep: tank.salinity - left.salinity,
    settledStep,
    hardnessStep: Number.isNaN(hardnessStep) ? undefined : hardnessStep,
    salinityUpPerH: salinity.up,
    salinityDownPerH: salinity.down,
    temperaturePerH: Math.max(warmth.up, warmth.down),
    co2Rise: inTank.pH - leftAt.pH - settledStep,
    totalMinutes: simulation.releasedAtMinute,
    tankWaterL: simulation.tankWaterL,
  };
}

/** Carbon dioxide over what they bear counts by how long: so long at one tolerance above it. Oxygen below it likewise, at half of it. Hours. */
const BEARABLE_H = 0.5;

/** Each stress of a method. What stood already when the bag was taken in hand counts only by how long the method leaves the fish in it. */
export function stressesOf(simulation: Simulation, figures: Figures, tolerances: Tolerances): Stress[] {
  const { samples } = simulation;
  const inVessel = samples.filter(({ where }) => where !== 'tank');
  const start = samples[0]!;
  const salt = fastest(samples, (index) => samples[index]!.salinity, { within: SALT_STEP_MIN });
  const warmth = fastest(samples, (index) => samples[index]!.temperature, { within: WARMTH_STEP_MIN });
  const warmer = fastest(samples, (index) => samples[index]!.temperature);
  const oxygen = Math.max(
    ...inVessel.map((sample) => {
      const saturation = oxygenSolubility(sample);
      return (Math.min(start.oxygen, saturation) - sample.oxygen) / Math.max(1, saturation - tolerances.lowestOxygen);
    }),
    hoursAbove(inVessel, (sample) => tolerances.lowestOxygen - sample.oxygen) / (BEARABLE_H * (tolerances.lowestOxygen / 2)),
    0,
  );
  const stressOf = (name: StressName, figure: number, tolerance: number, stress = Math.abs(figure) / tolerance): Stress => ({
    name,
    figure,
    tolerance,
    stress,
  });
  const { hardnessStep, nh3Peak } = figures;
  const { temperatureStep, temperaturePerH, lowestOxygen, co2 } = tolerances;
  return [
    worseWay('temperature step', warmth, { up: temperatureStep, down: temperatureStep }),
    worseWay('temperature rate', warmer, { up: temperaturePerH, down: temperaturePerH }),
    worseWay('salinity step', salt, { up: tolerances.salinityStepUp, down: tolerances.salinityStepDown }),
    worseWay(
      'salinity rate',
      { up: figures.salinityUpPerH, down: figures.salinityDownPerH },
      { up: tolerances.salinityUpPerH, down: tolerances.salinityDownPerH },
    ),
    stressOf('settled pH step', figures.settledStep, tolerances.settledStep),
    ...(hardnessStep === undefined ? [] : [stressOf('hardness step', hardnessStep, tolerances.hardnessStep)]),
    stressOf('toxic ammonia peak', nh3Peak, tolerances.nh3Peak, Math.max(0, nh3Peak - start.nh3) / tolerances.nh3Peak),
    stressOf('toxic ammonia exposure', figures.exposure, tolerances.exposure),
    stressOf('lowest oxygen', figures.lowestOxygen, lowestOxygen, oxygen),
    stressOf('carbon dioxide', figures.highestCo2, co2, hoursAbove(inVessel, (sample) => sample.co2 - co2) / (BEARABLE_H * co2)),
  ];
}

/** Up and down are borne differently: the worse of the two, with its sign. */
function worseWay(name: StressName, change: { up: number; down: number }, tolerance: { up: number; down: number }): Stress {
  const [up, down] = [change.up / tolerance.up, change.down / tolerance.down];
  return up >= down
    ? { name, figure: change.up, tolerance: tolerance.up, stress: up }
    : { name, figure: -change.down, tolerance: tolerance.down, stress: down };
}

/** The stress that a method is judged by, and the second worst. */
export function worstOf(stresses: readonly Stress[]): Stress {
  return stresses.reduce((worst, stress) => (stress.stress > worst.stress ? stress : worst));
}
export const secondWorst = (stresses: readonly Stress[]): number => stresses.map(({ stress }) => stress).sort((a, b) => b - a)[1] ?? 0;
