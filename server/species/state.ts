// What is known of species, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { SpeciesFacts } from '#core/species/index.ts';
import { makeAsk } from '../db/ask.ts';

export function speciesState(client: Database.Database): Pick<HouseState, 'findSpecies'> {
  const find = makeAsk(client).get<{ id: string; facts: string }>('select id, facts from p_species where id = ?');
  return {
    findSpecies(id) {
      const row = find(id);
      return row && ({ id: row.id, ...JSON.parse(row.facts) } as SpeciesFacts);
    },
  };
}
