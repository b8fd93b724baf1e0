export { eats, type Sized } from './eating.ts';
export {
  TOLERANCE_CLASSES,
  GUILDS,
  PREY,
  MEDICATION_FAMILIES,
  TEMPERAMENTS,
  WATER_TYPES,
  type ToleranceClass,
  type Guild,
  type Prey,
  type Range,
  type MedicationFamily,
  type SpeciesAdded,
  type SpeciesChanged,
  type SpeciesEntries,
  type SpeciesFacts,
  type SpeciesFields,
  type Temperament,
  type WaterType,
} from './entries.ts';
export { makeLookUp, type Found, type Likeness, type LookUp, type Named } from './lookUp.ts';
export { speciesRules } from './rules.ts';
export { diffSpecies, type ListedSpecies, type SpeciesDiff } from './speciesDiff.ts';
export { idOfName, readSpeciesTable, SPECIES_COLUMNS, SPECIES_FORM_FIELDS, speciesRow, type SpeciesRead } from './speciesTable.ts';
export { SPECIES_REFUSALS } from './refusals.ts';
export type { SpeciesState } from './state.ts';
export { packedIn } from './packed.ts';
