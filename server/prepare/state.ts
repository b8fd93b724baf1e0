// Lines by hand, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { flag, makeAsk } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export function prepareState(client: Database.Database): Pick<HouseState, 'findPrepLine' | 'salinityReadMs'> {
  const ask = makeAsk(client);
  return {
    salinityReadMs: ask.value(
      t.reading.atMs,
      "select at_ms from p_reading where subject = ? and quantity = 'salinity' and source = 'measured' and voided_by is null order by at_ms desc limit 1",
    ),
    findPrepLine: ask.get(
      { waits: flag },
      "select json_extract(facts, '$.waits') is not null waits from p_prep_line where id = ? and voided_by is null",
    ),
  };
}
