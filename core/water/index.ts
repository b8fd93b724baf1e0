export {
  ammoniaBand,
  AMMONIA_BANDS,
  AMMONIA_TESTS,
  ammoniumPKa,
  CALM_BELOW,
  totalAmmoniaN,
  unionizedFraction,
  type AmmoniaBand,
  type AmmoniaTest,
} from './ammonia.ts';
export { alkalinityAtEquilibrium, CarbonNotShared, dicAtEquilibrium, dicFromPH, MEQ_PER_DKH, pHOf, ROOM_PCO2 } from './carbonate.ts';
export { afterChanges, afterEvaporation, changesTo, gramsFor, netVolume, saltGrams } from './dilution.ts';
export { DROPS_BAND, DROPS_PER_ML, flowFromDrops, siphonFlow } from './flow.ts';
export { litresOf, type Shape } from './vessels.ts';
export { floatTau, floatTime, standingTauH, temperatureAfloat, TAU_FACTOR, TAU_ONE_LITRE_MIN, type FloatTime } from './heat.ts';
export {
  climb,
  floatedTank,
  hoursUntilFull,
  litresForShare,
  mixedGrowing,
  mixedOverflowing,
  pooled,
  risingPlan,
  shareFor,
  shareMixed,
  steadyFlow,
  swapLitres,
  systemAfterOverflow,
} from './mixing.ts';
export { oxygenSolubility } from './oxygen.ts';
export {
  conductivityFromSalinity,
  CONDUCTIVITY_REFERENCES,
  GRAVITY_REFERENCES,
  isExtrapolated,
  salinityFromConductivity,
  salinityFromHydrometer,
  salinityFromSpecificGravity,
  seawaterDensity,
  specificGravityFromSalinity,
  type ConductivityReference,
  type GravityReference,
} from './salinity.ts';
export { everySalinity, formatQuantity, formatStep } from './format.ts';
export {
  bareUnit,
  isSurfaceReading,
  METHODS,
  METRIC,
  parseQuantity,
  PLAUSIBLE,
  QUANTITIES,
  REFERENCES,
  SOURCES,
  TEMPERATURE_METHODS,
  TEMPERATURE_UNITS,
  USUAL_METHOD,
  VOLUME_UNITS,
  type ReadingMethod,
  type Parsed,
  type Preference,
  type Quantity,
  type Reading,
  type Reference,
  type Source,
  type Unit,
} from './units.ts';
export {
  formsOf,
  KIT_FORMS,
  mostOf,
  parseOnKit,
  type KitAdded,
  type KitChanged,
  type KitFacts,
  type KitFields,
  type KitForm,
} from './kits.ts';
export type { ReadingTaken, WaterEntries } from './entries.ts';
export { waterRules } from './rules.ts';
export { WATER_REFUSALS } from './refusals.ts';
export type { WaterState } from './state.ts';
export { CO2_MG_PER_MMOL, co2AtEquilibrium, dicOfShared, dicWith, speciate } from './carbonate.ts';
export { type Constants, carbonateConstants } from './constants.ts';
export { O2_MG_PER_MMOL, OXYGEN_IN_AIR, gasMmolPerL, oxygenHenry, vapourPressure } from './oxygen.ts';
