// Rows of healing.
import type { HealingEntries } from '#core/healing/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const healingProjectors: MakeProjectors<HealingEntries> = (db) => {
  const healing = prepareInsert(db, tables.healing);
  const measure = prepareInsert(db, tables.healingMeasure);
  const end = prepareInsert(db, tables.healingEnd);
  return {
    'healing.begun': {
      voids: ['p_healing'],
      project(entry) {
        const { healing: id, by, ...facts } = entry.payload;
        healing({ ...factOf(entry), ...facts, id, measuredBy: by });
      },
    },
    'healing.measured': { voids: ['p_healing_measure'], project: (entry) => measure({ ...factOf(entry), ...entry.payload }) },
    'healing.ended': { voids: ['p_healing_end'], project: (entry) => end({ ...factOf(entry), ...entry.payload }) },
  };
};
