// What the fields of a species are called on the screens.
import type { SpeciesFields } from '#core/species/index.ts';

export const FIELD_WORDS: Record<keyof SpeciesFields, string> = {
  scientific: 'scientific name',
  common: 'common name',
  alsoCalled: 'other names',
  water: 'water',
  temperatureC: 'temperature',
  salinityPpt: 'salinity',
  adultCm: 'adult length',
  is: 'what it is',
  eats: 'what it eats',
  jumps: 'jumps',
  keptAlone: 'kept alone',
  neverWith: 'never with',
  temperament: 'temperament',
  groupOf: 'group',
  guild: 'food guild',
  tolerance: 'tolerance',
  shyOf: 'harmed by',
  sources: 'sources',
};
