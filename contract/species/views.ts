// What the screens read of species. Instants are UTC ms, quantities SI.
import type { SpeciesAdded } from '#core/species/index.ts';
import type { TopicsOf } from '../basics/topics.ts';

/** `entry` = the latest entry on it, to base a change on. */
export type SpeciesRow = SpeciesAdded & { entry: string; /** Living heads in the house. */ heads: number };

export type SpeciesView = { seq: number; species: SpeciesRow[] };

export type SpeciesName = { id: string; common: string; scientific?: string };

export type SpeciesViews = { species: SpeciesView };
export const speciesViewTopics: TopicsOf<SpeciesViews> = {
  species: ['species', 'stock'],
};
