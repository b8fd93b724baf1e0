// What a lead decides of feeding.
import { STARTING_HUNGRY_AFTER, type HungryAfterDays } from './appetite.ts';

export type FeedingSettings = {
  /** Days without a meal before a lot is flagged. */
  hungryAfterDays: HungryAfterDays;
};
export const STARTING_FEEDING: FeedingSettings = { hungryAfterDays: STARTING_HUNGRY_AFTER };
