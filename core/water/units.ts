// Readings with their provenance, and how people type and see the quantities. Stored SI (°C, L, ppt, meq/L, mg/L N, dGH; nitrite and nitrate as mg/L of the
// ion, as tests show them), never rounded.
import {
  CONDUCTIVITY_REFERENCES,
  GRAVITY_REFERENCES,
  salinityFromConductivity,
  salinityFromSpecificGravity,
  type ConductivityReference,
  type GravityReference,
} from './salinity.ts';
import { readWritten, type Written } from './written.ts';

export type Quantity =
  | 'temperature'
  | 'volume'
  | 'salinity'
  | 'pH'
  | 'ammonia'
  | 'free ammonia'
  | 'nitrite'
  | 'nitrate'
  | 'alkalinity'
  | 'hardness'
  | 'oxygen'
  | 'copper';
export type Source = 'measured' | 'stated' | 'estimated';
/** How a value was come by. A surface method reads the bag's skin, not its system: two degrees apart is common. */
export type ReadingMethod = 'in the water' | 'folded' | 'on the bag' | 'weighed' | 'by depth' | 'meter' | 'label' | 'by eye' | 'test';
/** What a specific gravity or a conductivity refers to: part of the value. */
export type Reference = GravityReference | ConductivityReference;
export const REFERENCES: readonly Reference[] = [...GRAVITY_REFERENCES, ...CONDUCTIVITY_REFERENCES];

/** One value with where it came from. `value` is SI, unrounded; `typed` is what the person wrote, kept as it was. */
export type Reading = { value: number; typed: string; method: ReadingMethod; source: Source; reference?: Reference };

export const QUANTITIES: readonly Quantity[] = [
  'temperature',
  'volume',
  'salinity',
  'pH',
  'ammonia',
  'free ammonia',
  'nitrite',
  'nitrate',
  'alkalinity',
  'hardness',
  'oxygen',
  'copper',
];
export const SOURCES: readonly Source[] = ['measured', 'stated', 'estimated'];
export const METHODS: readonly ReadingMethod[] = [
  'in the water',
  'folded',
  'on the bag',
  'weighed',
  'by depth',
  'meter',
  'label',
  'by eye',
  'test',
];
/** How each is read in a tank unless somebody says otherwise. */
export const USUAL_METHOD: Readonly<Record<Exclude<Quantity, 'volume'>, ReadingMethod>> = {
  temperature: 'in the water',
  salinity: 'meter',
  pH: 'meter',
  ammonia: 'test',
  'free ammonia': 'test',
  nitrite: 'test',
  nitrate: 'test',
  alkalinity: 'test',
  hardness: 'test',
  oxygen: 'meter',
  copper: 'test',
};
export const TEMPERATURE_METHODS = ['in the water', 'folded', 'on the bag'] as const satisfies readonly ReadingMethod[];

export type Unit =
  | '°C'
  | '°F'
  | 'L'
  | 'mL'
  | 'US gal'
  | 'imp gal'
  | 'ppt'
  | 'SG'
  | 'mS/cm'
  | 'pH'
  | 'mg/L N'
  | 'mg/L NO₂'
  | 'mg/L NO₃'
  | 'meq/L'
  | 'dGH'
  | 'mg/L';
export const TEMPERATURE_UNITS = ['°C', '°F'] as const satisfies readonly Unit[];
export const VOLUME_UNITS = ['L', 'US gal'] as const satisfies readonly Unit[];
export type Preference = { temperature: (typeof TEMPERATURE_UNITS)[number]; volume: (typeof VOLUME_UNITS)[number] };
export const METRIC: Preference = { temperature: '°C', volume: 'L' };

/** Litres in a US and in an imperial gallon (exact by definition). */
export const US_GALLON_L = 3.785411784;
export const IMPERIAL_GALLON_L = 4.54609;

/** What can be true of water that a fish arrives in or lives in; outside it a value is a slip of the pen. */
export const PLAUSIBLE: Readonly<Record<Quantity, { min: number; max: number; unit: Unit }>> = {
  temperature: { min: 2, max: 40, unit: '°C' },
  volume: { min: 0.05, max: 100_000, unit: 'L' },
  salinity: { min: 0, max: 50, unit: 'ppt' },
  pH: { min: 4, max: 10, unit: 'pH' },
  ammonia: { min: 0, max: 60, unit: 'mg/L N' },
  'free ammonia': { min: 0, max: 20, unit: 'mg/L N' },
  nitrite: { min: 0, max: 100, unit: 'mg/L NO₂' },
  nitrate: { min: 0, max: 1000, unit: 'mg/L NO₃' },
  alkalinity: { min: 0, max: 12, unit: 'meq/L' },
  hardness: { min: 0, max: 60, unit: 'dGH' },
  oxygen: { min: 0, max: 60, unit: 'mg/L' },
  copper: { min: 0, max: 5, unit: 'mg/L' },
};

