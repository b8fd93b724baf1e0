// Projections of what was seen and measured: readings, checks, what was odd, meals, losses, mishaps; and what people decided of due things.
import { sql } from 'drizzle-orm';
import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { FoodFields } from '#core/feeding/index.ts';
import type { Payloads } from '#core/catalogue/index.ts';
import type { LotCheck } from '#core/rounds/index.ts';
import type { Settled } from '#core/today/index.ts';
import type { Quantity, ReadingMethod, Reference, Source } from '#core/water/index.ts';
import { fact } from './columns.ts';

export const check = sqliteTable(
  'p_health_check',
  {
    ...fact(),
    tank: text().notNull(),
    day: integer().notNull(),
    round: text().$type<Payloads['tank.checked']['round']>().notNull(),
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
    signs: text({ mode: 'json' }).$type<LotCheck['signs']>().notNull(),
    voidedBy: text('voided_by'),
  },
  (table) => [
    primaryKey({ columns: [table.entry, table.lot] }),
    index('p_odd_at').on(table.atMs),
    index('p_odd_tank').on(table.tank, table.atMs),
    index('p_odd_lot').on(table.lot, table.atMs),
  ],
);
/** One row a lot that somebody counted in a check, whether all were there or not. */
export const headCount = sqliteTable(
  'p_head_count',
  {
    entry: text().notNull(),
    tank: text().notNull(),
    lot: text().notNull(),
    atMs: integer('at_ms').notNull(),
    day: integer().notNull(),
    round: text().$type<Payloads['tank.checked']['round']>().notNull(),
    expected: integer().notNull(),
    seen: integer().notNull(),
    voidedBy: text('voided_by'),
  },
  (table) => [primaryKey({ columns: [table.entry, table.lot] }), index('p_head_count_at').on(table.atMs)],
);
export const chase = sqliteTable(
  'p_chase',
  {
    ...fact(),
    tank: text().notNull(),
    chaser: text().notNull(),
    chased: text().notNull(),
    how: text().$type<Payloads['chase.seen']['how']>().notNull(),
  },
  (table) => [index('p_chase_at').on(table.atMs), index('p_chase_tank').on(table.tank)],
);
/** Foods that this house has had, as they are known now; `facts` = the rest as JSON. */
export const food = sqliteTable('p_food', {
  id: text().primaryKey(),
  entry: text().notNull(),
  name: text().notNull(),
  facts: text({ mode: 'json' }).$type<FoodFields>().notNull(),
});
export const feed = sqliteTable(
  'p_feed',
  {
    ...fact(),
    tank: text().notNull(),
    lot: text().notNull(),
    food: text().notNull(),
    response: text().$type<Payloads['lot.fed']['response']>().notNull(),
    ate: integer(),
    leftovers: text().$type<NonNullable<Payloads['lot.fed']['leftovers']>>(),
    /** By one tap for the whole tank. */
    planned: integer({ mode: 'boolean' }),
    batch: text(),
    mix: text(),
    /** When what stays in is to come out again, by the food as it was known then. */
    outMs: integer('out_ms'),
  },
  (table) => [
    index('p_feed_tank').on(table.tank, table.lot, table.atMs),
    index('p_feed_lot').on(table.lot, table.atMs),
    index('p_feed_planned')
      .on(table.lot, table.atMs)
      .where(sql`planned = 1 and voided_by is null`),
    index('p_feed_out')
      .on(table.outMs)
      .where(sql`out_ms is not null and voided_by is null`),
    index('p_feed_mix')
      .on(table.lot, table.mix, table.atMs)
      .where(sql`mix is not null and voided_by is null`),
    index('p_feed_taken')
      .on(table.lot, table.food)
      .where(sql`response in ('ate', 'charged') and voided_by is null`),
  ],
);
/** What else was said of a body. */
export type LossFacts = Pick<Payloads['loss.recorded'], 'found' | 'signs' | 'examined' | 'disposed' | 'note'>;
export const loss = sqliteTable(
  'p_loss',
  {
    ...fact(),
    lot: text().notNull(),
    place: text().notNull(),
    n: integer().notNull(),
    cause: text().$type<Payloads['loss.recorded']['cause']>().notNull(),
    sure: text().$type<Payloads['loss.recorded']['sure']>().notNull(),
    facts: text({ mode: 'json' }).$type<LossFacts>().notNull(),
  },
  (table) => [index('p_loss_at').on(table.atMs), index('p_loss_place').on(table.place)],
);
/** What a lead said of a loss later; the latest counts. */
export const lossClass = sqliteTable(
  'p_loss_class',
  { ...fact(), loss: text().notNull(), cause: text().$type<Payloads['loss.classed']['cause']>().notNull() },
  (table) => [index('p_loss_class_loss').on(table.loss)],
);

export const mishap = sqliteTable(
  'p_mishap',
  {
    ...fact(),
    lot: text().notNull(),
    tank: text().notNull(),
    n: integer().notNull(),
    what: text().$type<Payloads['mishap.recorded']['what']>().notNull(),
  },
  (table) => [index('p_mishap_at').on(table.atMs)],
);
export const reading = sqliteTable(
  'p_reading',
  {
    ...fact(),
    subjectKind: text('subject_kind').$type<Payloads['reading.taken']['subject']['kind']>().notNull(),
    subject: text().notNull(),
    quantity: text().$type<Quantity>().notNull(),
    value: real().notNull(),
    typed: text().notNull(),
    method: text().$type<ReadingMethod>().notNull(),
    source: text().$type<Source>().notNull(),
    reference: text().$type<Reference>(),
    instrument: text(),
    kit: text(),
  },
  (table) => [
    index('p_reading_latest').on(table.subject, table.quantity, table.atMs),
    index('p_reading_copper')
      .on(table.subject, table.atMs)
      .where(sql`quantity = 'copper'`),
  ],
);
/** What wants mending; over when somebody decided so of its due thing. */
export const fault = sqliteTable('p_fault', { ...fact(), tank: text().notNull(), what: text().notNull() }, (table) => [
  index('p_fault_at').on(table.atMs),
  index('p_fault_tank').on(table.tank),
]);
/** What somebody decided of a due thing; the latest counts. */
export const due = sqliteTable(
  'p_due',
  { ...fact(), due: text().notNull(), kind: text().$type<Settled['kind']>().notNull(), untilMs: integer('until_ms'), why: text() },
  (table) => [index('p_due_due').on(table.due)],
);

/** A shift handed over, and by whom it was taken over. */
export const shift = sqliteTable('p_shift', { ...fact(), id: text().notNull().unique(), worries: text() }, (table) => [
  index('p_shift_at').on(table.atMs),
]);
export const shiftTaken = sqliteTable('p_shift_taken', { ...fact(), shift: text().notNull(), note: text() }, (table) => [
  index('p_shift_taken_shift').on(table.shift),
]);
