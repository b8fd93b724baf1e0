// The closed bag: what its water has become after so many hours, and what gives out first. Gas and water share oxygen and
// carbon dioxide by Henry's law; breathing is steady, so the totals are straight lines and no integration is needed.
import type { Range } from '../species/index.ts';
import {
  unionizedFraction,
  co2AtEquilibrium,
  CO2_MG_PER_MMOL,
  dicFromPH,
  dicOfShared,
  dicWith,
  alkalinityAtEquilibrium,
  ROOM_PCO2,
  speciate,
  carbonateConstants,
  type Constants,
  gasMmolPerL,
  O2_MG_PER_MMOL,
  OXYGEN_IN_AIR,
  oxygenHenry,
  oxygenSolubility,
  vapourPressure,
  standingTauH,
} from '../water/index.ts';
import { BEST_GUESS, massOf, type BagInput, type Perturbation, type LotInput } from './input.ts';
import { ratesOf, type Rates } from './metabolism.ts';

/** A volume of water with what is in it: mmol/L DIC, meq/L, mg/L. */
export type Water = {
  volumeL: number;
  temperature: number;
  salinity: number;
  alkalinity: number;
  dic: number;
  tan: number;
  oxygen: number;
  /** dGH; NaN where it is not known, and then never shown. */
  hardness: number;
};

export type LimitName = 'oxygen' | 'carbon dioxide' | 'temperature' | 'toxic ammonia';
/** Where a closed bag gives out: mg/L; temperature by what the species lives at. */
export const BAG_LIMITS: Readonly<Record<Exclude<LimitName, 'temperature'>, number>> = {
  oxygen: 2,
  'carbon dioxide': 60,
  'toxic ammonia': 0.2,
};
/** °C, for fish that nobody could name: outside it the breathing of the book does not hold either. A judgement. */
const UNKNOWN_LIVES_AT: Range = { min: 15, max: 32 };
/** Beyond this many hours nothing is promised. */
export const LONGEST_H = 72;
const START_TAN = 0.2;
/** Foul water or a dead fish is outside the model: at least so many times the estimate until it is tested. */
const FOUL_FACTOR = 3;
/** Breathing in transit, against the book. */
export const METABOLISM_BAND = { low: 0.6, high: 1.6 };

/** From now on, closed: which limit is reached first and in how many hours; 0 = it is over it already. */
export type FirstLimit = { limit: LimitName; hours: number };
export type ClosedBag = {
  water: Water;
  pH: number;
  /** Mg/L. */
  co2: number;
  nh3: number;
  /** Foul water or a dead fish, and its ammonia untested: outside the calculation, so nothing is said of how long it lasts. */
  outside: boolean;
  /** Undefined when no limit is reached within {@link LONGEST_H}, and when it is `outside`. */
  first?: FirstLimit;
  /** Total ammonia, and hours to the first limit, if the fish breathed at the ends of {@link METABOLISM_BAND}. */
  band: { tan: [number, number]; firstHours: [number | undefined, number | undefined] };
};

/** A bag made ready: constants and totals that do not change with the hours. */
type Packed = {
  bag: BagInput;
  c: Constants;
  rates: Rates;
  startDic: number;
  oxygenTotal: number;
  henry: number;
  /** Mg of O2 that a litre of gas holds for each atm. */
  gasOxygen: number;
};

function pack(bag: BagInput, lot: LotInput, { metabolism: factor, nitrogen }: Pick<Perturbation, 'metabolism' | 'nitrogen'>): Packed {
  const c = carbonateConstants(bag);
  const gramsEach = lot.n === 0 ? 0 : massOf(lot) / lot.n;
  const rates = ratesOf({ n: lot.n, gramsEach, temperature: bag.temperature, fed: bag.fed, factor, nitrogen });
  const perAtm = gasMmolPerL(1, bag.temperature);
  const dry = 1 - vapourPressure(bag);
  const oxygenAtm = dry * (bag.gas === 'oxygen' ? 1 : OXYGEN_IN_AIR);
  return {
    bag,
    c,
    rates,
    startDic: dicWith({ alkalinity: bag.alkalinity, pco2: ROOM_PCO2 }, c),
    oxygenTotal: oxygenSolubility(bag) * bag.waterL + oxygenAtm * perAtm * O2_MG_PER_MMOL * bag.gasL,
    henry: oxygenHenry(bag),
    gasOxygen: perAtm * O2_MG_PER_MMOL,
  };
}

const oxygenAfter = ({ bag, rates, oxygenTotal, henry, gasOxygen }: Packed, hours: number): number =>
  (Math.max(0, oxygenTotal - rates.oxygen * hours) * henry) / (henry * bag.waterL + gasOxygen * bag.gasL);