export type Parsed =
  /** `reference` = what a specific gravity or conductivity was taken to refer to. */
  | { ok: true; value: number; typed: string; reference?: Reference }
  /** `not a number`; `unit` = a unit that this quantity has not; `ambiguous` = say which; `no temperature` = a raw conductivity without one; `implausible` = read, but cannot be. */
  | { ok: false; problem: 'not a number' | 'unit' | 'ambiguous' | 'no temperature' | 'implausible'; value?: number; typed: string };

type Reader = { pattern: RegExp; unit?: Unit; toSi: (n: number) => number };
const times = (factor: number) => (n: number) => n * factor;
const same = times(1);

const TO_SI: Record<Quantity, Reader[]> = {
  temperature: [
    { pattern: /^(°\s*)?c(elsius)?$/, unit: '°C', toSi: same },
    { pattern: /^(°\s*)?f(ahrenheit)?$/, unit: '°F', toSi: (n) => ((n - 32) * 5) / 9 },
  ],
  volume: [
    { pattern: /^l(it(re|er)s?)?$/, unit: 'L', toSi: same },
    { pattern: /^(ml|cc|cm3|cm³)$/, unit: 'mL', toSi: times(1 / 1000) },
    { pattern: /^us\s*gal(lons?)?$/, unit: 'US gal', toSi: times(US_GALLON_L) },
    { pattern: /^imp(erial)?\s*gal(lons?)?$/, unit: 'imp gal', toSi: times(IMPERIAL_GALLON_L) },
  ],
  salinity: [{ pattern: /^(ppt|‰|psu)$/, unit: 'ppt', toSi: same }],
  pH: [{ pattern: /^(ph)?$/, unit: 'pH', toSi: same }],
  // A test tells the nitrogen or the molecule; bare mg/L is taken as nitrogen.
  ammonia: [
    { pattern: /^(mg\/?l|ppm)?\s*(n|tan|nh[34]\+?\s*-\s*n|nh3\/nh4\+?-n)?$/, unit: 'mg/L N', toSi: same },
    { pattern: /^(mg\/?l|ppm)?\s*nh3$/, toSi: times(1 / 1.216) },
    { pattern: /^(mg\/?l|ppm)?\s*nh4\+?$/, toSi: times(1 / 1.288) },
  ],
  // What a badge or a gas electrode shows: the toxic part alone. A total is no free one, however it is written.
  'free ammonia': [
    { pattern: /^(mg\/?l|ppm)?\s*(n|free(\s*n)?|nh3\s*-\s*n)?$/, unit: 'mg/L N', toSi: same },
    { pattern: /^(mg\/?l|ppm)?\s*(free\s*)?nh3$/, toSi: times(1 / 1.216) },
  ],
  // The ion, unless its nitrogen is said: by molar masses 46.005 and 62.004 over 14.007.
  nitrite: [
    { pattern: /^(mg\/?l|ppm)?\s*(no2-?)?$/, unit: 'mg/L NO₂', toSi: same },
    { pattern: /^(mg\/?l|ppm)?\s*(no2\s*-\s*)?n$/, toSi: times(46.005 / 14.007) },
  ],
  nitrate: [
    { pattern: /^(mg\/?l|ppm)?\s*(no3-?)?$/, unit: 'mg/L NO₃', toSi: same },
    { pattern: /^(mg\/?l|ppm)?\s*(no3\s*-\s*)?n$/, toSi: times(62.004 / 14.007) },
  ],
  alkalinity: [
    { pattern: /^meq(\/l)?$/, unit: 'meq/L', toSi: same },
    { pattern: /^(°\s*)?d?\s*kh$/, toSi: times(1 / 2.8) },
    { pattern: /^(ppm|mg\/?l)(\s*caco3)?$/, toSi: times(1 / 50.04) },
  ],
  hardness: [
    { pattern: /^(°\s*)?(d?\s*gh|dh?)$/, unit: 'dGH', toSi: same },
    { pattern: /^(ppm|mg\/?l)(\s*caco3)?$/, toSi: times(1 / 17.85) },
  ],
  oxygen: [{ pattern: /^(mg\/?l|ppm)$/, unit: 'mg/L', toSi: same }],
  copper: [{ pattern: /^(mg\/?l|ppm)?(\s*cu)?$/, unit: 'mg/L', toSi: same }],
};

/** Between these a bare salinity is a specific gravity. */
const GRAVITY = { min: 0.99, max: 1.1 };

/** A bare alkalinity above this is more likely one in degrees. */
const BARE_ALKALINITY = 5;

/**
 * Reads what a person typed: `78F`, `25,4`, `.5`, `1½ L`, `0.5 US gal`, `SG 1.022`, `48 mS comp`, `48 mS raw 24C`, `8 dKH`, `pH 7.2`. A bare number is in the
 * person's own unit. What has two meanings is asked about: a bare `gal` (3.785 or 4.546 L), `1,000 L`, a conductivity that does not say whether it is
 * compensated, a raw one without a temperature, a bare alkalinity of 7, a salinity of `1`. A bare specific gravity refers to 25/25, and says so.
 * `temperature` = of the water, for raw conductivity. Never throws; never gives NaN or Infinity.
 * @example parseQuantity('temperature', '78F') gives 25.56 °C
 */
