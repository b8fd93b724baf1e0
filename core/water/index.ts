export { floatTau, floatTime, temperatureAfloat, TAU_FACTOR, TAU_ONE_LITRE_MIN, type FloatTime } from './heat.ts';
export {
  bareUnit,
  formatQuantity,
  formatStep,
  isSurfaceReading,
  METHODS,
  METRIC,
  parseQuantity,
  PLAUSIBLE,
  QUANTITIES,
  SOURCES,
  TEMPERATURE_METHODS,
  TEMPERATURE_UNITS,
  VOLUME_UNITS,
  type Method,
  type Parsed,
  type Preference,
  type Quantity,
  type Reading,
  type Source,
  type Unit,
} from './units.ts';
export type { ReadingTaken, WaterEntries } from './entries.ts';
export { waterRules } from './rules.ts';
