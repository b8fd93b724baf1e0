// The foods that this house has: what they are, for whom, and how they are got ready.
import type { Changed } from '../journal/index.ts';
import type { Guild } from '../species/index.ts';

export const FOOD_FORMS = ['frozen', 'live', 'dry', 'sheet', 'on the half shell', 'paste'] as const;
export type FoodForm = (typeof FOOD_FORMS)[number];
/** Which mouths take it: of fish under 3 cm, under 10 cm, and larger. */
export const MOUTHS = ['tiny', 'small', 'large'] as const;
export type Mouth = (typeof MOUTHS)[number];

/** `heavy` = it fouls a small bare tank. `thawH` = hours to thaw. `strain`, `soakMin` = what is done before it is given. `leaveInH` = it stays in for the shy, and is taken out after so many hours. `portionG` = it is sold in pieces of so many grams; under `reorderG` it is ordered again. `gone` = not kept here any more. */
export type FoodFields = {
  name: string;
  form: FoodForm;
  guilds: Guild[];
  mouths: Mouth[];
  heavy: boolean;
  thawH?: number;
  strain?: boolean;
  soakMin?: number;
  leaveInH?: number;
  portionG?: number;
  reorderG?: number;
  prepared?: string;
  gone?: boolean;
};
export type FoodAdded = { food: string } & FoodFields;
/** Only the fields that changed. `basedOn` = the entry that the maker saw as the latest on this food. */
export type FoodChanged = { food: string; basedOn: string; fields: Changed<FoodFields> };
export type FoodFacts = { id: string } & FoodFields;

export interface FeedingEntries {
  'food.added': FoodAdded;
  'food.changed': FoodChanged;
}
