export { eats, type Sized } from './eating.ts';
export {
  BEARS,
  GUILDS,
  PREY,
  REMEDY_FAMILIES,
  TEMPERAMENTS,
  WATER_TYPES,
  type Bears,
  type Guild,
  type Prey,
  type Range,
  type RemedyFamily,
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
export { diffShelf, type OnShelf, type ShelfDiff } from './shelfDiff.ts';
export { readShelf, SHELF_COLUMNS, SHELF_FIELDS, shelfRow, type ShelfRead } from './shelfTable.ts';
export { SPECIES_REFUSALS } from './refusals.ts';
export type { SpeciesState } from './state.ts';
export { packedIn } from './packed.ts';