export function parseQuantity(quantity: Quantity, text: string, preference: Preference = METRIC, temperature?: number): Parsed {
  const typed = text.trim();
  const written = readWritten(typed);
  if (!written) return { ok: false, problem: 'not a number', typed };
  const first = meant(quantity, { ...written, typed }, { preference, temperature });
  if (written.or === undefined) return first;
  const alternative = meant(quantity, { ...written, number: written.or, typed }, { preference, temperature });
  if (first.ok && alternative.ok) return { ok: false, problem: 'ambiguous', typed };
  return alternative.ok ? alternative : first;
}

type Meant = Pick<Written, 'number' | 'suffix' | 'digits'> & { typed: string };
type Asked = { preference: Preference; temperature?: number };

function meant(quantity: Quantity, { number, suffix, digits, typed }: Meant, { preference, temperature }: Asked): Parsed {
  const ambiguous: Parsed = { ok: false, problem: 'ambiguous', typed };
  if (quantity === 'volume' && /^gal(lons?)?$/.test(suffix)) return ambiguous;
  if (quantity === 'alkalinity' && suffix === '' && number > BARE_ALKALINITY && number <= PLAUSIBLE.hardness.max) return ambiguous;
  // One part in a thousand, or the beginning of a specific gravity.
  if (quantity === 'salinity' && suffix === '' && number === 1 && digits.length < '1.000'.length) return ambiguous;
  const otherQuantity = quantity === 'salinity' ? readSalinity(number, suffix, { typed, temperature }) : undefined;
  if (otherQuantity) return otherQuantity;
  const bare = bareUnit(quantity, preference);
  const isBare = suffix === '' || (quantity === 'temperature' && suffix === '°');
  const unit = TO_SI[quantity].find((candidate) => (isBare ? candidate.unit === bare : candidate.pattern.test(suffix)));
  if (!unit) return { ok: false, problem: 'unit', typed };
  return plausible(quantity, unit.toSi(number), typed);
}

function plausible(quantity: Quantity, value: number, typed: string, reference?: Reference): Parsed {
  const { min, max } = PLAUSIBLE[quantity];
  if (!(value >= min && value <= max)) return { ok: false, problem: 'implausible', value, typed };
  return reference ? { ok: true, value, typed, reference } : { ok: true, value, typed };
}

/** Specific gravity or conductivity; undefined when it is neither. */
function readSalinity(number: number, suffix: string, { typed, temperature }: { typed: string; temperature?: number }): Parsed | undefined {
  const gravity = /^(?:s\.?g\.?)?\s*(25\/25|20\/20|20\/4|60\s*f?\/60\s*f?)?$/.exec(suffix);
  if (gravity && number > GRAVITY.min && number < GRAVITY.max) {
    const said = gravity[1]?.replace(/\s/g, '');
    const reference: GravityReference = said?.startsWith('60') ? '60F/60F' : ((said as GravityReference | undefined) ?? '25/25');
    try {
      return plausible('salinity', salinityFromSpecificGravity(number, reference), typed, reference);
    } catch {
      return { ok: false, problem: 'implausible', value: number, typed };
    }
  }
  const conductivity = /^(m|µ|u)s(?:\/cm)?\s*(comp\w*(?:\s*25)?|raw)?(?:\s*(?:at)?\s*(\d+(?:[.,]\d+)?)\s*(?:°\s*)?(c|f))?$/.exec(suffix);
  if (!conductivity) return undefined;
  if (!conductivity[2]) return { ok: false, problem: 'ambiguous', typed };
  const reference: ConductivityReference = conductivity[2] === 'raw' ? 'raw' : 'compensated25';
  const said = conductivity[3] === undefined ? undefined : Number(conductivity[3].replace(',', '.'));
  const measuredC = said === undefined ? temperature : conductivity[4] === 'f' ? ((said - 32) * 5) / 9 : said;
  // What a raw one is worth hangs on its temperature: 48 mS/cm is 31 ppt at 25 °C and 35 at 20.
  if (reference === 'raw' && measuredC === undefined) return { ok: false, problem: 'no temperature', typed };
  try {
    const value = salinityFromConductivity({
      conductivity: conductivity[1] === 'm' ? number : number / 1000,
      temperature: measuredC ?? 25,
      reference,
    });
    return plausible('salinity', value, typed, reference);
  } catch {
    return { ok: false, problem: 'implausible', value: number, typed };
  }
}

/** The unit of a bare number that this person types. */
export function bareUnit(quantity: Quantity, preference: Preference = METRIC): Unit {
  return quantity === 'temperature' ? preference.temperature : quantity === 'volume' ? preference.volume : PLAUSIBLE[quantity].unit;
}

/** True for a reading of the bag's skin, which must not pass for a reading of its water. */
export function isSurfaceReading(reading: Pick<Reading, 'method'>): boolean {
  return reading.method === 'on the bag';
}
