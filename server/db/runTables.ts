// Rows of runs: fish brought to their tank in a vessel, and of the meters and pages that go with them.
import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Payloads } from '#core/catalogue/index.ts';
import type { RunEvent } from '#core/runs/index.ts';
import { fact } from './columns.ts';

/** `facts` = the payload, whole: what it was calculated from is asked for together or not at all. */
export const benchRun = sqliteTable(
  'p_bench_run',
  {
    ...fact(),
    id: text().notNull().unique(),
    lot: text().notNull(),
    tank: text().notNull(),
    method: text().$type<Payloads['acclimation.started']['method']>().notNull(),
    vessel: text().notNull(),
    /** What was passed over of the tank when it was begun out of another. */
    overruled: text({ mode: 'json' }).$type<string[]>().notNull(),
    facts: text({ mode: 'json' }).$type<Payloads['acclimation.started']>().notNull(),
  },
  (table) => [index('p_bench_run_lot').on(table.lot)],
);
/** Bags (or a tank) whose fish went into a vessel. */
export const runFrom = sqliteTable(
  'p_run_from',
  {
    entry: text().notNull(),
    place: text().notNull(),
    run: text().notNull(),
    n: integer().notNull(),
    atMs: integer('at_ms').notNull(),
    by: text().notNull(),
    voidedBy: text('voided_by'),
  },
  (table) => [primaryKey({ columns: [table.entry, table.place] }), index('p_run_from_place').on(table.place)],
);
/** What was done to a vessel, seen in it, looked at, handed over. */
export const runEvent = sqliteTable(
  'p_run_event',
  {
    ...fact(),
    run: text().notNull(),
    what: text().$type<RunEvent['what']>().notNull(),
    facts: text({ mode: 'json' }).$type<object>().notNull(),
  },
  (table) => [index('p_run_event_run').on(table.run, table.atMs)],
);
export const runRelease = sqliteTable(
  'p_run_release',
  {
    ...fact(),
    run: text().notNull(),
    lot: text().notNull(),
    alive: integer().notNull(),
    dead: integer().notNull(),
    /** Heads that stayed in the vessel; 0 = the run is over. */
    remaining: integer().notNull(),
    facts: text({ mode: 'json' }).$type<Payloads['acclimation.released']>().notNull(),
  },
  (table) => [index('p_run_release_run').on(table.run)],
);
export const meterCheck = sqliteTable(
  'p_meter_check',
  {
    ...fact(),
    instrument: text().notNull(),
    quantity: text().$type<Payloads['meter.checked']['quantity']>().notNull(),
    shown: real().notNull(),
    truth: real().notNull(),
    adjusted: integer({ mode: 'boolean' }).notNull(),
  },
  (table) => [index('p_meter_check_of').on(table.instrument, table.quantity, table.atMs)],
);
export const dim = sqliteTable('p_dim', { ...fact(), tank: text().notNull(), untilMs: integer('until_ms').notNull() }, (table) => [
  index('p_dim_until').on(table.untilMs),
]);
export const page = sqliteTable(
  'p_page',
  { ...fact(), due: text().notNull(), stage: integer().notNull(), to: text().notNull(), says: text().notNull() },
  (table) => [index('p_page_due').on(table.due), index('p_page_at').on(table.atMs)],
);
