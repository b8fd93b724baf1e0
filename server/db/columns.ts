// Columns that rows of projections begin with.
import { integer, text } from 'drizzle-orm/sqlite-core';

/** A fact: one row an entry, void when it is reversed. */
export const fact = () => ({
  entry: text().primaryKey(),
  atMs: integer('at_ms').notNull(),
  by: text().notNull(),
  voidedBy: text('voided_by'),
});
/** A thing that an entry brought into being. */
export const record = () => ({ id: text().primaryKey(), entry: text().notNull(), voidedBy: text('voided_by') });
