// Rows of people: who works here, and the units that each of them reads in.
import { eq } from 'drizzle-orm';
import type { PeopleEntries } from '#core/people/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, isLater, noteChange, type MakeProjectors } from '../db/projector.ts';

export const peopleProjectors: MakeProjectors<PeopleEntries> = (db) => {
  const person = prepareInsert(db, tables.person);
  const retirement = prepareInsert(db, tables.retirement);
  const change = noteChange(db);
  return {
    'person.added': { voids: [], project: ({ id, payload: { person: key, ...rest } }) => person({ id: key, entry: id, ...rest }) },
    'person.changed': {
      voids: [],
      project(entry) {
        const { person: key, fields } = entry.payload;
        db.update(tables.person)
          .set({ entry: entry.id, ...fields })
          .where(eq(tables.person.id, key))
          .run();
        change(entry, `person:${key}`, fields);
      },
    },
    'person.left': {
      voids: ['p_retirement'],
      project: (entry) => retirement({ ...factOf(entry), what: 'person', thing: entry.payload.person }),
    },
    'person.pinSet': { voids: [], project: () => undefined },
    'person.prefers': {
      voids: [],
      project({ id, occurredAtMs: atMs, payload }) {
        const row = { entry: id, atMs, ...payload };
        db.insert(tables.preference)
          .values(row)
          .onConflictDoUpdate({ target: tables.preference.person, set: row, setWhere: isLater(tables.preference) })
          .run();
      },
    },
  };
};
