// Rows of planned moves and of what became of each slip.
import type { MoveEntries } from '#core/moves/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const moveProjectors: MakeProjectors<MoveEntries> = (db) => {
  const slip = prepareInsert(db, tables.slip);
  const mark = prepareInsert(db, tables.slipMark);
  return {
    'moves.planned': {
      voids: ['p_slip'],
      project(entry) {
        const { plan, name, slips } = entry.payload;
        slips.forEach((one, ord) => {
          const { slip: id, lot, from, to } = one;
          slip({ ...factOf(entry), id, plan, name, ord, lot, from, to, facts: JSON.stringify(one) });
        });
      },
    },
    'slip.tried': {
      voids: ['p_slip_mark'],
      project: (entry) => mark({ ...factOf(entry), slip: entry.payload.slip, what: 'tried', note: entry.payload.note }),
    },
    'slip.freed': { voids: ['p_slip_mark'], project: (entry) => mark({ ...factOf(entry), slip: entry.payload.slip, what: 'freed' }) },
    'slip.dropped': {
      voids: ['p_slip_mark'],
      project: (entry) => mark({ ...factOf(entry), slip: entry.payload.slip, what: 'dropped', note: entry.payload.why }),
    },
  };
};
