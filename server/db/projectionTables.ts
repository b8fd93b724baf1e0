// What is derived from the journal and can be remade from it at any time: facts (a row an entry, void when reversed)
// and sums. No judgement and nothing that changes when only time passes.
import { sql } from 'drizzle-orm';
import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { fact, record } from './columns.ts';

/** Raise it when a projector or a table below changes: the server then remakes them all by replay at its next start. */
export const PROJECTION_VERSION = 21;

export * from './houseTables.ts';
export * from './runTables.ts';
export * from './stockTables.ts';

/** How a supplier writes its lists; columns and names as JSON, the latest of each counts. */
export const taught = sqliteTable(
  'p_taught',
  { ...fact(), supplier: text().notNull(), columns: text().notNull(), names: text().notNull() },
  (table) => [index('p_taught_supplier').on(table.supplier)],
);

export const crate = sqliteTable(
  'p_crate',
  {
    ...record(),
    label: text().notNull(),
    supplier: text().notNull(),
    packedAtMs: integer('packed_at_ms').notNull(),
    promisedAtMs: integer('promised_at_ms').notNull(),
    stated: text().notNull(),
  },
  (table) => [index('p_crate_promised').on(table.promisedAtMs)],
);
export const lot = sqliteTable(
  'p_lot',
  {
    ...record(),
    label: text().notNull(),
    species: text(),
    heardAs: text('heard_as'),
    sizeCm: real('size_cm'),
    origin: text().notNull(),
    supplier: text(),
    crate: text(),
    insteadOf: text('instead_of'),
  },
  (table) => [index('p_lot_kin').on(table.supplier, table.species)],
);
export const bag = sqliteTable(
  'p_bag',
  {
    ...record(),
    crate: text().notNull(),
    label: text().notNull(),
    box: integer().notNull(),
    ord: integer().notNull(),
    lot: text().notNull(),
    listed: integer().notNull(),
    free: integer().notNull().default(0),
    waterL: real('water_l'),
  },
  (table) => [index('p_bag_crate').on(table.crate)],
);

