// Projections of tests of water: the kits, each system's own plan, what was said of its filter, what was done about a value over its limit.
import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { KitFields } from '#core/water/index.ts';
import type { DoneAbout, FilterJudged, OwnLimit, OwnTest } from '#core/waterTests/index.ts';
import { fact } from './columns.ts';

export const kit = sqliteTable('p_kit', {
  id: text().primaryKey(),
  entry: text().notNull(),
  name: text().notNull(),
  facts: text({ mode: 'json' }).$type<KitFields>().notNull(),
});
/** The latest holds. */
export const testPlan = sqliteTable(
  'p_test_plan',
  {
    ...fact(),
    system: text().notNull(),
    every: text({ mode: 'json' }).$type<OwnTest[]>().notNull(),
    limits: text({ mode: 'json' }).$type<OwnLimit[]>().notNull(),
    note: text(),
  },
  (table) => [index('p_test_plan_system').on(table.system, table.atMs)],
);
export const filterWord = sqliteTable(
  'p_filter_word',
  { ...fact(), system: text().notNull(), says: text().$type<FilterJudged['is']>().notNull(), note: text() },
  (table) => [index('p_filter_word_system').on(table.system, table.atMs)],
);
export const answer = sqliteTable(
  'p_answer',
  {
    ...fact(),
    reading: text().notNull(),
    did: text({ mode: 'json' }).$type<DoneAbout[]>().notNull(),
    retestAtMs: integer('retest_at_ms'),
    note: text(),
  },
  (table) => [index('p_answer_reading').on(table.reading, table.atMs), index('p_answer_at').on(table.atMs)],
);
