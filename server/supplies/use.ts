// What an act used, as rows of its supplies.
import type { RecordedEntry } from '#core/catalogue/index.ts';
import type { Used } from '#core/supplies/index.ts';
import { prepareInsert } from '../db/insert.ts';
import type { Drizzle } from '../db/open.ts';
import * as tables from '../db/projectionTables.ts';

export function prepareUse(db: Drizzle) {
  const flow = prepareInsert(db, tables.supplyFlow);
  return ({ id, occurredAtMs }: Pick<RecordedEntry, 'id' | 'occurredAtMs'>, used: readonly Used[] = []) => {
    for (const { item, amount } of used) flow({ item, amount, entry: id, atMs: occurredAtMs, how: 'used' });
  };
}
