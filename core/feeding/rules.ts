// When a food may be put on the list, and when what is known of it may change. Two of one name could not be told apart in a meal.
import { againstChange, refuse, type Refusal, type Rules } from '../journal/index.ts';
import { isSameName } from '../text/index.ts';
import type { FeedingEntries, FoodChanged } from './entries.ts';
import type { FeedingState } from './state.ts';

const MOST_FOODS = 60;

export const feedingRules: Rules<FeedingEntries, FeedingState> = {
  'food.added': {
    decide({ payload }, { state }) {
      if (state.findFood(payload.food)) return refuse('exists', 'food', { what: 'food', name: payload.name });
      // All of them are weighed for every lot at every look at the rounds.
      if (state.foods().length >= MOST_FOODS) return refuse('food.tooMany', 'name', { most: MOST_FOODS });
      return nameFree(payload.name, undefined, state);
    },
    links: ({ food }) => ({ makes: [food] }),
  },
  'food.changed': {
    decide({ payload }, { state }) {
      const known = state.findFood(payload.food);
      if (!known) return refuse('unknown', 'food', { what: 'food', id: payload.food });
      const against = againstChange({ ...payload, of: `food:${payload.food}` }, known as FoodChanged['fields'], state);
      if (against.length > 0) return against;
      const { name = known.name, gone = known.gone } = payload.fields;
      if (gone) return [];
      // Kept again it is one more.
      if (known.gone && state.foods().length >= MOST_FOODS) return refuse('food.tooMany', 'fields', { most: MOST_FOODS });
      return nameFree(name, known.id, state);
    },
    links: ({ food }) => ({ needs: [food] }),
  },
};

const nameFree = (name: string, self: string | undefined, state: FeedingState): Refusal[] =>
  state.foods().some((food) => food.id !== self && isSameName(food.name, name)) ? refuse('exists', 'name', { what: 'food', name }) : [];
