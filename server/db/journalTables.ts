// What is kept for good: the journal, and what stands outside it (sign-in, meta). Changed only by SQL migrations.
import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';

export const entry = sqliteTable(
  'entry',
  {
    seq: integer().primaryKey({ autoIncrement: true }),
    id: text().notNull().unique(),
    actId: text('act_id').notNull(),
    kind: text().notNull(),
    version: integer().notNull(),
    occurredAtMs: integer('occurred_at_ms').notNull(),
    recordedAtMs: integer('recorded_at_ms').notNull(),
    actor: text().notNull(),
    payload: text().notNull(),
    overrules: text(),
    corrects: text(),
  },
  (table) => [index('entry_act').on(table.actId)],
);

export const credential = sqliteTable('credential', {
  person: text().primaryKey(),
  /** scrypt parameters, salt and hash in one line. */
  pinHash: text('pin_hash').notNull(),
});

export const session = sqliteTable('session', {
  id: text().primaryKey(),
  data: text().notNull(),
  expiresAtMs: integer('expires_at_ms').notNull(),
});

export const meta = sqliteTable('meta', { key: text().primaryKey(), value: text().notNull() });
