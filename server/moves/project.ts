// Rows of planned moves and of what became of each slip.
import type { MoveEntries } from '#core/moves/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const moveProjectors: MakeProjectors<MoveEntries> = (db) => {
  const task = prepareInsert(db, tables.task);
  const mark = prepareInsert(db, tables.transferMark);
  return {
    'moves.planned': {
      voids: ['p_transfer_task'],
      project(entry) {
        const { plan, name, tasks } = entry.payload;
        tasks.forEach((otherTask, ord) => {
          const { task: id, lot, from, to } = otherTask;
          task({ ...factOf(entry), id, plan, name, ord, lot, from, to, facts: otherTask });
        });
      },
    },
    'transfer.tried': {
      voids: ['p_transfer_mark'],
      project: (entry) => mark({ ...factOf(entry), task: entry.payload.task, what: 'tried', note: entry.payload.note }),
    },
    'transfer.unblocked': {
      voids: ['p_transfer_mark'],
      project: (entry) => mark({ ...factOf(entry), task: entry.payload.task, what: 'unblocked' }),
    },
    'transfer.dropped': {
      voids: ['p_transfer_mark'],
      project: (entry) => mark({ ...factOf(entry), task: entry.payload.task, what: 'dropped', note: entry.payload.why }),
    },
  };
};
