// What a lead decides of feeding.
import { STARTING_MEALS, type MealRules } from './meals.ts';
import { STARTING_HUNGRY_AFTER, type HungryAfterDays } from './appetite.ts';

export type FeedingSettings = {
  /** How often what is given. */
  meals: MealRules;
  /** Days without a meal before a lot is flagged. */
  hungryAfterDays: HungryAfterDays;
};
export const STARTING_FEEDING: FeedingSettings = { hungryAfterDays: STARTING_HUNGRY_AFTER, meals: STARTING_MEALS };
