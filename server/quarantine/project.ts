// Rows of quarantine: opened and signed off.
import type { HoldEntries } from '#core/quarantine/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const quarantineProjectors: MakeProjectors<HoldEntries> = (db) => {
  const hold = prepareInsert(db, tables.hold);
  const signOff = prepareInsert(db, tables.signOff);
  return {
    'hold.opened': {
      voids: ['p_hold'],
      project(entry) {
        const { hold: id, lot: of, policy, zero } = entry.payload;
        hold({ ...factOf(entry), id, lot: of, policy: JSON.stringify(policy), zero });
      },
    },
    'hold.signedOff': {
      voids: ['p_sign_off'],
      project: (entry) => signOff({ ...factOf(entry), hold: entry.payload.hold, lot: entry.payload.lot }),
    },
  };
};
