// The closed bag: what its water has become after so many hours, and what gives out first. Gas and water share oxygen and
// carbon dioxide by Henry's law; breathing is steady, so the totals are straight lines and no integration is needed.
import { unionizedFraction } from '../water/ammonia.ts';
import {
  carbonateConstants,
  co2AtEquilibrium,
  CO2_MG_PER_MMOL,
  dicFromPH,
  dicWith,
  ROOM_PCO2,
  speciate,
  type Constants,
} from '../water/carbonate.ts';
import { gasMmolPerL, O2_MG_PER_MMOL, OXYGEN_IN_AIR, oxygenHenry, oxygenSolubility, vapourPressure } from '../water/oxygen.ts';
import { BEST_GUESS, massOf, type BagInput, type Chance, type LotInput } from './input.ts';
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

export type LimitName = 'oxygen' | 'carbon dioxide' | 'toxic ammonia';
/** Where a closed bag gives out: mg/L. */
export const BAG_LIMITS: Readonly<Record<LimitName, number>> = { oxygen: 2, 'carbon dioxide': 60, 'toxic ammonia': 0.2 };
/** Beyond this many hours nothing is promised. */
export const LONGEST_H = 72;
const START_TAN = 0.2;
/** Foul water or a dead fish is outside the model: at least so many times the estimate until it is tested. */
const FOUL_FACTOR = 3;
/** Breathing in transit, against the book. */
export const METABOLISM_BAND = { low: 0.6, high: 1.6 };

