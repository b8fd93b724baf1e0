// Projections of getting ready: matches laid down, lines by hand and when what they wait for comes, ticks.
import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { MatchPlanned, PrepAdded } from '#core/prepare/index.ts';
import { fact } from './columns.ts';

export const matchPlan = sqliteTable(
  'p_match',
  {
    ...fact(),
    id: text().notNull().unique(),
    crate: text().notNull(),
    system: text().notNull(),
    facts: text({ mode: 'json' }).$type<Omit<MatchPlanned, 'match' | 'crate' | 'system'>>().notNull(),
  },
  (table) => [index('p_match_crate').on(table.crate), index('p_match_system').on(table.system, table.atMs)],
);
export const prepLine = sqliteTable(
  'p_prep_line',
  {
    ...fact(),
    id: text().notNull().unique(),
    crate: text().notNull(),
    facts: text({ mode: 'json' }).$type<Omit<PrepAdded, 'line' | 'crate'>>().notNull(),
  },
  (table) => [index('p_prep_line_crate').on(table.crate)],
);
export const prepMove = sqliteTable(
  'p_prep_move',
  { ...fact(), line: text().notNull(), untilMs: integer('until_ms').notNull(), why: text() },
  (table) => [index('p_prep_move_line').on(table.line)],
);
export const prepTick = sqliteTable(
  'p_prep_tick',
  { ...fact(), crate: text().notNull(), step: text().notNull(), left: text() },
  (table) => [index('p_prep_tick_step').on(table.crate, table.step, table.atMs)],
);
