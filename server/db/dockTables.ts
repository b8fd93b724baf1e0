// Projections of crates, lots and bags: expected, landed, given a tank, afloat, released.
import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Payloads } from '#core/catalogue/index.ts';
import type { CleanWaterGiven } from '#core/bench/index.ts';
import type { ClaimAnswer, ClaimCounts, EachFish, Route } from '#core/dock/index.ts';
import type { Origin, Certainty } from '#core/lots/index.ts';
import type { PhotoOf, PhotoShows, Picture } from '#core/photos/index.ts';
import type { ReadingMethod } from '#core/water/index.ts';
import { fact, record } from './columns.ts';

/** How a supplier writes its lists; columns and names as JSON, the latest of each counts. */
export const taught = sqliteTable(
  'p_taught',
  {
    ...fact(),
    supplier: text().notNull(),
    columns: text({ mode: 'json' }).$type<Payloads['supplier.taught']['columns']>().notNull(),
    names: text({ mode: 'json' }).$type<Payloads['supplier.taught']['names']>().notNull(),
  },
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
    stated: text({ mode: 'json' }).$type<Payloads['crate.expected']['stated']>().notNull(),
    told: text({ mode: 'json' }).$type<NonNullable<Payloads['crate.expected']['told']>>(),
    remarks: text({ mode: 'json' }).$type<string[]>(),
    /** The order that it comes of. */
    ofOrder: text('of_order'),
    currency: text(),
    /** The latest correction of it; `entry` stays the list's own, by which it is undone. */
    changed: text(),
  },
  (table) => [index('p_crate_promised').on(table.promisedAtMs), index('p_crate_order').on(table.ofOrder)],
);
/** Letters of a crate's claim and what was answered; `facts` = the entry's own as JSON. */
export const claim = sqliteTable(
  'p_claim',
  {
    ...fact(),
    crate: text().notNull(),
    what: text().$type<'sent' | ClaimAnswer>().notNull(),
    facts: text({ mode: 'json' }).$type<{ counts?: ClaimCounts; amount?: number; currency?: string; note?: string }>().notNull(),
  },
  (table) => [index('p_claim_crate').on(table.crate)],
);
export const lot = sqliteTable(
  'p_lot',
  {
    ...record(),
    label: text().notNull(),
    species: text(),
    heardAs: text('heard_as'),
    sizeCm: real('size_cm'),
    origin: text().$type<Origin>().notNull(),
    supplier: text(),
    crate: text(),
    insteadOf: text('instead_of'),
    /** Of its species, where somebody said so; and by what they are known. */
    sure: text().$type<Certainty>(),
    evidence: text(),
    /** The line of its order. */
    line: text(),
  },
  (table) => [index('p_lot_kin').on(table.supplier, table.species), index('p_lot_crate').on(table.crate, table.line)],
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
    /** Of one, in its crate's currency. */
    price: real(),
  },
  (table) => [index('p_bag_crate').on(table.crate), index('p_bag_lot').on(table.lot)],
);

