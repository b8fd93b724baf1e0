// What a method does to the fish, in figures, and how each stands against what this class of fish bears. No hidden weights:
// strain = figure / tolerance (lowest oxygen: tolerance / figure), and a method is as bad as its worst.
import { carbonateConstants, dicWith, speciate } from '../water/carbonate.ts';
import type { Water } from './bag.ts';
import type { LotInput, ToleranceClass } from './input.ts';
import type { Run, Sample } from './simulate.ts';

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
  /** Fastest change over any hour in the vessel: ppt up and down, °C. */
  salinityUpPerH: number;
  salinityDownPerH: number;
  temperaturePerH: number;
  /** The rest of the pH difference: carbon dioxide that goes. Its harm is the ammonia it frees, which has its own figures. */
  co2Rise: number;
  totalMinutes: number;
  tankWaterL: number;
};

export const STRAINS = [
  'temperature step',
  'salinity step',
  'salinity rate',
  'settled pH step',
  'hardness step',
  'toxic ammonia peak',
  'toxic ammonia exposure',
  'lowest oxygen',
  'carbon dioxide',
] as const;
export type StrainName = (typeof STRAINS)[number];
/** `given` = the bag brought it: no method could change it, so it ranks none. */
export type Strain = { name: StrainName; strain: number; figure: number; tolerance: number; given: boolean };

export type Tolerances = {
  temperatureStep: number;
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

/** Largest rise and fall of a quantity over any hour of the samples, linear between them; `endingAfter` = only hours that end later than this minute. */
export function fastest(
  samples: readonly Sample[],
  of: (sample: Sample) => number,
  { endingAfter = -Infinity } = {},
): { up: number; down: number } {
  let [up, down] = [0, 0];
  let from = 0;
  const at = (minute: number): number => {
    while (from + 1 < samples.length && samples[from + 1]!.minute <= minute) from += 1;
    const [one, next] = [samples[from]!, samples[from + 1]];
    if (!next || next.minute === one.minute) return of(one);
    return of(one) + ((of(next) - of(one)) * (minute - one.minute)) / (next.minute - one.minute);
  };
  for (const sample of samples) {
    const change = of(sample) - at(Math.max(samples[0]!.minute, sample.minute - 60));
    if (sample.minute <= endingAfter) continue;
    up = Math.max(up, change);
    down = Math.max(down, -change);
  }
  return { up, down };
}

export function figuresOf(run: Run, tank: Water, pco2: number): Figures {
  const inVessel = run.samples.filter(({ where }) => where !== 'tank');
  const { left } = run;
  const salinity = fastest(inVessel, (sample) => sample.salinity);
  const warmth = fastest(inVessel, (sample) => sample.temperature);
  const leftAt = inVessel.at(-1)!;
  const inTank = run.samples.at(-1)!;
  const settledStep = settledPH(tank, pco2) - settledPH(left, pco2);
  const hardnessStep = tank.hardness - left.hardness;
  return {
    nh3Peak: Math.max(...inVessel.map(({ nh3 }) => nh3)),
    exposure: run.exposure,
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
    totalMinutes: run.releasedAtMinute,
    tankWaterL: run.tankWaterL,
  };
}

/** Lowest that oxygen is taken for when it is all gone, mg/L, so that the strain stays a number. */
const LEAST_OXYGEN = 0.1;
const SAME = 1e-6;
/** Carbon dioxide that ends within a tenth of where it stood is what the bag brought, not what the method did. */
const BROUGHT_CO2 = 0.1;

/** Each strain of a method. What stood at its worst already when the bag was taken in hand is marked given. */
export function strainsOf(figures: Figures, start: Sample, bears: Tolerances): Strain[] {
  const { salinityStep, hardnessStep, lowestOxygen } = figures;
  const up = salinityStep >= 0;
  const stepBears = up ? bears.salinityStepUp : bears.salinityStepDown;
  const upRate = figures.salinityUpPerH / bears.salinityUpPerH;
  const downRate = figures.salinityDownPerH / bears.salinityDownPerH;
  const one = (name: StrainName, figure: number, tolerance: number, given = false): Strain => ({
    name,
    figure,
    tolerance,
    strain: Math.abs(figure) / tolerance,
    given,
  });
  return [
    one('temperature step', figures.temperatureStep, bears.temperatureStep),
    one('salinity step', salinityStep, stepBears),
    upRate >= downRate
      ? one('salinity rate', figures.salinityUpPerH, bears.salinityUpPerH)
      : one('salinity rate', -figures.salinityDownPerH, bears.salinityDownPerH),
    one('settled pH step', figures.settledStep, bears.settledStep),
    ...(hardnessStep === undefined ? [] : [one('hardness step', hardnessStep, bears.hardnessStep)]),
    one('toxic ammonia peak', figures.nh3Peak, bears.nh3Peak, figures.nh3Peak <= start.nh3 * (1 + SAME)),
    one('toxic ammonia exposure', figures.exposure, bears.exposure),
    {
      name: 'lowest oxygen',
      figure: lowestOxygen,
      tolerance: bears.lowestOxygen,
      strain: bears.lowestOxygen / Math.max(LEAST_OXYGEN, lowestOxygen),
      given: lowestOxygen >= start.oxygen * (1 - SAME),
    },
    one('carbon dioxide', figures.highestCo2, bears.co2, figures.highestCo2 <= start.co2 * (1 + BROUGHT_CO2)),
  ];
}

/** The strain that a method is judged by; undefined for one that strains nothing. */
export function worstOf(strains: readonly Strain[]): Strain {
  return strains.filter(({ given }) => !given).reduce((worst, one) => (one.strain > worst.strain ? one : worst));
}
