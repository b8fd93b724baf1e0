// What a lot is to be given, in words.
import type { RoundTank } from '#contract/views.ts';

import { sayMedicated } from './kitchen.ts';

type Meal = RoundTank['lots'][number]['meal'];
const NOTHING: Record<Exclude<Extract<Meal, { nothing: unknown }>['nothing'], 'no list'>, string> = {
  'first day': 'Nothing on the first day: they would not eat',
  'rest day': 'No heavy food today: it was given, and this is a small tank',
  'not known': 'What they live on is not known: say what they were given',
  'no food': 'No food of this house suits them: say what they were given',
};

/** Undefined when there is nothing to be said: it was given, or is not due yet. */
export function sayMeal(meal: Meal): string | undefined {
  // Where the house has no list of foods nothing is planned, and nobody is asked.
  if ('nothing' in meal) return meal.nothing === 'no list' ? undefined : NOTHING[meal.nothing];
  if (!meal.due) return undefined;
  const food = meal.medicated?.is === 'given' ? `${meal.food} ${sayMedicated(meal.medicated)}` : meal.food;
  return meal.watched ? `${food}: watch how they take it` : food;
}
