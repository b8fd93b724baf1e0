// Rows of getting ready.
import type { PrepareEntries } from '#core/prepare/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const prepareProjectors: MakeProjectors<PrepareEntries> = (db) => {
  const match = prepareInsert(db, tables.matchPlan);
  const line = prepareInsert(db, tables.prepLine);
  const move = prepareInsert(db, tables.prepMove);
  const tick = prepareInsert(db, tables.prepTick);
  return {
    'match.planned': {
      voids: ['p_match'],
      project(entry) {
        const { match: id, crate, system, ...facts } = entry.payload;
        match({ ...factOf(entry), id, crate, system, facts });
      },
    },
    'prep.added': {
      voids: ['p_prep_line'],
      project(entry) {
        const { line: id, crate, ...facts } = entry.payload;
        line({ ...factOf(entry), id, crate, facts });
      },
    },
    'prep.moved': { voids: ['p_prep_move'], project: (entry) => move({ ...factOf(entry), ...entry.payload }) },
    'prep.ticked': { voids: ['p_prep_tick'], project: (entry) => tick({ ...factOf(entry), ...entry.payload }) },
  };
};
