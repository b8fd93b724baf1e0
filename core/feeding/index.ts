export { appetiteClass, fastOf, isMeal, STARTING_HUNGRY_AFTER, type AppetiteClass, type Fast, type HungryAfterDays } from './appetite.ts';
export {
  FOOD_FORMS,
  MOUTHS,
  type FeedingEntries,
  type FoodAdded,
  type FoodChanged,
  type FoodFacts,
  type FoodFields,
  type FoodForm,
  type Mouth,
} from './entries.ts';
export {
  eatsAt,
  isAsked,
  MEAL_PHASES,
  mealDue,
  mealFor,
  mealTimes,
  mouthOf,
  phaseOf,
  STARTING_MEALS,
  type Eats,
  type Meal,
  type MealPhase,
  type MealRules,
} from './meals.ts';
export { FEEDING_REFUSALS } from './refusals.ts';
export { feedingRules } from './rules.ts';
export { STARTING_FEEDING, type FeedingSettings } from './settings.ts';
export { USUAL_FOODS } from './usual.ts';
export type { FeedingState } from './state.ts';
