// Lines by hand, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { flag, makeAsk } from '../db/ask.ts';

export function prepareState(client: Database.Database): Pick<HouseState, 'findPrepLine'> {
  return {
    findPrepLine: makeAsk(client).get(
      { waits: flag },
      "select json_extract(facts, '$.waits') is not null waits from p_prep_line where id = ? and voided_by is null",
    ),
  };
}
