// Projections of what is seen of fish that are well, and of how tanks are arranged.
import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Certainty } from '#core/lots/index.ts';
import type { Arranged, Behaviour } from '#core/noted/index.ts';
import { fact } from './columns.ts';

export const behaviour = sqliteTable(
  'p_behaviour',
  { ...fact(), tank: text().notNull(), lot: text().notNull(), what: text({ mode: 'json' }).$type<Behaviour[]>().notNull(), note: text() },
  (table) => [index('p_behaviour_lot').on(table.lot, table.atMs)],
);
export const sexed = sqliteTable(
  'p_sexed',
  {
    ...fact(),
    lot: text().notNull(),
    males: integer().notNull(),
    females: integer().notNull(),
    sure: text().$type<Certainty>().notNull(),
    note: text(),
  },
  (table) => [index('p_sexed_lot').on(table.lot, table.atMs)],
);
export const arrangement = sqliteTable(
  'p_arrangement',
  { ...fact(), tank: text().notNull(), did: text({ mode: 'json' }).$type<Arranged[]>().notNull(), note: text() },
  (table) => [index('p_arrangement_tank').on(table.tank, table.atMs)],
);
