// What is written down about species: what they need, who eats whom. Ranges are what the house keeps them at.

export type WaterType = 'fresh' | 'brackish' | 'marine';
export const WATER_TYPES: readonly WaterType[] = ['fresh', 'brackish', 'marine'];

/** What an animal is to a hungry neighbour. */
export type Prey = 'fish' | 'shrimp' | 'snail';
export const PREY: readonly Prey[] = ['fish', 'shrimp', 'snail'];

export type Range = { min: number; max: number };

/** Towards neighbours, in the trade's words. */
export type Temperament = 'shy' | 'peaceful' | 'territorial' | 'aggressive';
export const TEMPERAMENTS: readonly Temperament[] = ['shy', 'peaceful', 'territorial', 'aggressive'];

/** What it lives on. */
export const GUILDS = [
  'plankton picker',
  'omnivore',
  'grazer',
  'pod hunter',
  'meat eater',
  'insect catcher',
  'shell crusher',
  'scavenger',
  'live food',
] as const;
export type Guild = (typeof GUILDS)[number];

/** Families of treatments; never a product. */
export const MEDICATION_FAMILIES = ['copper', 'chloroquine', 'formalin', 'dye', 'salt', 'antiworm', 'low salinity'] as const;
export type MedicationFamily = (typeof MEDICATION_FAMILIES)[number];

/** How much change of water it bears, by the house's own view. */
export type ToleranceClass = 'delicate' | 'ordinary' | 'hardy';
export const TOLERANCE_CLASSES: readonly ToleranceClass[] = ['delicate', 'ordinary', 'hardy'];

export type SpeciesAdded = {
  species: string;
  /** Not known when left out, here and below: never taken for harmless. */
  scientific?: string;
  common: string;
  /** Other names it is sold or heard under. */
  alsoCalled: string[];
  water: WaterType[];
  temperatureC?: Range;
  salinityPpt?: Range;
  adultCm?: number;
  is: Prey;
  /** What it takes when it fits the mouth: prey up to `gape` × its own length. */
  eats?: { prey: Prey[]; gape: number };
  jumps?: boolean;
  keptAlone?: boolean;
  /** Species ids that it is never put with here, whatever the sizes. */
  neverWith: string[];
  temperament?: Temperament;
  /** Kept in groups of at least so many; 1 = singly or in pairs will do. */
  groupOf?: number;
  guild?: Guild;
  tolerance?: ToleranceClass;
  /** Medication families that harm it. Empty = none known to the house, which is not the same as harmless. */
  shyOf?: MedicationFamily[];
  sources: string[];
};

/** What a lead may set anew of a species; its id never changes. */
export type SpeciesFields = Omit<SpeciesAdded, 'species'>;
/** Only the fields that changed. `basedOn` = the entry that the maker saw as the latest on this species. */
export type SpeciesChanged = { species: string; basedOn: string; fields: Partial<SpeciesFields> };

export interface SpeciesEntries {
  'species.added': SpeciesAdded;
  'species.changed': SpeciesChanged;
}

export type SpeciesFacts = { id: string } & SpeciesFields;
