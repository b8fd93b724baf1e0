// Rows of what was decided of due things.
import type { TodayEntries } from '#core/today/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const todayProjectors: MakeProjectors<TodayEntries> = (db) => {
  const due = prepareInsert(db, tables.due);
  const assigned = prepareInsert(db, tables.dueAssigned);
  const shift = prepareInsert(db, tables.shift);
  const taken = prepareInsert(db, tables.shiftTaken);
  return {
    'shift.handed': {
      voids: ['p_shift'],
      project: (entry) => shift({ ...factOf(entry), id: entry.payload.shift, worries: entry.payload.worries }),
    },
    'shift.taken': { voids: ['p_shift_taken'], project: (entry) => taken({ ...factOf(entry), ...entry.payload }) },
    'due.done': {
      voids: ['p_due'],
      project: (entry) => due({ ...factOf(entry), due: entry.payload.due, kind: 'done', why: entry.payload.note }),
    },
    'due.snoozed': { voids: ['p_due'], project: (entry) => due({ ...factOf(entry), ...entry.payload, kind: 'snoozed' }) },
    'due.assigned': { voids: ['p_due_assigned'], project: (entry) => assigned({ ...factOf(entry), ...entry.payload }) },
    'due.skipped': { voids: ['p_due'], project: (entry) => due({ ...factOf(entry), ...entry.payload, kind: 'skipped' }) },
  };
};