const alkalinityAfter = ({ bag, rates }: Packed, hours: number): number => bag.alkalinity + (rates.alkalinity * hours) / bag.waterL;
const tanAfter = ({ bag, rates }: Packed, hours: number): number => START_TAN + (rates.ammonia * hours) / bag.waterL;

/** Mmol of CO2 in the gas over water for each mmol/L that is free in it. */
const gasPerFree = (c: Constants, gasL: number, temperature: number): number =>
  (gasMmolPerL(1, temperature) * gasL) / (c.k0 * c.kgPerL * 1e3);

function dicAfter(packed: Packed, hours: number): number {
  const { bag, c, rates, startDic } = packed;
  const perFree = gasPerFree(c, bag.gasL, bag.temperature);
  const total = startDic * bag.waterL + co2AtEquilibrium(c, ROOM_PCO2) * perFree + rates.co2 * hours;
  return dicOfShared({ total, alkalinity: alkalinityAfter(packed, hours), waterL: bag.waterL, gasPerFree: perFree, c });
}

/**
 * A closed vessel some time on: fish breathe, gas and water share out what there is, the water comes to `toC`. Short spans only: breathing is
 * taken at the mean temperature.
 */
export function stayClosed(bag: {
  water: Water;
  gasL: number;
  fish: { n: number; gramsEach: number; fed: boolean };
  factor: number;
  nitrogen?: number;
  toC: number;
  hours: number;
}): Water {
  const { water, gasL, fish, factor, nitrogen, toC, hours } = bag;
  const { volumeL } = water;
  const rates = ratesOf({ ...fish, temperature: (water.temperature + toC) / 2, factor, nitrogen });
  const before = carbonateConstants(water);
  const now = { ...water, temperature: toC };
  const c = carbonateConstants(now);
  const was = speciate(water, before);
  const alkalinity = water.alkalinity + (rates.alkalinity * hours) / volumeL;
  const carbon = water.dic * volumeL + was.co2 * gasPerFree(before, gasL, water.temperature) + rates.co2 * hours;
  const inGas = (water: { temperature: number; salinity: number }) =>
    (gasMmolPerL(1, water.temperature) * O2_MG_PER_MMOL * gasL) / oxygenHenry(water);
  const oxygen = Math.max(0, water.oxygen * (volumeL + inGas(water)) - rates.oxygen * hours) / (volumeL + inGas(now));
  return {
    ...now,
    alkalinity,
    dic: dicOfShared({ total: carbon, alkalinity, waterL: volumeL, gasPerFree: gasPerFree(c, gasL, toC), c, from: was.total }),
    tan: water.tan + (rates.ammonia * hours) / volumeL,
    oxygen,
  };
}

/** The water after so many hours closed, by the estimate alone. */
function estimate(packed: Packed, hours: number): Water {
  const { bag } = packed;
  return {
    volumeL: bag.waterL,
    temperature: bag.temperature,
    salinity: bag.salinity,
    alkalinity: alkalinityAfter(packed, hours),
    dic: dicAfter(packed, hours),
    tan: tanAfter(packed, hours) * (bag.foul ? FOUL_FACTOR : 1),
    oxygen: oxygenAfter(packed, hours),
    hardness: bag.hardness ?? NaN,
  };
}

/** What was measured replaces what was estimated, by solving for the state that gives it. */
export function measuredInto(water: Water, { pH, tan, oxygen }: Pick<BagInput, 'pH' | 'tan' | 'oxygen'>): Water {
  const read = { ...water, tan: tan ?? water.tan, oxygen: oxygen ?? water.oxygen };
  if (pH === undefined) return read;
  const dic = dicFromPH({ ...water, pH });
  // So high a pH tells that the water holds more alkalinity than was thought: as much as room air leaves it.
  const alkalinity = dic === undefined ? Math.max(water.alkalinity, alkalinityAtEquilibrium({ ...water, pH })) : water.alkalinity;
  return { ...read, alkalinity, dic: dic ?? dicFromPH({ ...water, alkalinity, pH }) ?? water.dic };
}

/** Water of a bag as it was when it was last closed, by the estimate alone: point values or one draw. */
export function estimatedWater(bag: BagInput, lot: LotInput, perturbation: Perturbation = BEST_GUESS): Water {
  return estimate(pack(bag, lot, perturbation), bag.closedHours);
}

