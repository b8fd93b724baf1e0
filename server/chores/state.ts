// Chores, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareDone, prepareKeptChores, preparePlaces } from './standing.ts';

export function choreState(client: Database.Database): Pick<HouseState, 'findChore' | 'chores' | 'placesOfChore' | 'choreDone'> {
  const find = makeAsk(client).get(pick(t.chore, 'id', 'facts'), 'select id, facts from p_chore where id = ?');
  const places = preparePlaces(client);
  return {
    findChore(id) {
      const row = find(id);
      return row && { id: row.id, ...row.facts };
    },
    chores: prepareKeptChores(client),
    placesOfChore: (chore) => places().of(chore),
    choreDone: prepareDone(client),
  };
}
