// Projections of wishes and orders.
import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { OrderLine, OrderPlaced, WishNoted } from '#core/dock/index.ts';
import { fact } from './columns.ts';

/** `facts` = the rest of what was said of it, as JSON. */
export const order = sqliteTable('p_order', {
  ...fact(),
  id: text().notNull().unique(),
  supplier: text().notNull(),
  facts: text({ mode: 'json' }).$type<Pick<OrderPlaced, 'currency' | 'wantedAtMs' | 'copiedFrom' | 'note'>>().notNull(),
});
export const orderLine = sqliteTable(
  'p_order_line',
  {
    entry: text().notNull(),
    voidedBy: text('voided_by'),
    ofOrder: text('of_order').notNull(),
    line: text().notNull(),
    ord: integer().notNull(),
    species: text(),
    wish: text(),
    facts: text({ mode: 'json' }).$type<Omit<OrderLine, 'line' | 'species' | 'wish'>>().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.entry, table.line] }),
    index('p_order_line_order').on(table.ofOrder),
    index('p_order_line_wish').on(table.wish),
  ],
);
export const orderEnd = sqliteTable('p_order_end', { ...fact(), ofOrder: text('of_order').notNull(), why: text().notNull() }, (table) => [
  index('p_order_end_order').on(table.ofOrder),
]);
export const wish = sqliteTable('p_wish', {
  ...fact(),
  id: text().notNull().unique(),
  species: text(),
  facts: text({ mode: 'json' }).$type<Omit<WishNoted, 'wish' | 'species'>>().notNull(),
});
export const wishEnd = sqliteTable('p_wish_end', { ...fact(), wish: text().notNull(), why: text().notNull() }, (table) => [
  index('p_wish_end_wish').on(table.wish),
]);
