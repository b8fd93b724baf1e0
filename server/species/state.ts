// What is known of species, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export function speciesState(client: Database.Database): Pick<HouseState, 'findSpecies'> {
  const find = makeAsk(client).get(pick(t.species, 'id', 'facts'), 'select id, facts from p_species where id = ?');
  return {
    findSpecies(id) {
      const row = find(id);
      return row && { id: row.id, ...row.facts };
    },
  };
}
