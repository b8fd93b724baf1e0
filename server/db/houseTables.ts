// Projections of what the house is set up with: itself, its people, racks, systems, tanks, species list and suppliers.
import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Payloads } from '#core/catalogue/index.ts';
import type { SupplierFacts } from '#core/dock/index.ts';
import type { ToolFields } from '#core/exposure/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import type { SpeciesFields } from '#core/species/index.ts';
import { fact, record } from './columns.ts';

export const house = sqliteTable('p_house', {
  id: integer().primaryKey(),
  entry: text().notNull(),
  atMs: integer('at_ms').notNull(),
  name: text().notNull(),
  zone: text().notNull(),
  rules: text({ mode: 'json' }).$type<HouseRules>().notNull(),
});
/** Every version of the rules. */
export const ruleVersion = sqliteTable('p_rules', { ...fact(), rules: text({ mode: 'json' }).$type<HouseRules>().notNull() });
export const person = sqliteTable('p_person', {
  ...record(),
  name: text().notNull(),
  title: text().notNull(),
  role: text().$type<Payloads['person.added']['role']>().notNull(),
});
/** The units that each person reads and types in, as they said it last. */
export const preference = sqliteTable('p_preference', {
  person: text().primaryKey(),
  entry: text().notNull(),
  atMs: integer('at_ms').notNull(),
  temperature: text().$type<Payloads['person.prefers']['temperature']>().notNull(),
  volume: text().$type<Payloads['person.prefers']['volume']>().notNull(),
});
export const rack = sqliteTable('p_rack', { ...record(), room: text().notNull(), name: text().notNull(), walk: integer().notNull() });
export const system = sqliteTable('p_system', {
  ...record(),
  name: text().notNull(),
  type: text().$type<Payloads['system.added']['type']>().notNull(),
  temperatureC: real('temperature_c').notNull(),
  salinityPpt: real('salinity_ppt').notNull(),
  volumeL: real('volume_l').notNull(),
});
export const tank = sqliteTable(
  'p_tank',
  {
    ...record(),
    rack: text().notNull(),
    system: text().notNull(),
    code: text().notNull(),
    volumeL: real('volume_l').notNull(),
    purpose: text().$type<Payloads['tank.added']['purpose']>().notNull(),
    lid: integer({ mode: 'boolean' }).notNull(),
    row: integer().notNull(),
    column: integer().notNull(),
    vessel: text().$type<NonNullable<Payloads['tank.added']['vessel']>>().notNull().default('tank'),
    hangsIn: text('hangs_in'),
    flow: text().$type<NonNullable<Payloads['tank.added']['flow']>>(),
  },
  (table) => [index('p_tank_code').on(table.code), index('p_tank_on_system').on(table.system)],
);
/** Since when a tank is on a system: its first, and each that it came to later. */
export const systemsSince = sqliteTable(
  'p_tank_system',
  { entry: text().notNull(), tank: text().notNull(), system: text().notNull(), atMs: integer('at_ms').notNull() },
  (table) => [primaryKey({ columns: [table.entry, table.tank] })],
);
/** What is gone from the house. */
export const retirement = sqliteTable(
  'p_retirement',
  { ...fact(), what: text().$type<Payloads['thing.retired']['what'] | 'person'>().notNull(), thing: text().notNull() },
  (table) => [index('p_retirement_thing').on(table.thing)],
);
export const species = sqliteTable('p_species', {
  ...record(),
  scientific: text(),
  common: text().notNull(),
  facts: text({ mode: 'json' }).$type<SpeciesFields>().notNull(),
});
/** Which fields of a record (`species:firefish`, `tank:G1`) an entry set anew. */
export const change = sqliteTable(
  'p_change',
  {
    entry: text().notNull(),
    of: text().notNull(),
    fields: text({ mode: 'json' }).$type<string[]>().notNull(),
    atMs: integer('at_ms').notNull(),
    by: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.of, table.entry] })],
);
/** Nets, hoses and the like; `facts` = its fields as JSON. */
export const tool = sqliteTable('p_tool', {
  ...record(),
  name: text().notNull(),
  facts: text({ mode: 'json' }).$type<ToolFields>().notNull(),
});
export const supplier = sqliteTable('p_supplier', {
  ...record(),
  name: text().notNull(),
  transit: text().$type<Payloads['supplier.added']['transit']>().notNull(),
  /** The latest entry that changed it. */
  changed: text(),
  facts: text({ mode: 'json' }).$type<SupplierFacts>().notNull(),
});
