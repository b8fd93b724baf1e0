// What is written down about species: what they need, who eats whom. Ranges are what the house keeps them at.

export type WaterType = 'fresh' | 'brackish' | 'marine';
export const WATER_TYPES: readonly WaterType[] = ['fresh', 'brackish', 'marine'];

/** What an animal is to a hungry neighbour. */
export type Prey = 'fish' | 'shrimp' | 'snail';
export const PREY: readonly Prey[] = ['fish', 'shrimp', 'snail'];

export type Range = { min: number; max: number };

export type SpeciesAdded = {
  species: string;
  scientific: string;
  common: string;
  /** Other names it is sold or heard under. */
  alsoCalled: string[];
  water: WaterType[];
  temperatureC: Range;
  salinityPpt: Range;
  adultCm: number;
  is: Prey;
  /** What it takes when it fits the mouth: prey up to `gape` × its own length. */
  eats: { prey: Prey[]; gape: number };
  jumps: boolean;
  keptAlone: boolean;
  /** Species ids that it is never put with here, whatever the sizes. */
  neverWith: string[];
  sources: string[];
};

export interface SpeciesEntries {
  'species.added': SpeciesAdded;
}

export type SpeciesFacts = { id: string } & Omit<SpeciesAdded, 'species'>;