/** Water of a bag that has been closed until now, point values or one draw. @see closedBag */
export function closedWater(bag: BagInput, lot: LotInput, perturbation: Perturbation = BEST_GUESS): Water {
  return measuredInto(estimatedWater(bag, lot, perturbation), bag);
}

type Closed = { gasL: number; fish: { n: number; gramsEach: number; fed: boolean }; factor: number; roomC: number; livesAt: Range };
/** The carbon is shared out anew so often; the first limit is found between two of these. */
const SPAN_H = 2;
const HALVINGS = 12;

/** The first limit that a bag reaches if it stays closed in a room from now on. */
function firstLimit(start: Water, closed: Closed): FirstLimit | undefined {
  const on = (water: Water, hours: number): Water => {
    const toC = closed.roomC + (water.temperature - closed.roomC) * Math.exp(-hours / standingTauH(water.volumeL));
    return stayClosed({ ...closed, water, toC, hours });
  };
  let water = start;
  const already = limitsOver(water, closed.livesAt);
  if (already) return { limit: already, hours: 0 };
  for (let hours = 0; hours < LONGEST_H; hours += SPAN_H) {
    const next = on(water, SPAN_H);
    if (!limitsOver(next, closed.livesAt)) {
      water = next;
      continue;
    }
    let [low, high] = [0, SPAN_H];
    for (let turn = 0; turn < HALVINGS; turn += 1) {
      const middle = (low + high) / 2;
      if (limitsOver(on(water, middle), closed.livesAt)) high = middle;
      else low = middle;
    }
    return { limit: limitsOver(on(water, high), closed.livesAt)!, hours: hours + high };
  }
  return undefined;
}

function limitsOver(water: Water, livesAt: Range): LimitName | undefined {
  const { co2, nh3 } = toxicIn(water);
  if (water.oxygen < BAG_LIMITS.oxygen) return 'oxygen';
  if (co2 > BAG_LIMITS['carbon dioxide']) return 'carbon dioxide';
  if (water.temperature < livesAt.min || water.temperature > livesAt.max) return 'temperature';
  return nh3 > BAG_LIMITS['toxic ammonia'] ? 'toxic ammonia' : undefined;
}

/** pH (NBS), free CO2 mg/L, toxic ammonia mg/L N of a water. */
export function toxicIn(water: Water, c: Constants = carbonateConstants(water)): { pH: number; co2: number; nh3: number } {
  const { nbs, co2 } = speciate(water, c);
  return { pH: nbs, co2: co2 * CO2_MG_PER_MMOL, nh3: water.tan * unionizedFraction({ ...water, pH: nbs }) };
}

/**
 * A bag after `hours` closed: its water, and what gives out first if it stays closed from then on in a room of `roomC` (as warm as itself when left
 * out), with the band of both. Start: ammonia 0.2 mg/L, water in equilibrium with room air, gas pure oxygen or air. What was measured in `bag` replaces
 * the estimate everywhere. Foul water untested is outside: ammonia is then at least three times the estimate, and nothing is said of how long.
 * Oxygen may reach 0. Valid for loads of 1–40 g/L at 15–32 °C, to 72 h; sources: Weiss (1970, 1974), the rest in core/bench/metabolism.ts. Throws a
 * RangeError on volumes not above 0 and outside the ranges of core/water.
 */
export function closedBag(
  bag: BagInput,
  lot: LotInput,
  hours: number = bag.closedHours,
  { roomC = bag.temperature }: { roomC?: number } = {},
): ClosedBag {
  if (!(bag.waterL > 0)) throw new RangeError(`bag water must be above 0 L, got ${bag.waterL}`);
  if (!(hours >= 0)) throw new RangeError(`hours must be 0 or more, got ${hours}`);
  const fish = { n: lot.n, gramsEach: lot.n === 0 ? 0 : massOf(lot) / lot.n, fed: bag.fed };
  const waterBy = (factor: number) => measuredInto(estimate(pack(bag, lot, { metabolism: factor, nitrogen: 1 }), hours), bag);
  const lasts = (factor: number) =>
    firstLimit(waterBy(factor), { gasL: bag.gasL, fish, factor, roomC, livesAt: lot.temperatureC ?? UNKNOWN_LIVES_AT });
  const { low, high } = METABOLISM_BAND;
  const water = waterBy(1);
  const outside = bag.foul && bag.tan === undefined;
  return {
    water,
    ...toxicIn(water),
    outside,
    ...(outside ? {} : { first: lasts(1) }),
    band: {
      tan: [waterBy(low).tan, waterBy(high).tan],
      firstHours: outside ? [undefined, undefined] : [lasts(high)?.hours, lasts(low)?.hours],
    },
  };
}
