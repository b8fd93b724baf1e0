// Readings with their provenance, and how people type and see the quantities. Stored SI (°C, L, ppt), never rounded.

export type Quantity = 'temperature' | 'volume' | 'salinity';
export type Source = 'measured' | 'told' | 'estimated';
/** How a value was come by. A surface method reads the bag's skin, not its water: two degrees apart is common. */
export type Method = 'in the water' | 'folded' | 'on the bag' | 'weighed' | 'by depth' | 'meter' | 'label' | 'by eye';

/** One value with where it came from. `value` is SI, unrounded; `typed` is what the person wrote, kept as it was. */
export type Reading = { value: number; typed: string; method: Method; source: Source };

export const QUANTITIES: readonly Quantity[] = ['temperature', 'volume', 'salinity'];
export const SOURCES: readonly Source[] = ['measured', 'told', 'estimated'];
export const METHODS: readonly Method[] = ['in the water', 'folded', 'on the bag', 'weighed', 'by depth', 'meter', 'label', 'by eye'];
export const TEMPERATURE_METHODS = ['in the water', 'folded', 'on the bag'] as const satisfies readonly Method[];

export type Unit = '°C' | '°F' | 'L' | 'mL' | 'US gal' | 'imp gal' | 'ppt';
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
  salinity: { min: 0, max: 60, unit: 'ppt' },
};

export type Parsed =
  | { ok: true; value: number; typed: string }
  /** `not a number`; `unit` = a unit that this quantity has not; `ambiguous` = say which; `implausible` = read, but cannot be. */
  | { ok: false; problem: 'not a number' | 'unit' | 'ambiguous' | 'implausible'; value?: number; typed: string };

const TO_SI: Record<Quantity, { pattern: RegExp; unit: Unit; toSi: (n: number) => number }[]> = {
  temperature: [
    { pattern: /^(°\s*)?c(elsius)?$/, unit: '°C', toSi: (n) => n },
    { pattern: /^(°\s*)?f(ahrenheit)?$/, unit: '°F', toSi: (n) => ((n - 32) * 5) / 9 },
  ],
  volume: [
    { pattern: /^l(it(re|er)s?)?$/, unit: 'L', toSi: (n) => n },
    { pattern: /^ml$/, unit: 'mL', toSi: (n) => n / 1000 },
    { pattern: /^us\s*gal(lons?)?$/, unit: 'US gal', toSi: (n) => n * US_GALLON_L },
    { pattern: /^imp(erial)?\s*gal(lons?)?$/, unit: 'imp gal', toSi: (n) => n * IMPERIAL_GALLON_L },
  ],
  salinity: [{ pattern: /^(ppt|‰|psu)$/, unit: 'ppt', toSi: (n) => n }],
};

/**
 * Reads what a person typed: `78F`, `25,4`, `1.2 L`, `0.5 US gal`. A bare number is in the person's own unit; a bare
 * `gal` is ambiguous (3.785 or 4.546 L) and is asked about. Never throws; never gives NaN or Infinity.
 * @example parseQuantity('temperature', '78F') gives 25.56 °C
 */
export function parseQuantity(quantity: Quantity, text: string, preference: Preference = METRIC): Parsed {
  const typed = text.trim();
  const match = /^([+-]?\d+(?:[.,]\d+)?)\s*(.*)$/.exec(typed);
  if (!match) return { ok: false, problem: 'not a number', typed };
  const number = Number(match[1]!.replace(',', '.'));
  const suffix = match[2]!.toLowerCase();
  if (quantity === 'volume' && /^gal(lons?)?$/.test(suffix)) return { ok: false, problem: 'ambiguous', typed };
  const bare = bareUnit(quantity, preference);
  const unit = TO_SI[quantity].find((candidate) => (suffix === '' ? candidate.unit === bare : candidate.pattern.test(suffix)));
  if (!unit) return { ok: false, problem: 'unit', typed };
  const value = unit.toSi(number);
  const { min, max } = PLAUSIBLE[quantity];
  return value >= min && value <= max ? { ok: true, value, typed } : { ok: false, problem: 'implausible', value, typed };
}

/** An SI value as this person likes to see it, with its unit: `25.4 °C`, `77.7 °F`, `1.2 L`, `34 ppt`. */
export function formatQuantity(quantity: Quantity, value: number, preference: Preference = METRIC): string {
  if (quantity === 'salinity') return `${trim(value, 1)} ppt`;
  if (quantity === 'temperature') {
    return preference.temperature === '°F' ? `${((value * 9) / 5 + 32).toFixed(1)} °F` : `${value.toFixed(1)} °C`;
  }
  return preference.volume === 'US gal' ? `${trim(value / US_GALLON_L, 2)} US gal` : `${trim(value, 2)} L`;
}

/** A difference of temperatures, given in °C, as this person reads it: 1 °C is 1.8 °F, with no offset. @example formatStep(1, METRIC) gives '1 °C' */
export function formatStep(differenceC: number, preference: Preference = METRIC): string {
  return preference.temperature === '°F' ? `${trim(differenceC * 1.8, 1)} °F` : `${trim(differenceC, 1)} °C`;
}

/** The unit of a bare number that this person types. */
export function bareUnit(quantity: Quantity, preference: Preference = METRIC): Unit {
  return quantity === 'temperature' ? preference.temperature : quantity === 'volume' ? preference.volume : 'ppt';
}

function trim(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)));
}

/** True for a reading of the bag's skin, which must not pass for a reading of its water. */
export function isSurfaceReading(reading: Pick<Reading, 'method'>): boolean {
  return reading.method === 'on the bag';
}