export type ClosedBag = {
  water: Water;
  pH: number;
  /** Mg/L. */
  co2: number;
  nh3: number;
  /** Which limit comes first and after how many hours closed; undefined when none does within {@link LONGEST_H}. */
  first?: { limit: LimitName; hours: number };
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

function pack(bag: BagInput, lot: LotInput, factor: number): Packed {
  const c = carbonateConstants(bag);
  const gramsEach = lot.n === 0 ? 0 : massOf(lot) / lot.n;
  const rates = ratesOf({ n: lot.n, gramsEach, temperature: bag.temperature, fed: bag.fed, factor });
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

/** DIC of the water when water and gas have shared out `total` mmol of carbon between them. `from` = a guess of the pH. */
function shareCarbon(of: { total: number; alkalinity: number; waterL: number; perFree: number; c: Constants; from?: number }): number {
  const { total, alkalinity, waterL, perFree, c } = of;
  let [low, high] = [0, total / waterL];
  let pH = of.from ?? 7;
  let dic = high;
  // The sum rises with DIC, so halving cannot miss; a secant step makes it quick.
  for (let turn = 0; turn < 60 && high - low > 1e-9; turn += 1) {
    const at = speciate({ alkalinity, dic }, c, pH);
    pH = at.total;
    const gap = dic * waterL + at.co2 * perFree - total;
    if (Math.abs(gap) < 1e-8 * total + 1e-12) break;
    if (gap > 0) high = dic;
    else low = dic;
    const guess = dic - gap / (waterL + (at.co2 / Math.max(dic, 1e-9)) * perFree);
    dic = guess > low && guess < high ? guess : (low + high) / 2;
  }
  return dic;
}

function dicAfter(packed: Packed, hours: number): number {
  const { bag, c, rates, startDic } = packed;
  const perFree = gasPerFree(c, bag.gasL, bag.temperature);
  const total = startDic * bag.waterL + co2AtEquilibrium(c, ROOM_PCO2) * perFree + rates.co2 * hours;
  return shareCarbon({ total, alkalinity: alkalinityAfter(packed, hours), waterL: bag.waterL, perFree, c });
}

/**
 * A closed vessel some time on: fish breathe, gas and water share out what there is, the water comes to `toC`. Short spans only: breathing is
 * taken at the mean temperature.
 */
export function stayClosed(of: {
  water: Water;
  gasL: number;
  fish: { n: number; gramsEach: number; fed: boolean };
  factor: number;
  toC: number;
  hours: number;
}): Water {
  const { water, gasL, fish, factor, toC, hours } = of;
  const { volumeL } = water;
  const rates = ratesOf({ ...fish, temperature: (water.temperature + toC) / 2, factor });
  const before = carbonateConstants(water);
  const now = { ...water, temperature: toC };
  const c = carbonateConstants(now);
  const was = speciate(water, before);
  const alkalinity = water.alkalinity + (rates.alkalinity * hours) / volumeL;
  const carbon = water.dic * volumeL + was.co2 * gasPerFree(before, gasL, water.temperature) + rates.co2 * hours;
  const inGas = (at: { temperature: number; salinity: number }) =>
    (gasMmolPerL(1, at.temperature) * O2_MG_PER_MMOL * gasL) / oxygenHenry(at);
  const oxygen = Math.max(0, water.oxygen * (volumeL + inGas(water)) - rates.oxygen * hours) / (volumeL + inGas(now));
  return {
    ...now,
    alkalinity,
    dic: shareCarbon({ total: carbon, alkalinity, waterL: volumeL, perFree: gasPerFree(c, gasL, toC), c, from: was.total }),
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
function measuredInto(water: Water, { pH, tan, oxygen }: BagInput): Water {
  const dic = pH === undefined ? undefined : dicFromPH({ ...water, pH });
  return { ...water, dic: dic ?? water.dic, tan: tan ?? water.tan, oxygen: oxygen ?? water.oxygen };
}

/** Water of a bag that has been closed until now, point values or one draw. @see closedBag */
export function closedWater(bag: BagInput, lot: LotInput, chance: Chance = BEST_GUESS): Water {
  return measuredInto(estimate(pack(bag, lot, chance.metabolism), bag.closedHours), bag);
}

function firstLimit(packed: Packed): { limit: LimitName; hours: number } | undefined {
  const reached: Record<LimitName, (hours: number) => boolean> = {
    oxygen: (hours) => oxygenAfter(packed, hours) < BAG_LIMITS.oxygen,
    'carbon dioxide': (hours) =>
      speciate({ alkalinity: alkalinityAfter(packed, hours), dic: dicAfter(packed, hours) }, packed.c).co2 * CO2_MG_PER_MMOL >
      BAG_LIMITS['carbon dioxide'],
    'toxic ammonia': (hours) => toxicIn(estimate(packed, hours), packed.c).nh3 > BAG_LIMITS['toxic ammonia'],
  };
  let first: { limit: LimitName; hours: number } | undefined;
  for (const limit of Object.keys(reached) as LimitName[]) {
    const until = first?.hours ?? LONGEST_H;
    if (!reached[limit](until)) continue;
    let [low, high] = [0, until];
    for (let turn = 0; turn < 12; turn += 1) {
      const middle = (low + high) / 2;
      if (reached[limit](middle)) high = middle;
      else low = middle;
    }
    first = { limit, hours: high };
  }
  return first;
}

/** pH (NBS), free CO2 mg/L, toxic ammonia mg/L N of a water. */
export function toxicIn(water: Water, c: Constants = carbonateConstants(water)): { pH: number; co2: number; nh3: number } {
  const { nbs, co2 } = speciate(water, c);
  return { pH: nbs, co2: co2 * CO2_MG_PER_MMOL, nh3: water.tan * unionizedFraction({ ...water, pH: nbs }) };
}

/**
 * A bag after `hours` closed: its water, what gives out first, and the band of it. Start: ammonia 0.2 mg/L, water in equilibrium with
 * room air, gas pure oxygen or air. Measured values in `bag` replace the estimate of `water`, not of the limits. Oxygen may reach 0. Valid for
 * loads of 1–40 g/L at 15–32 °C, to 72 h; sources: Weiss (1970, 1974), the rest in core/bench/metabolism.ts. Throws a RangeError on volumes
 * not above 0 and outside the ranges of core/water.
 */
export function closedBag(bag: BagInput, lot: LotInput, hours: number = bag.closedHours): ClosedBag {
  if (!(bag.waterL > 0)) throw new RangeError(`bag water must be above 0 L, got ${bag.waterL}`);
  if (!(hours >= 0)) throw new RangeError(`hours must be 0 or more, got ${hours}`);
  const packed = pack(bag, lot, 1);
  const [calm, shaken] = [METABOLISM_BAND.low, METABOLISM_BAND.high].map((factor) => pack(bag, lot, factor)) as [Packed, Packed];
  const water = measuredInto(estimate(packed, hours), bag);
  return {
    water,
    ...toxicIn(water, packed.c),
    first: firstLimit(packed),
    band: {
      tan: bag.tan === undefined ? [tanAfter(calm, hours), tanAfter(shaken, hours)] : [bag.tan, bag.tan],
      firstHours: [firstLimit(shaken)?.hours, firstLimit(calm)?.hours],
    },
  };
}
