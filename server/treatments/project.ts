// Rows of treatments.
import type { RemedyEntries } from '#core/treatments/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const treatmentProjectors: MakeProjectors<RemedyEntries> = (db) => {
  const course = prepareInsert(db, tables.course);
  const courseEnd = prepareInsert(db, tables.courseEnd);
  return {
    'remedy.begun': {
      voids: ['p_course'],
      project: (entry) => course({ ...factOf(entry), id: entry.payload.course, system: entry.payload.system, family: entry.payload.family }),
    },
    'remedy.ended': {
      voids: ['p_course_end'],
      project: (entry) => courseEnd({ ...factOf(entry), course: entry.payload.course }),
    },
  };
};