export const arrival = sqliteTable('p_arrival', { ...fact(), crate: text().notNull(), carton: text().notNull() }, (table) => [
  index('p_arrival_crate').on(table.crate),
]);
export const landing = sqliteTable(
  'p_landing',
  {
    ...fact(),
    bag: text().notNull(),
    crate: text().notNull(),
    lot: text().notNull(),
    alive: integer().notNull(),
    dead: integer().notNull(),
    quality: text().notNull(),
    condition: text().notNull(),
    bagCondition: text('bag_condition').notNull(),
    note: text(),
  },
  (table) => [index('p_landing_bag').on(table.bag), index('p_landing_lot').on(table.lot, table.atMs)],
);
export const absence = sqliteTable('p_absence', { ...fact(), bag: text().notNull() }, (table) => [index('p_absence_bag').on(table.bag)]);
export const assignment = sqliteTable(
  'p_assignment',
  { ...fact(), bag: text().notNull(), tank: text().notNull(), overruled: text().notNull() },
  (table) => [index('p_assignment_bag').on(table.bag, table.atMs), index('p_assignment_tank').on(table.tank)],
);
export const float = sqliteTable(
  'p_float',
  {
    ...fact(),
    id: text().notNull().unique(),
    bag: text().notNull(),
    lot: text().notNull(),
    tank: text().notNull(),
    n: integer().notNull(),
    minutes: real().notNull(),
    bagC: real('bag_c').notNull(),
    bagMethod: text('bag_method').notNull(),
    tankC: real('tank_c').notNull(),
    waterL: real('water_l').notNull(),
  },
  (table) => [index('p_float_bag').on(table.bag)],
);
export const method = sqliteTable(
  'p_method',
  {
    ...fact(),
    bag: text().notNull(),
    lot: text().notNull(),
    method: text().notNull(),
    advised: text(),
    why: text(),
    compared: text({ mode: 'json' }),
    overruled: text({ mode: 'json' }).notNull(),
  },
  (table) => [index('p_method_bag').on(table.bag, table.atMs)],
);
/** Fish released into a tank: from a bag, or (`bag` null) from the vessel of a run, perhaps into several tanks. `run` = of the float or the vessel. */
export const release = sqliteTable(
  'p_release',
  {
    entry: text().notNull(),
    atMs: integer('at_ms').notNull(),
    by: text().notNull(),
    voidedBy: text('voided_by'),
    bag: text(),
    run: text(),
    lot: text().notNull(),
    tank: text().notNull(),
    alive: integer().notNull(),
    dead: integer().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.entry, table.tank] }),
    index('p_release_bag').on(table.bag),
    index('p_release_tank').on(table.tank, table.atMs),
    index('p_release_at').on(table.atMs),
  ],
);
export const promiseEnd = sqliteTable('p_promise_end', { ...fact(), promise: text().notNull() }, (table) => [
  index('p_promise_end_promise').on(table.promise),
]);
export const promise = sqliteTable(
  'p_promise',
  { ...fact(), id: text().notNull().unique(), lot: text().notNull(), n: integer().notNull(), forWhom: text('for_whom').notNull() },
  (table) => [index('p_promise_lot').on(table.lot)],
);
export const reading = sqliteTable(
  'p_reading',
  {
    ...fact(),
    subjectKind: text('subject_kind').notNull(),
    subject: text().notNull(),
    quantity: text().notNull(),
    value: real().notNull(),
    typed: text().notNull(),
    method: text().notNull(),
    source: text().notNull(),
    reference: text(),
    instrument: text(),
  },
  (table) => [
    index('p_reading_latest').on(table.subject, table.quantity, table.atMs),
    index('p_reading_copper')
      .on(table.subject, table.atMs)
      .where(sql`quantity = 'copper'`),
  ],
);
export const check = sqliteTable(
  'p_health_check',
  {
    ...fact(),
    tank: text().notNull(),
    day: integer().notNull(),
    round: text().notNull(),
    allWell: integer('all_well', { mode: 'boolean' }).notNull(),
    note: text(),
  },
  (table) => [
    index('p_health_check_tank').on(table.tank, table.atMs),
    index('p_health_check_round').on(table.day, table.round, table.tank),
    index('p_health_check_day')
      .on(table.tank, table.day)
      .where(sql`voided_by is null`),
  ],
);
/** One row a lot with something odd: signs, or fewer seen than expected. Plain looks stay in p_health_check alone. */
export const odd = sqliteTable(
  'p_odd',
  {
    entry: text().notNull(),
    tank: text().notNull(),
    lot: text().notNull(),
    atMs: integer('at_ms').notNull(),
    expected: integer().notNull(),
    seen: integer(),
    signs: text().notNull(),
    voidedBy: text('voided_by'),
  },
  (table) => [
    primaryKey({ columns: [table.entry, table.lot] }),
    index('p_odd_at').on(table.atMs),
    index('p_odd_tank').on(table.tank, table.atMs),
    index('p_odd_lot').on(table.lot, table.atMs),
  ],
);
export const feed = sqliteTable(
  'p_feed',
  {
    ...fact(),
    tank: text().notNull(),
    lot: text().notNull(),
    food: text().notNull(),
    response: text().notNull(),
    ate: integer(),
    leftovers: text(),
  },
  (table) => [index('p_feed_tank').on(table.tank, table.lot, table.atMs), index('p_feed_lot').on(table.lot, table.atMs)],
);
export const loss = sqliteTable(
  'p_loss',
  { ...fact(), lot: text().notNull(), place: text().notNull(), n: integer().notNull(), cause: text().notNull(), sure: text().notNull() },
  (table) => [index('p_loss_at').on(table.atMs), index('p_loss_place').on(table.place)],
);
/** What a lead said of a loss later; the latest counts. */
export const lossClass = sqliteTable('p_loss_class', { ...fact(), loss: text().notNull(), cause: text().notNull() }, (table) => [
  index('p_loss_class_loss').on(table.loss),
]);

export const mishap = sqliteTable(
  'p_mishap',
  { ...fact(), lot: text().notNull(), tank: text().notNull(), n: integer().notNull(), what: text().notNull() },
  (table) => [index('p_mishap_at').on(table.atMs)],
);
/** What somebody decided of a due thing; the latest counts. */
export const due = sqliteTable(
  'p_due',
  { ...fact(), due: text().notNull(), kind: text().notNull(), untilMs: integer('until_ms'), why: text() },
  (table) => [index('p_due_due').on(table.due)],
);
