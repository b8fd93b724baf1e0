// Rows of quarantine: opened and signed off.
import type { QuarantineEntries } from '#core/quarantine/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const quarantineProjectors: MakeProjectors<QuarantineEntries> = (db) => {
  const quarantine = prepareInsert(db, tables.quarantine);
  const signOff = prepareInsert(db, tables.signOff);
  return {
    'quarantine.opened': {
      voids: ['p_quarantine'],
      project(entry) {
        const { quarantine: id, lot: of, policy, zero } = entry.payload;
        quarantine({ ...factOf(entry), id, lot: of, policy, zero });
      },
    },
    'quarantine.signedOff': {
      voids: ['p_sign_off'],
      project: (entry) => signOff({ ...factOf(entry), quarantine: entry.payload.quarantine, lot: entry.payload.lot }),
    },
  };
};
