// Shifts handed over, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { Mark } from '#core/journal/index.ts';
import { json, makeAsk, orNull } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';

export function todayState(client: Database.Database): Pick<HouseState, 'findShift'> {
  const find = makeAsk(client).get(
    { by: t.shift.by, taken: orNull(json<Mark>()) },
    `select s."by", (select json_object('entry', x.entry, 'by', ${personName('x."by"')}, 'atMs', x.at_ms) from p_shift_taken x where x.shift = s.id and x.voided_by is null) taken
    from p_shift s where s.id = ? and s.voided_by is null`,
  );
  return {
    findShift(id) {
      const row = find(id);
      return row && { by: row.by, ...(row.taken ? { taken: row.taken } : {}) };
    },
  };
}
