export { appetiteClass, fastOf, isMeal, STARTING_HUNGRY_AFTER, type AppetiteClass, type Fast, type HungryAfterDays } from './appetite.ts';
export { STARTING_FEEDING, type FeedingSettings } from './settings.ts';
