// What a lead may decide here, within bounds.
import { boolean } from 'yup';
import type { FeedingSettings, HungryAfterDays, MealRules } from '#core/feeding/index.ts';
import { count, finite } from '../basics/fields.ts';
import { days, schemaOf, type Shape } from '../basics/shapes.ts';

const meals = (): Shape<MealRules> => ({
  ordinaryMeals: count(1, 12),
  conditioningMeals: count(1, 12),
  fryMeals: count(1, 12),
  firstMealHour: finite(0, 23).required(),
  lastMealHour: finite(0, 23).required(),
  firstDayMeal: boolean().required(),
  smallTankL: finite(0, 100_000).required(),
  heavyEveryDays: count(1, 30),
});

export const feedingSettings = (): Shape<FeedingSettings> => ({
  meals: schemaOf<MealRules>(meals()),
  hungryAfterDays: schemaOf<HungryAfterDays>({ fry: days(), small: days(), other: days(), largePredator: days(), firstMarine: days() }),
});
