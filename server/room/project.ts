// Rows of the room: racks, systems, tanks, which tank is on which system since when, what is gone.
import { eq } from 'drizzle-orm';
import type { RoomEntries } from '#core/room/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, noteChange, type MakeProjectors } from '../db/projector.ts';

export const roomProjectors: MakeProjectors<RoomEntries> = (db) => {
  const rack = prepareInsert(db, tables.rack);
  const system = prepareInsert(db, tables.system);
  const tank = prepareInsert(db, tables.tank);
  const systemsSince = prepareInsert(db, tables.systemsSince);
  const retirement = prepareInsert(db, tables.retirement);
  const change = noteChange(db);
  return {
    'rack.added': { voids: [], project: ({ id, payload: { rack: key, ...rest } }) => rack({ id: key, entry: id, ...rest }) },
    'system.added': { voids: [], project: ({ id, payload: { system: key, ...rest } }) => system({ id: key, entry: id, ...rest }) },
    'tank.added': {
      voids: [],
      project({ id, occurredAtMs, payload: { tank: key, ...rest } }) {
        tank({ id: key, entry: id, ...rest, vessel: rest.vessel ?? 'tank' });
        systemsSince({ entry: id, tank: key, system: rest.system, atMs: occurredAtMs });
      },
    },
    'rack.changed': {
      voids: [],
      project(entry) {
        const { rack: key, fields } = entry.payload;
        db.update(tables.rack)
          .set({ entry: entry.id, ...fields })
          .where(eq(tables.rack.id, key))
          .run();
        change(entry, `rack:${key}`, fields);
      },
    },
    'system.changed': {
      voids: [],
      project(entry) {
        const { system: key, fields } = entry.payload;
        db.update(tables.system)
          .set({ entry: entry.id, ...fields })
          .where(eq(tables.system.id, key))
          .run();
        change(entry, `water:${key}`, fields);
      },
    },
    'systems.joined': {
      voids: [],
      project(entry) {
        const { into, tanks, volumeL } = entry.payload;
        db.update(tables.system).set({ entry: entry.id, volumeL }).where(eq(tables.system.id, into)).run();
        change(entry, `water:${into}`, { volumeL });
        for (const key of tanks) {
          db.update(tables.tank).set({ entry: entry.id, system: into }).where(eq(tables.tank.id, key)).run();
          systemsSince({ entry: entry.id, tank: key, system: into, atMs: entry.occurredAtMs });
          change(entry, `tank:${key}`, { system: into });
        }
      },
    },
    'tank.changed': {
      voids: [],
      project(entry) {
        const { tank: key, fields } = entry.payload;
        db.update(tables.tank)
          .set({ entry: entry.id, ...fields })
          .where(eq(tables.tank.id, key))
          .run();
        if (fields.system !== undefined) systemsSince({ entry: entry.id, tank: key, system: fields.system, atMs: entry.occurredAtMs });
        change(entry, `tank:${key}`, fields);
      },
    },
    'thing.retired': {
      voids: ['p_retirement'],
      project: (entry) => retirement({ ...factOf(entry), what: entry.payload.what, thing: entry.payload.id }),
    },
  };
};
