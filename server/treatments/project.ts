// Rows of treatments.
import type { TreatmentEntries } from '#core/treatments/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const treatmentProjectors: MakeProjectors<TreatmentEntries> = (db) => {
  const treatment = prepareInsert(db, tables.treatment);
  const treatmentEnd = prepareInsert(db, tables.treatmentEnd);
  return {
    'treatment.begun': {
      voids: ['p_treatment'],
      project: (entry) =>
        treatment({ ...factOf(entry), id: entry.payload.treatment, system: entry.payload.system, family: entry.payload.family }),
    },
    'treatment.ended': {
      voids: ['p_treatment_end'],
      project: (entry) => treatmentEnd({ ...factOf(entry), treatment: entry.payload.treatment }),
    },
  };
};
