// Rows of the house: its rules, racks, waters, tanks; people beside them, set up the same way.
import { sql } from 'drizzle-orm';
import type { PeopleEntries } from '#core/people/index.ts';
import type { RoomEntries } from '#core/room/index.ts';
import { prepareInsert } from '../../db/insert.ts';
import * as tables from '../../db/projectionTables.ts';
import type { MakeProjectors } from './projector.ts';

export const roomProjectors: MakeProjectors<RoomEntries & PeopleEntries> = (db) => {
  const rack = prepareInsert(db, tables.rack);
  const water = prepareInsert(db, tables.water);
  const tank = prepareInsert(db, tables.tank);
  const person = prepareInsert(db, tables.person);
  return {
    'house.configured': {
      voids: [],
      project({ id, occurredAtMs: atMs, payload: { name, zone, rules } }) {
        // The latest by (occurredAtMs, id) holds, in whatever order they are recorded.
        const row = { id: 1, entry: id, atMs, name, zone, rules: JSON.stringify(rules) };
        db.insert(tables.house)
          .values(row)
          .onConflictDoUpdate({
            target: tables.house.id,
            set: row,
            setWhere: sql`excluded.at_ms > ${tables.house.atMs} or (excluded.at_ms = ${tables.house.atMs} and excluded.entry > ${tables.house.entry})`,
          })
          .run();
      },
    },
    'person.added': { voids: [], project: ({ id, payload: { person: key, ...rest } }) => person({ id: key, entry: id, ...rest }) },
    'rack.added': { voids: [], project: ({ id, payload: { rack: key, ...rest } }) => rack({ id: key, entry: id, ...rest }) },
    'water.added': { voids: [], project: ({ id, payload: { water: key, ...rest } }) => water({ id: key, entry: id, ...rest }) },
    'tank.added': { voids: [], project: ({ id, payload: { tank: key, ...rest } }) => tank({ id: key, entry: id, ...rest }) },
  };
};
