// Rows of readings.
import type { WaterEntries } from '#core/water/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const waterProjectors: MakeProjectors<WaterEntries> = (db) => {
  const reading = prepareInsert(db, tables.reading);
  return {
    'reading.taken': {
      voids: ['p_reading'],
      project(entry) {
        const { subject, quantity, reading: taken, instrument } = entry.payload;
        reading({ ...factOf(entry), subjectKind: subject.kind, subject: subject.id, quantity, ...taken, instrument });
      },
    },
  };
};