export const arrival = sqliteTable(
  'p_arrival',
  { ...fact(), crate: text().notNull(), carton: text().$type<Payloads['crate.arrived']['carton']>().notNull(), note: text() },
  (table) => [index('p_arrival_crate').on(table.crate)],
);
/** A box as it was opened; `facts` = what was found, as JSON. */
export const boxOpened = sqliteTable(
  'p_box_opened',
  {
    ...fact(),
    crate: text().notNull(),
    box: integer(),
    facts: text({ mode: 'json' }).$type<Omit<Payloads['box.opened'], 'crate' | 'box'>>().notNull(),
  },
  (table) => [index('p_box_opened_crate').on(table.crate)],
);
export const landing = sqliteTable(
  'p_landing',
  {
    ...fact(),
    bag: text().notNull(),
    crate: text().notNull(),
    lot: text().notNull(),
    alive: integer().notNull(),
    dead: integer().notNull(),
    quality: text().$type<Payloads['bag.landed']['quality']>().notNull(),
    condition: text().$type<Payloads['bag.landed']['condition']>().notNull(),
    bagCondition: text('bag_condition').$type<Payloads['bag.landed']['bagCondition']>().notNull(),
    /** By how each looks, where they differ. */
    each: text({ mode: 'json' }).$type<EachFish>(),
    sex: text().$type<NonNullable<Payloads['bag.landed']['sex']>>(),
    sizeCm: real('size_cm'),
    note: text(),
  },
  (table) => [index('p_landing_bag').on(table.bag), index('p_landing_lot').on(table.lot, table.atMs)],
);
/** Another way than the house's rules have for it. */
export const route = sqliteTable(
  'p_route',
  { ...fact(), bag: text().notNull(), lot: text().notNull(), route: text().$type<Route>().notNull(), why: text().notNull() },
  (table) => [index('p_route_bag').on(table.bag, table.atMs), index('p_route_lot').on(table.lot)],
);
/** A bag's fish in clean water; `facts` = the vessel and what was made in it. */
export const cleanWater = sqliteTable(
  'p_clean_water',
  {
    ...fact(),
    bag: text().notNull(),
    lot: text().notNull(),
    facts: text({ mode: 'json' }).$type<Pick<CleanWaterGiven, 'vessel' | 'litres' | 'temperature' | 'salinity'>>().notNull(),
  },
  (table) => [index('p_clean_water_bag').on(table.bag), index('p_clean_water_lot').on(table.lot)],
);
export const absence = sqliteTable('p_absence', { ...fact(), bag: text().notNull() }, (table) => [index('p_absence_bag').on(table.bag)]);
/** The tank that a bag on its way is meant for. */
export const bagPlan = sqliteTable(
  'p_bag_plan',
  { ...fact(), bag: text().notNull(), lot: text().notNull(), tank: text().notNull() },
  (table) => [
    index('p_bag_plan_bag').on(table.bag, table.atMs),
    index('p_bag_plan_tank').on(table.tank),
    index('p_bag_plan_at').on(table.atMs),
  ],
);
/** A crate that is waited for no longer. */
export const givenUp = sqliteTable('p_given_up', { ...fact(), crate: text().notNull(), why: text().notNull() }, (table) => [
  index('p_given_up_crate').on(table.crate),
]);
export const assignment = sqliteTable(
  'p_assignment',
  { ...fact(), bag: text().notNull(), tank: text().notNull(), overruled: text({ mode: 'json' }).$type<string[]>().notNull() },
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
    bagMethod: text('bag_method').$type<ReadingMethod>().notNull(),
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
    method: text().$type<Payloads['method.chosen']['method']>().notNull(),
    advised: text().$type<Payloads['method.chosen']['method']>(),
    why: text(),
    compared: text({ mode: 'json' }).$type<NonNullable<Payloads['method.chosen']['compared']>>(),
    overruled: text({ mode: 'json' }).$type<{ code: string; size?: number }[]>().notNull(),
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

/** `subject` = the bag, crate, tank or lot that it shows. The bytes lie in files, by their sums. */
export const photo = sqliteTable(
  'p_photo',
  {
    ...fact(),
    id: text().notNull(),
    subjectKind: text('subject_kind').$type<PhotoOf['kind']>().notNull(),
    subject: text().notNull(),
    shows: text().$type<PhotoShows>().notNull(),
    sha: text().notNull(),
    smallSha: text('small_sha').notNull(),
    picture: text({ mode: 'json' }).$type<Picture>().notNull(),
    small: text({ mode: 'json' }).$type<Picture>().notNull(),
    note: text(),
  },
  (table) => [
    index('p_photo_subject').on(table.subject, table.atMs),
    index('p_photo_sha').on(table.sha),
    index('p_photo_small').on(table.smallSha),
  ],
);
