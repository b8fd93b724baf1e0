// Projections of chores: what is planned, where and when each was done, and water topped up.
import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { ChoreFields } from '#core/chores/index.ts';
import { fact } from './columns.ts';

/** As they are planned now; `planned` = the entry that planned it first, and since when. */
export const chore = sqliteTable('p_chore', {
  id: text().primaryKey(),
  entry: text().notNull(),
  name: text().notNull(),
  planned: text().notNull(),
  plannedMs: integer('planned_ms').notNull(),
  facts: text({ mode: 'json' }).$type<ChoreFields>().notNull(),
});
/** One row a place. */
export const choreDone = sqliteTable(
  'p_chore_done',
  {
    entry: text().notNull(),
    chore: text().notNull(),
    place: text().notNull(),
    atMs: integer('at_ms').notNull(),
    by: text().notNull(),
    voidedBy: text('voided_by'),
  },
  (table) => [
    index('p_chore_done_place').on(table.chore, table.place, table.atMs),
    index('p_chore_done_at').on(table.chore, table.atMs),
    index('p_chore_done_entry').on(table.entry),
  ],
);
export const topUp = sqliteTable(
  'p_top_up',
  { ...fact(), tank: text().notNull(), litres: real().notNull(), salinityPpt: real('salinity_ppt').notNull() },
  (table) => [index('p_top_up_tank').on(table.tank, table.atMs)],
);
/** Whose a due thing is; the latest word holds. */
export const dueAssigned = sqliteTable('p_due_assigned', { ...fact(), due: text().notNull(), person: text() }, (table) => [
  index('p_due_assigned_due').on(table.due),
]);
