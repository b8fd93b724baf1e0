// What is kept for good: the journal, and what stands outside it (sign-in, meta). Changed only by SQL migrations.
import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Kind } from '#core/catalogue/index.ts';
import type { Overrule } from '#core/journal/index.ts';

export const entry = sqliteTable(
  'entry',
  {
    seq: integer().primaryKey({ autoIncrement: true }),
    id: text().notNull().unique(),
    actId: text('act_id').notNull(),
    kind: text().$type<Kind>().notNull(),
    version: integer().notNull(),
    occurredAtMs: integer('occurred_at_ms').notNull(),
    recordedAtMs: integer('recorded_at_ms').notNull(),
    actor: text().notNull(),
    payload: text({ mode: 'json' }).$type<unknown>().notNull(),
    overrules: text({ mode: 'json' }).$type<Overrule[]>(),
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

/** Tries at PINs, counted for a while; the columns are those of the limiter that counts. */
export const attempt = sqliteTable('attempt', { key: text().primaryKey(), points: integer().notNull().default(0), expire: integer() });

/** Where a person has signed in before: the hash of what that browser keeps. */
export const device = sqliteTable(
  'device',
  { id: text().notNull(), person: text().notNull(), atMs: integer('at_ms').notNull() },
  (table) => [primaryKey({ columns: [table.id, table.person] })],
);

export const meta = sqliteTable('meta', { key: text().primaryKey(), value: text().notNull() });
