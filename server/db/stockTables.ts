// Projections of stock and of what happens to it in the room: legs and balances, quarantines, lots cut and joined, slips, tools, treatments.
import { sql } from 'drizzle-orm';
import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Payloads } from '#core/catalogue/index.ts';
import { fact } from './columns.ts';

export const leg = sqliteTable(
  'p_leg',
  {
    entry: text().notNull(),
    ord: integer().notNull(),
    lot: text().notNull(),
    place: text().notNull(),
    n: integer().notNull(),
    atMs: integer('at_ms').notNull(),
    by: text().notNull(),
    voidedBy: text('voided_by'),
  },
  (table) => [
    primaryKey({ columns: [table.entry, table.ord] }),
    index('p_leg_place').on(table.place, table.atMs),
    index('p_leg_lot').on(table.lot, table.atMs),
  ],
);
/** `inside` keeps the living apart from the accounts, so that a long history costs a view nothing. */
export const balance = sqliteTable(
  'p_balance',
  { lot: text().notNull(), place: text().notNull(), inside: integer({ mode: 'boolean' }).notNull(), n: integer().notNull() },
  (table) => [
    primaryKey({ columns: [table.lot, table.place] }),
    index('p_balance_place')
      .on(table.place)
      .where(sql`inside = 1 and n <> 0`),
    index('p_balance_lost')
      .on(table.place)
      .where(sql`place = 'missing' and n > 0`),
  ],
);
/** What an entry rests on; its maker cannot be undone while a row here is not void. */
export const need = sqliteTable(
  'p_need',
  { ref: text().notNull(), entry: text().notNull(), actId: text('act_id').notNull(), voidedBy: text('voided_by') },
  (table) => [primaryKey({ columns: [table.ref, table.entry] }), index('p_need_entry').on(table.entry)],
);
/** What an entry brought into being: things by their id, of which there is one in the whole house for ever, and marks that others rest on. */
export const made = sqliteTable(
  'p_made',
  { ref: text().notNull(), entry: text().notNull(), atMs: integer('at_ms').notNull(), voidedBy: text('voided_by') },
  (table) => [primaryKey({ columns: [table.ref, table.entry] })],
);
export const reversal = sqliteTable('p_reversal', {
  act: text().primaryKey(),
  entry: text().notNull(),
  by: text().notNull(),
  atMs: integer('at_ms').notNull(),
});

/** A quarantine, with the policy that it was opened with as JSON; `atMs` = when its clock began, which for a lot cut off is its parent's. */
export const quarantine = sqliteTable(
  'p_quarantine',
  {
    ...fact(),
    id: text().notNull().unique(),
    lot: text().notNull(),
    policy: text({ mode: 'json' }).$type<Payloads['quarantine.opened']['policy']>().notNull(),
    zero: text().$type<Payloads['quarantine.opened']['zero']>().notNull(),
  },
  (table) => [index('p_quarantine_lot').on(table.lot)],
);
export const signOff = sqliteTable('p_sign_off', { ...fact(), quarantine: text().notNull(), lot: text().notNull() }, (table) => [
  index('p_sign_off_quarantine').on(table.quarantine),
]);
/** Until `atMs` the history of `from` is that of `lot`: cut from it, or joined to it. */
export const lineage = sqliteTable(
  'p_lineage',
  {
    ...fact(),
    lot: text().notNull(),
    from: text('from_lot').notNull(),
    how: text().$type<'cut' | 'joined' | 'born'>().notNull(),
    n: integer().notNull(),
  },
  (table) => [index('p_lineage_lot').on(table.lot), index('p_lineage_from').on(table.from)],
);
export const measure = sqliteTable('p_measure', { ...fact(), lot: text().notNull(), sizeCm: real('size_cm').notNull() }, (table) => [
  index('p_measure_lot').on(table.lot, table.atMs),
]);
/** Arrangements that must end; the latest for a lot in a place counts. */
export const stayLimit = sqliteTable(
  'p_stay_limit',
  {
    ...fact(),
    id: text().notNull().unique(),
    lot: text().notNull(),
    place: text().notNull(),
    untilMs: integer('until_ms'),
    untilCm: real('until_cm'),
    why: text().notNull(),
  },
  (table) => [index('p_stay_limit_place').on(table.place, table.lot, table.atMs)],
);
/** A catch slip; `facts` = all of it as JSON. What became of it is in p_transfer_mark. */
export const task = sqliteTable(
  'p_transfer_task',
  {
    id: text().primaryKey(),
    entry: text().notNull(),
    atMs: integer('at_ms').notNull(),
    by: text().notNull(),
    plan: text().notNull(),
    name: text().notNull(),
    ord: integer().notNull(),
    lot: text().notNull(),
    from: text('from_tank').notNull(),
    to: text('to_tank').notNull(),
    facts: text({ mode: 'json' }).$type<Payloads['moves.planned']['tasks'][number]>().notNull(),
    voidedBy: text('voided_by'),
  },
  (table) => [index('p_transfer_task_plan').on(table.plan), index('p_transfer_task_entry').on(table.entry)],
);
/** `what` = tried, freed, dropped, done. */
export const transferMark = sqliteTable(
  'p_transfer_mark',
  { ...fact(), task: text().notNull(), what: text().$type<'tried' | 'unblocked' | 'dropped' | 'done'>().notNull(), note: text() },
  (table) => [index('p_transfer_mark_task').on(table.task)],
);
export const toolUse = sqliteTable(
  'p_tool_use',
  {
    entry: text().notNull(),
    ord: integer().notNull(),
    tool: text().notNull(),
    tank: text().notNull(),
    atMs: integer('at_ms').notNull(),
    by: text().notNull(),
    voidedBy: text('voided_by'),
  },
  (table) => [
    primaryKey({ columns: [table.entry, table.ord] }),
    index('p_tool_use_at').on(table.atMs),
    index('p_tool_use_tank').on(table.tank, table.atMs),
    index('p_tool_use_tool').on(table.tool, table.atMs),
  ],
);
export const disinfection = sqliteTable('p_disinfection', { ...fact(), tool: text().notNull() }, (table) => [
  index('p_disinfection_tool').on(table.tool, table.atMs),
]);
export const exchange = sqliteTable(
  'p_exchange',
  {
    ...fact(),
    tank: text().notNull(),
    litres: real().notNull(),
    fromTank: text('from_tank'),
    atSump: integer('at_sump', { mode: 'boolean' }).notNull(),
  },
  (table) => [index('p_exchange_at').on(table.atMs), index('p_exchange_tank').on(table.tank, table.atMs)],
);
export const treatment = sqliteTable(
  'p_treatment',
  {
    ...fact(),
    id: text().notNull().unique(),
    system: text().notNull(),
    family: text().$type<Payloads['treatment.begun']['family']>().notNull(),
  },
  (table) => [index('p_treatment_system').on(table.system)],
);
export const treatmentEnd = sqliteTable('p_treatment_end', { ...fact(), treatment: text().notNull() }, (table) => [
  index('p_treatment_end_treatment').on(table.treatment),
]);
export const promiseEnd = sqliteTable('p_promise_end', { ...fact(), promise: text().notNull() }, (table) => [
  index('p_promise_end_promise').on(table.promise),
]);
export const promise = sqliteTable(
  'p_promise',
  { ...fact(), id: text().notNull().unique(), lot: text().notNull(), n: integer().notNull(), forWhom: text('for_whom').notNull() },
  (table) => [index('p_promise_lot').on(table.lot)],
);
