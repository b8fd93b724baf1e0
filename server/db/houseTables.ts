// Projections of what the house is set up with: itself, its people, racks, waters, tanks, shelf and suppliers.
import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { fact, record } from './columns.ts';

export const house = sqliteTable('p_house', {
  id: integer().primaryKey(),
  entry: text().notNull(),
  atMs: integer('at_ms').notNull(),
  name: text().notNull(),
  zone: text().notNull(),
  rules: text().notNull(),
});
export const person = sqliteTable('p_person', { ...record(), name: text().notNull(), title: text().notNull(), role: text().notNull() });
/** The units that each person reads and types in, as they said it last. */
export const preference = sqliteTable('p_preference', {
  person: text().primaryKey(),
  entry: text().notNull(),
  atMs: integer('at_ms').notNull(),
  temperature: text().notNull(),
  volume: text().notNull(),
});
export const rack = sqliteTable('p_rack', { ...record(), room: text().notNull(), name: text().notNull(), walk: integer().notNull() });
export const water = sqliteTable('p_water', {
  ...record(),
  name: text().notNull(),
  type: text().notNull(),
  temperatureC: real('temperature_c').notNull(),
  salinityPpt: real('salinity_ppt').notNull(),
  volumeL: real('volume_l').notNull(),
});
export const tank = sqliteTable('p_tank', {
  ...record(),
  rack: text().notNull(),
  water: text().notNull(),
  code: text().notNull().unique(),
  volumeL: real('volume_l').notNull(),
  purpose: text().notNull(),
  lid: integer({ mode: 'boolean' }).notNull(),
  row: integer().notNull(),
  column: integer().notNull(),
});
export const species = sqliteTable('p_species', {
  ...record(),
  scientific: text().notNull(),
  common: text().notNull(),
  facts: text().notNull(),
});
/** Which fields of a species an entry set anew. */
export const speciesChange = sqliteTable(
  'p_species_change',
  { ...fact(), species: text().notNull(), fields: text().notNull() },
  (table) => [index('p_species_change_species').on(table.species)],
);
export const supplier = sqliteTable('p_supplier', { ...record(), name: text().notNull(), transit: text().notNull() });
