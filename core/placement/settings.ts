// What a lead decides of places.
import { STARTING_PLACES, type PlaceRules } from './placeRules.ts';

export type PlacementSettings = {
  /** How places are judged: room, and how long a treatment without a test stays in a system, days. */
  places: PlaceRules;
};
export const STARTING_PLACEMENT: PlacementSettings = { places: STARTING_PLACES };
