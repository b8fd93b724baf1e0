// The fields of the house's rules about meals.
import type { FormField } from '../parts/PlainForm.tsx';
import { number, whole } from './ruleFields.ts';

export const MEALS: FormField[] = [
  number('fry', 'Fry without a meal, days', [0, 365], {
    ...whole,
    section: 'Meals',
    about: 'A lot that went without a meal for longer is marked on the rounds.',
  }),
  number('small', 'Fish under 5 cm, days', [0, 365], whole),
  number('other', 'Other fish, days', [0, 365], whole),
  number('largePredator', 'Large predators, days', [0, 365], whole),
  number('firstMarine', 'First meal of marine fish, days', [0, 365], whole),
];
export const FEEDING: FormField[] = [
  number('ordinaryMeals', 'Meals a day', [1, 12], {
    ...whole,
    section: 'What is given, and how often',
    about: 'A meal is due from an hour before its time. The round feeds what is due by the same tap; between rounds a walk only feeds.',
  }),
  number('conditioningMeals', 'Meals a day until they eat', [1, 12], { ...whole, hint: 'small ones' }),
  number('fryMeals', 'Meals a day of fry', [1, 12], whole),
  number('firstMealHour', 'First meal at, hour', [0, 23]),
  number('lastMealHour', 'Last meal at, hour', [0, 23]),
  number('heavyEveryDays', 'Heavy food in a small quarantine tank every, days', [1, 30], whole),
  number('smallTankL', 'A small tank is under, L', [0, 100_000]),
];
export const KITCHEN: FormField[] = [
  number('ordinaryPercent', 'A day’s food, % of their mass', [0, 50], {
    section: 'Kitchen',
    about:
      'What the kitchen sheet weighs: wet food, for fish of 3 to 10 cm; tiny ones count double, large ones half. Estimates to begin with.',
  }),
  number('quarantinePercent', 'In quarantine, %', [0, 50]),
  number('conditioningPercent', 'Until they eat, %', [0, 50]),
  number('firstDayPercent', 'On the first day, %', [0, 50]),
  number('fryPercent', 'Fry, %', [0, 50]),
  number('thawedKeepsH', 'Thawed food keeps for, h', [0.5, 72], { hint: 'in the cold; less in a warm room' }),
];
/** The one of them that is no number. */
export const FIRST_DAY: FormField = {
  name: 'firstDayMeal',
  type: 'choice',
  label: 'On the day of their release',
  options: [
    { value: 'no', label: 'nothing: they would not eat' },
    { value: 'yes', label: 'a first meal that somebody watches' },
  ],
};
