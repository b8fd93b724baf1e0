// Rows of the house: its rules, racks, waters, tanks.
import type { RoomEntries } from '#core/room/index.ts';
import { prepareInsert } from '../../db/insert.ts';
import * as tables from '../../db/projectionTables.ts';
import { isLater, type MakeProjectors } from './projector.ts';

export const roomProjectors: MakeProjectors<RoomEntries> = (db) => {
  const rack = prepareInsert(db, tables.rack);
  const water = prepareInsert(db, tables.water);
  const tank = prepareInsert(db, tables.tank);
  return {
    'house.configured': {
      voids: [],
      project({ id, occurredAtMs: atMs, payload: { name, zone, rules } }) {
        const row = { id: 1, entry: id, atMs, name, zone, rules: JSON.stringify(rules) };
        db.insert(tables.house)
          .values(row)
          .onConflictDoUpdate({ target: tables.house.id, set: row, setWhere: isLater(tables.house) })
          .run();
      },
    },
    'rack.added': { voids: [], project: ({ id, payload: { rack: key, ...rest } }) => rack({ id: key, entry: id, ...rest }) },
    'water.added': { voids: [], project: ({ id, payload: { water: key, ...rest } }) => water({ id: key, entry: id, ...rest }) },
    'tank.added': { voids: [], project: ({ id, payload: { tank: key, ...rest } }) => tank({ id: key, entry: id, ...rest }) },
  };
};
