// Projections of the kitchen and of what is used up: mixes, batches with their steps, courses, supplies and how much of each came and went.
import { sql } from 'drizzle-orm';
import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { BatchBegun, BatchStep, MixFields } from '#core/kitchen/index.ts';
import type { SupplyFields } from '#core/supplies/index.ts';
import { fact } from './columns.ts';

const known = () => ({ id: text().primaryKey(), entry: text().notNull(), name: text().notNull() });

/** Medicated mixes, as their labels are known now. */
export const mix = sqliteTable('p_mix', { ...known(), facts: text({ mode: 'json' }).$type<MixFields>().notNull() });
/** Supplies that are no foods, as they are known now. */
export const supply = sqliteTable('p_supply', { ...known(), facts: text({ mode: 'json' }).$type<SupplyFields>().notNull() });
export const batch = sqliteTable(
  'p_batch',
  {
    ...fact(),
    id: text().notNull().unique(),
    forMs: integer('for_ms').notNull(),
    soak: text(),
    lines: text({ mode: 'json' }).$type<BatchBegun['lines']>().notNull(),
  },
  (table) => [index('p_batch_at').on(table.atMs)],
);
export const batchStep = sqliteTable(
  'p_batch_step',
  { ...fact(), batch: text().notNull(), food: text().notNull(), step: text().$type<BatchStep>().notNull() },
  (table) => [index('p_batch_step_batch').on(table.batch)],
);
export const course = sqliteTable(
  'p_course',
  { ...fact(), id: text().notNull().unique(), lot: text().notNull(), mix: text().notNull() },
  (table) => [index('p_course_lot').on(table.lot, table.mix)],
);
export const courseStop = sqliteTable('p_course_stop', { ...fact(), lot: text().notNull(), mix: text().notNull() }, (table) => [
  index('p_course_stop_lot').on(table.lot, table.mix),
]);
/** `dirty` = of what is washed, so many lie there, counted. */
export type SupplyFlow = 'came' | 'counted' | 'used' | 'returned' | 'washed' | 'thrown' | 'dirty';
/** What came, what was counted, what was used; several rows an entry. A later count makes what was before it not matter. */
export const supplyFlow = sqliteTable(
  'p_supply_flow',
  {
    entry: text().notNull(),
    item: text().notNull(),
    atMs: integer('at_ms').notNull(),
    how: text().$type<SupplyFlow>().notNull(),
    amount: real().notNull(),
    bestBeforeMs: integer('best_before_ms'),
    voidedBy: text('voided_by'),
  },
  (table) => [
    index('p_supply_flow_item').on(table.item, table.atMs),
    index('p_supply_flow_entry').on(table.entry),
    index('p_supply_flow_count')
      .on(table.item, table.atMs)
      .where(sql`how = 'counted' and voided_by is null`),
  ],
);
