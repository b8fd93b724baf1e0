// Shifts handed over, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { Mark } from '#core/journal/index.ts';
import type { Whose } from '#core/today/index.ts';
import { json, makeAsk, orNull, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';

/** Whose a due thing was said to be last; `null` = nobody's. */
export function prepareAssigned(client: Database.Database): (due: string) => Whose | null | undefined {
  const latest = makeAsk(client).get(
    { person: t.dueAssigned.person, name: orNull(text) },
    `select a.person, ${personName('a.person')} name from p_due_assigned a where a.due = ? and a.voided_by is null order by a.at_ms desc, a.entry desc limit 1`,
  );
  return (due) => {
    const row = latest(due);
    return row && (row.person === null ? null : { person: row.person, name: row.name ?? row.person });
  };
}

export function todayState(client: Database.Database): Pick<HouseState, 'assignedTo' | 'findShift'> {
  const find = makeAsk(client).get(
    { by: t.shift.by, taken: orNull(json<Mark>()) },
    `select s."by", (select json_object('entry', x.entry, 'by', ${personName('x."by"')}, 'atMs', x.at_ms) from p_shift_taken x where x.shift = s.id and x.voided_by is null) taken
    from p_shift s where s.id = ? and s.voided_by is null`,
  );
  const assigned = prepareAssigned(client);
  return {
    assignedTo: (due) => assigned(due)?.person,
    findShift(id) {
      const row = find(id);
      return row && { by: row.by, ...(row.taken ? { taken: row.taken } : {}) };
    },
  };
}
