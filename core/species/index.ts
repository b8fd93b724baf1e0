export { eats, type Sized } from './eating.ts';
export {
  PREY,
  WATER_TYPES,
  type Prey,
  type Range,
  type SpeciesAdded,
  type SpeciesEntries,
  type SpeciesFacts,
  type WaterType,
} from './entries.ts';
export { speciesRules } from './rules.ts';
