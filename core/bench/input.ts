// What the bench computes from: a bag as it is now, the tank its fish are to live in, the lot in it. SI throughout (°C, L, ppt,
// meq/L, mg/L as nitrogen, dGH, hours).
import type { Range, ToleranceClass, WaterType } from '../species/index.ts';
import type { AirLevel } from './air.ts';
import type { AmbientConditions } from './ambient.ts';

/** `closed` until now; `opened` so long ago and kept since; `tub` = came in an open tub: the carbon dioxide is gone. */
export type BagOpening = { is: 'closed' } | { is: 'opened'; hours: number } | { is: 'tub' };

export type BagInput = {
  waterL: number;
  gasL: number;
  gas: 'oxygen' | 'air';
  temperature: number;
  salinity: number;
  /** Of the water it was packed in, meq/L. */
  alkalinity: number;
  /** Not judged when left out. */
  hardness?: number;
  /** From packing until now, or until it was opened. */
  closedHours: number;
  opening: BagOpening;
  /** Foul water or a dead fish: the estimate of ammonia is a lower bound. */
  foul: boolean;
  /** Quarantines air, no oxygen, and would sink: it is not floated. */
  soft: boolean;
  /** Fed within a day before packing. */
  fed: boolean;
  /** Measured in the bag, NBS scale; then the estimate is not asked. */
  pH?: number;
  /** Total ammonia measured in the bag, mg/L N. */
  tan?: number;
  /** Measured, mg/L. */
  oxygen?: number;
};

export type TankInput = {
  /** All its water, with what shares its sump. */
  volumeL: number;
  temperature: number;
  salinity: number;
  alkalinity: number;
  /** As it stands, NBS scale: the tank breathes room air unless a reading says otherwise. */
  pH?: number;
  hardness?: number;
} & AmbientConditions;

export type LotInput = {
  /** Heads in this bag. */
  n: number;
  lengthCm: number;
  /** W = a·L^b, g and cm. */
  massA: number;
  massB: number;
  tolerance: ToleranceClass;
  /** What it lives at, °C; not known when left out. */
  temperatureC?: Range;
  invertebrate: boolean;
  /** Tolerates any salinity between fresh and sea water when it is brought there slowly. */
  euryhaline: boolean;
  /** Bags of the same lot that could be poured together, this one counted. */
  bags: number;
};

/** What hands can still change. Minutes, L, mL/min. */
export type Controls = {
  air: AirLevel;
  ammoniaBinder: boolean;
  /** Float the closed bag first in the methods that pour it out. */
  floatFirst: boolean;
  floatWithinC: number;
  bucketL: number;
  dripMinutes: number;
  /** Left out: as much as brings the bucket three quarters of the way in the time. */
  dripMLPerMin?: number;
  siphonMinutes: number;
  siphonMLPerMin: number;
  /** Pour the bag water off down to this before dripping. */
  pourOffToL?: number;
  conversionHours: number;
};

export const STARTING_CONTROLS: Controls = {
  air: 'none',
  ammoniaBinder: false,
  floatFirst: true,
  floatWithinC: 0.5,
  bucketL: 10,
  dripMinutes: 60,
  siphonMinutes: 30,
  siphonMLPerMin: 250,
  conversionHours: 24,
};

/** What only judgement or chance sets; a draw varies them, 1 is the best guess. */
export type Perturbation = {
  /** Breathing in transit against the book. */
  metabolism: number;
  /** Gas exchange of open water. */
  exchange: number;
  /** Thermal time constants. */
  tau: number;
  /** Flow of an airline that nobody caught in a measure. */
  flow: number;
  /** Ammonia for the oxygen taken, against the book. */
  nitrogen: number;
};
export const BEST_GUESS: Perturbation = { metabolism: 1, exchange: 1, tau: 1, flow: 1, nitrogen: 1 };

/** Mass of all the fish in the bag, g. Length in cm. @example massOf({ n: 2, lengthCm: 4, massA: 0.015, massB: 3 }) === 1.92 */
export function massOf({ n, lengthCm, massA, massB }: Pick<LotInput, 'n' | 'lengthCm' | 'massA' | 'massB'>): number {
  return n * massA * lengthCm ** massB;
}

/**
 * A sentence-worthy fault in the input, by field, before anything is computed: zero volumes, negative ages, a bucket smaller
 * than the bag. Empty = it can be computed.
 */
export type InputFault = {
  field: string;
  code: 'aboveZero' | 'notNegative' | 'pHRange' | 'bucketSmall' | 'salinityRange' | 'temperatureRange' | 'tankFresher';
};

export function faultsOf({
  bag,
  tank,
  lot,
  controls,
}: {
  bag: BagInput;
  tank: TankInput;
  lot: LotInput;
  controls: Controls;
}): InputFault[] {
  const faults: InputFault[] = [];
  const check = (ok: boolean, field: string, code: InputFault['code']) => {
    if (!ok) faults.push({ field, code });
  };
  const finite = Number.isFinite;
  check(bag.waterL > 0 && finite(bag.waterL), 'bag.waterL', 'aboveZero');
  check(tank.volumeL > 0 && finite(tank.volumeL), 'tank.volumeL', 'aboveZero');
  check(lot.n >= 0 && lot.lengthCm > 0, 'lot.lengthCm', 'aboveZero');
  check(bag.closedHours >= 0 && finite(bag.closedHours), 'bag.closedHours', 'notNegative');
  check(bag.opening.is !== 'opened' || bag.opening.hours >= 0, 'bag.state', 'notNegative');
  check(bag.gasL >= 0, 'bag.gasL', 'notNegative');
  check(bag.alkalinity >= 0, 'bag.alkalinity', 'notNegative');
  check(tank.alkalinity >= 0, 'tank.alkalinity', 'notNegative');
  check(bag.tan === undefined || bag.tan >= 0, 'bag.tan', 'notNegative');
  check(bag.pH === undefined || (bag.pH >= 4 && bag.pH <= 10), 'bag.pH', 'pHRange');
  check(tank.pH === undefined || (tank.pH >= 4 && tank.pH <= 10), 'tank.pH', 'pHRange');
  for (const [where, water] of [
    ['bag', bag],
    ['tank', tank],
  ] as const) {
    check(water.salinity >= 0 && water.salinity <= 50, `${where}.salinity`, 'salinityRange');
    check(water.temperature >= 2 && water.temperature <= 40, `${where}.temperature`, 'temperatureRange');
  }
  check(controls.bucketL >= (controls.pourOffToL ?? bag.waterL), 'controls.bucketL', 'bucketSmall');
  check(tank.salinity >= tank.freshPpt, 'tank.freshPpt', 'tankFresher');
  return faults;
}

/** Alkalinity (meq/L) and hardness (dGH) of water that nobody measured, by kind. A judgement, with its band as a factor. */
export const USUAL_WATER: Readonly<Record<WaterType, { alkalinity: number; hardness: number | undefined; factor: number }>> = {
  fresh: { alkalinity: 1.2, hardness: 6, factor: 2 },
  brackish: { alkalinity: 2, hardness: undefined, factor: 1.4 },
  marine: { alkalinity: 2.6, hardness: undefined, factor: 1.25 },
};
