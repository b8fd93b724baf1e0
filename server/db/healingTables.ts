// Projections of fish that heal: what is followed, each measure, how it ended.
import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { HealedHow, HealingBy } from '#core/healing/index.ts';
import { fact } from './columns.ts';

export const healing = sqliteTable(
  'p_healing',
  {
    ...fact(),
    id: text().notNull().unique(),
    lot: text().notNull(),
    what: text().notNull(),
    measuredBy: text('measured_by').$type<HealingBy>().notNull(),
    until: real().notNull(),
    everyDays: integer('every_days').notNull(),
    note: text(),
  },
  (table) => [index('p_healing_lot').on(table.lot)],
);
export const healingMeasure = sqliteTable(
  'p_healing_measure',
  { ...fact(), healing: text().notNull(), value: real().notNull(), note: text() },
  (table) => [index('p_healing_measure_healing').on(table.healing, table.atMs)],
);
export const healingEnd = sqliteTable(
  'p_healing_end',
  { ...fact(), healing: text().notNull(), how: text().$type<HealedHow>().notNull(), why: text() },
  (table) => [index('p_healing_end_healing').on(table.healing)],
);
