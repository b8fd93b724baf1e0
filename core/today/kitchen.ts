// What is due of the kitchen: food that is to come out again, batches that are too old, the next kitchen to begin, what is to be ordered.
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { defineDue } from './define.ts';
import { DOCK, type Walk } from './thing.ts';

export type KitchenDueFacts = {
  /** Food that stays in, by the tank and the hour it is to come out. */
  stillIn: { entry: string; tank: string; tankCode: string; what: string; outMs: number; walk: Walk }[];
  /** Food of a batch that keeps no longer than until `keepsUntilMs`. */
  oldFood: { entry: string; food: string; what: string; keepsUntilMs: number }[];
  /** Of a house that prepares its meals: the next one for which nothing was begun. `entry` = the food that takes the longest. */
  kitchen: { entry: string; mealMs: number; beginMs: number }[];
  /** Little is left of it, or some of it is past its date; since something last came, went or was counted. */
  supplies: { entry: string; what: string; is: 'low' | 'past'; sinceMs: number }[];
};
export const NO_KITCHEN_FACTS: KitchenDueFacts = { stillIn: [], oldFood: [], kitchen: [], supplies: [] };

const OUT_GRACE_MS = 30 * MINUTE_MS;
const AWAY_GRACE_MS = HOUR_MS;
const ORDER_WITHIN_MS = 3 * DAY_MS;

export const kitchenDue = {
  'food-out': defineDue({
    harm: 'tank',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ stillIn }) =>
      stillIn.map(({ entry, tank, tankCode, what, outMs, walk }) => ({
        entry,
        step: 'out',
        fromMs: outMs,
        byMs: outMs + OUT_GRACE_MS,
        walk,
        facts: { tank, tankCode, what },
      })),
  }),
  'batch-away': defineDue({
    harm: 'tank',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ oldFood }) =>
      oldFood.map(({ entry, food, what, keepsUntilMs }) => ({
        entry,
        step: food,
        fromMs: keepsUntilMs,
        byMs: keepsUntilMs + AWAY_GRACE_MS,
        walk: DOCK,
        facts: { what },
      })),
  }),
  kitchen: defineDue({
    harm: 'round',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ kitchen }) =>
      kitchen.map(({ entry, mealMs, beginMs }) => ({
        entry,
        step: String(mealMs),
        fromMs: beginMs - HOUR_MS / 2,
        atMs: beginMs,
        byMs: beginMs + HOUR_MS / 2,
        walk: DOCK,
        facts: { sinceMs: mealMs },
      })),
  }),
  supply: defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ supplies }) =>
      supplies.map(({ entry, what, is, sinceMs }) => ({
        entry,
        step: is,
        fromMs: sinceMs,
        byMs: sinceMs + ORDER_WITHIN_MS,
        walk: DOCK,
        facts: { what },
      })),
  }),
};
