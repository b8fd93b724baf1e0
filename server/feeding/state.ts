// Foods, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { FoodFacts } from '#core/feeding/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

/** Foods that are kept here, by name. */
export function prepareFoods(client: Database.Database): () => (FoodFacts & { entry: string })[] {
  const all = makeAsk(client).all(pick(t.food, 'id', 'entry', 'facts'), 'select id, entry, facts from p_food order by name');
  return () => all().flatMap(({ facts, ...row }) => (facts.gone ? [] : [{ ...row, ...facts }]));
}

export function feedingState(client: Database.Database): Pick<HouseState, 'findFood' | 'foods'> {
  const find = makeAsk(client).get(pick(t.food, 'id', 'facts'), 'select id, facts from p_food where id = ?');
  return {
    findFood(id) {
      const row = find(id);
      return row && { id: row.id, ...row.facts };
    },
    foods: prepareFoods(client),
  };
}
