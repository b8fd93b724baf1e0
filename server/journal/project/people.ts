// Rows of people: who works here, and the units that each of them reads in.
import type { PeopleEntries } from '#core/people/index.ts';
import { prepareInsert } from '../../db/insert.ts';
import * as tables from '../../db/projectionTables.ts';
import { isLater, type MakeProjectors } from './projector.ts';

export const peopleProjectors: MakeProjectors<PeopleEntries> = (db) => {
  const person = prepareInsert(db, tables.person);
  return {
    'person.added': { voids: [], project: ({ id, payload: { person: key, ...rest } }) => person({ id: key, entry: id, ...rest }) },
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
