// When a food may be put on the list, and when what is known of it may change. Two of one name could not be told apart in a meal.
import { againstChange, refuse, type Refusal, type Rules } from '../journal/index.ts';
import { isSameFood, type FeedingEntries, type FoodFields } from './entries.ts';
import type { FeedingState } from './state.ts';

export const feedingRules: Rules<FeedingEntries, FeedingState> = {
  'food.added': {
    decide({ payload }, { state }) {
      if (state.findFood(payload.food)) return refuse('exists', 'food', { what: 'food', name: payload.name });
      return nameFree(payload.name, undefined, state);
    },
    links: ({ food }) => ({ makes: [food] }),
  },
  'food.changed': {
    decide({ payload }, { state }) {
      const known = state.findFood(payload.food);
      if (!known) return refuse('unknown', 'food', { what: 'food', id: payload.food });
      const against = againstChange<FoodFields>({ ...payload, of: `food:${payload.food}` }, known, state);
      if (against.length > 0) return against;
      const { name = known.name, gone = known.gone } = payload.fields;
      return gone ? [] : nameFree(name, known.id, state);
    },
    links: ({ food }) => ({ needs: [food] }),
  },
};

const nameFree = (name: string, self: string | undefined, state: FeedingState): Refusal[] =>
  state.foods().some((food) => food.id !== self && isSameFood(food.name, name)) ? refuse('exists', 'name', { what: 'food', name }) : [];
