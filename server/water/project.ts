// Rows of readings, and of what they are read with.
import { eq } from 'drizzle-orm';
import type { KitFields, WaterEntries } from '#core/water/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, noteChange, type MakeProjectors } from '../db/projector.ts';
import { withoutNull } from '../now/rows.ts';

export const waterProjectors: MakeProjectors<WaterEntries> = (db) => {
  const reading = prepareInsert(db, tables.reading);
  const kit = prepareInsert(db, tables.kit);
  const change = noteChange(db);
  return {
    'reading.taken': {
      voids: ['p_reading'],
      project(entry) {
        const { subject, quantity, reading: taken, instrument, kit } = entry.payload;
        reading({ ...factOf(entry), subjectKind: subject.kind, subject: subject.id, quantity, ...taken, instrument, kit });
      },
    },
    'kit.added': {
      voids: [],
      project: ({ id, payload: { kit: key, ...facts } }) => kit({ id: key, entry: id, name: facts.name, facts }),
    },
    'kit.changed': {
      voids: [],
      project(entry) {
        const { kit: key, fields } = entry.payload;
        const row = db.select().from(tables.kit).where(eq(tables.kit.id, key)).get()!;
        const facts = withoutNull<KitFields>({ ...row.facts, ...fields } as KitFields);
        db.update(tables.kit).set({ entry: entry.id, name: facts.name, facts }).where(eq(tables.kit.id, key)).run();
        change(entry, `kit:${key}`, fields);
      },
    },
  };
};
