// How much of the ammonia in the water is the toxic kind, and in which form a test tells it. mg/L as nitrogen throughout.

export type AmmoniaWater = { pH: number; temperature: number; salinity: number };

/**
 * pKa of ammonium: 0.09018 + 2729.92/(t + 273.2) + 0.003071·S. Fresh: Emerson et al. (1975), with the 273.2 its table uses;
 * the salinity term is the linear fit to Khoo et al. used by Bell et al. (2007); the sum stays inside 2.5 % of that fit at
 * 15–32 °C, S 15–40. Throws a RangeError outside 0–50 °C, 0–60 ppt.
 * @example ammoniumPKa({ temperature: 25, salinity: 0 }).toFixed(3) === '9.245'
 */
export function ammoniumPKa({ temperature, salinity }: Omit<AmmoniaWater, 'pH'>): number {
  if (!(temperature >= -2 && temperature <= 50)) throw new RangeError(`temperature must be -2 to 50 °C, got ${temperature}`);
  if (!(salinity >= 0 && salinity <= 60)) throw new RangeError(`salinity must be 0 to 60 ppt, got ${salinity}`);
  return 0.09018 + 2729.92 / (temperature + 273.2) + 0.003071 * salinity;
}

/**
 * Share of total ammonia that is un-ionised (toxic), 0–1. `pH` on the NBS scale, as a keeper's meter reads it, 0–14.
 * Ranges, errors and source of {@link ammoniumPKa}.
 * @example (100 * unionizedFraction({ pH: 8, temperature: 25, salinity: 0 })).toFixed(2) === '5.38'
 */
export function unionizedFraction({ pH, temperature, salinity }: AmmoniaWater): number {
  if (!(pH >= 0 && pH <= 14)) throw new RangeError(`pH must be 0 to 14, got ${pH}`);
  return 1 / (1 + Math.exp(Math.LN10 * (ammoniumPKa({ temperature, salinity }) - pH)));
}

/** What a test or badge tells: the nitrogen in it, or the molecule; all ammonia, or only the toxic or the ionised part. */
export type AmmoniaTest = 'total N' | 'total NH3' | 'total NH4' | 'free N' | 'free NH3';
export const AMMONIA_TESTS: readonly AmmoniaTest[] = ['total N', 'total NH3', 'total NH4', 'free N', 'free NH3'];
/** Grams of the molecule in a gram of its nitrogen. */
const NH3_OF_N = 1.216;
const NH4_OF_N = 1.288;
const PER_N: Record<AmmoniaTest, number> = {
  'total N': 1,
  'total NH3': NH3_OF_N,
  'total NH4': NH4_OF_N,
  'free N': 1,
  'free NH3': NH3_OF_N,
};

/**
 * Total ammonia as nitrogen, mg/L, from what a test shows, mg/L of what it names. A free test needs the water. Throws a
 * RangeError on a negative value, and with a free test where hardly any ammonia is free (below 0.01 %).
 * @example totalAmmoniaN({ shown: 1.216, test: 'total NH3' }) === 1
 */
export function totalAmmoniaN(read: { shown: number; test: AmmoniaTest; water?: AmmoniaWater }): number {
  if (!(read.shown >= 0)) throw new RangeError(`ammonia must be 0 or more, got ${read.shown}`);
  const nitrogen = read.shown / PER_N[read.test];
  if (!read.test.startsWith('free')) return nitrogen;
  if (!read.water) throw new RangeError('a free test needs pH, temperature and salinity');
  const share = unionizedFraction(read.water);
  if (share < 1e-4) throw new RangeError('hardly any ammonia is free at this pH: test the total');
  return nitrogen / share;
}

/** What toxic ammonia does, mg/L of NH3-N up to `below`. A judgement without a source: a lead may see it otherwise. */
export const AMMONIA_BANDS = [
  { below: 0.02, is: 'calm' },
  { below: 0.05, is: 'watch' },
  { below: 0.2, is: 'not to stay in' },
  { below: 0.5, is: 'harm within hours' },
  { below: Infinity, is: 'act now' },
] as const;
export type AmmoniaBand = (typeof AMMONIA_BANDS)[number]['is'];
/** Below this, mg/L NH3-N, exposure does not count. */
export const CALM_BELOW = AMMONIA_BANDS[0].below;

/** The band of a toxic ammonia of `nh3` mg/L NH3-N (0 or more). @example ammoniaBand(0.03) === 'watch' */
export function ammoniaBand(nh3: number): AmmoniaBand {
  return AMMONIA_BANDS.find(({ below }) => nh3 < below)!.is;
}
