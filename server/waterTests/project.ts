// Rows of tests of water.
import type { WaterTestEntries } from '#core/waterTests/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const waterTestProjectors: MakeProjectors<WaterTestEntries> = (db) => {
  const plan = prepareInsert(db, tables.testPlan);
  const word = prepareInsert(db, tables.filterWord);
  const answer = prepareInsert(db, tables.answer);
  return {
    'tests.planned': {
      voids: ['p_test_plan'],
      project(entry) {
        const { system, every, limits, note } = entry.payload;
        plan({ ...factOf(entry), system, every, limits, note });
      },
    },
    'filter.judged': {
      voids: ['p_filter_word'],
      project: (entry) => word({ ...factOf(entry), system: entry.payload.system, says: entry.payload.is, note: entry.payload.note }),
    },
    'reading.answered': {
      voids: ['p_answer'],
      project: (entry) => answer({ ...factOf(entry), ...entry.payload }),
    },
  };
};
