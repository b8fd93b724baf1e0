// Rows of the house's own settings, each version kept.
import type { SettingsEntries } from '#core/settings/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, isLater, type MakeProjectors } from '../db/projector.ts';

export const settingsProjectors: MakeProjectors<SettingsEntries> = (db) => {
  const ruleVersion = prepareInsert(db, tables.ruleVersion);
  return {
    'house.configured': {
      voids: [],
      project(entry) {
        const { id, occurredAtMs: atMs, payload } = entry;
        const { name, zone, rules } = payload;
        ruleVersion({ ...factOf(entry), rules });
        const row = { id: 1, entry: id, atMs, name, zone, rules };
        db.insert(tables.house)
          .values(row)
          .onConflictDoUpdate({ target: tables.house.id, set: row, setWhere: isLater(tables.house) })
          .run();
      },
    },
  };
};
