// Rows of notes about fish that are well and about tanks that were arranged anew.
import type { NotedEntries } from '#core/noted/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const notedProjectors: MakeProjectors<NotedEntries> = (db) => {
  const behaviour = prepareInsert(db, tables.behaviour);
  const sexed = prepareInsert(db, tables.sexed);
  const arrangement = prepareInsert(db, tables.arrangement);
  return {
    'behaviour.seen': { voids: ['p_behaviour'], project: (entry) => behaviour({ ...factOf(entry), ...entry.payload }) },
    'lot.sexed': { voids: ['p_sexed'], project: (entry) => sexed({ ...factOf(entry), ...entry.payload }) },
    'tank.arranged': { voids: ['p_arrangement'], project: (entry) => arrangement({ ...factOf(entry), ...entry.payload }) },
  };
};
