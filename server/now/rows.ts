// Small pieces of SQL that several views share: names of people, species as the screens name them, fish that are where.
import type Database from 'better-sqlite3';

import { DAY_MS } from '#core/time/index.ts';
import { json, makeAsk, orNull, pick, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export { personName } from './sqlFragments.ts';

/** A lot's species, when somebody named it. */
export const SPECIES_SHAPE = {
  speciesId: orNull(t.species.id),
  common: orNull(t.species.common),
  scientific: orNull(t.species.scientific),
};
export const SPECIES_COLUMNS = 's.id speciesId, s.common, s.scientific';

export function speciesOf(row: RowOf<typeof SPECIES_SHAPE>) {
  return row.speciesId === null
    ? undefined
    : { id: row.speciesId, common: row.common!, ...(row.scientific === null ? {} : { scientific: row.scientific }) };
}

/** Drops the nulls of a row: what SQL calls null the views call absent. */
/** What is nothing is absent. */
export const withoutNull = <T extends object>(row: T): { [K in keyof T]: Exclude<T[K], null> } =>
  Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null)) as { [K in keyof T]: Exclude<T[K], null> };
export function present<T>(value: T | null): T | undefined {
  return value ?? undefined;
}

/** How far back a crate still counts as on its way or open on the dock. */
export const CRATE_WINDOW_MS = 30 * DAY_MS;
/** Crate `c` was not given up, or came all the same. */
export const IS_EXPECTED =
  '(not exists (select 1 from p_given_up u where u.crate = c.id and u.voided_by is null) or exists (select 1 from p_arrival i where i.crate = c.id and i.voided_by is null))';
/** Crate `c` is recent: promised, or written down, since the instant that is given twice, and not given up. An old list taken in today is of today. */
export const RECENT_CRATE = `(c.promised_at_ms > ? or (select recorded_at_ms from entry where id = c.entry) > ?) and ${IS_EXPECTED}`;

/** Every species with all its names. */
export function prepareSpeciesNames(client: Database.Database) {
  const rows = makeAsk(client).all(
    { ...pick(t.species, 'id', 'common', 'scientific'), alsoCalled: json<string[]>() },
    "select id, common, scientific, json_extract(facts, '$.alsoCalled') alsoCalled from p_species order by common",
  );
  return () => rows().map(({ scientific, ...row }) => ({ ...row, ...(scientific === null ? {} : { scientific }) }));
}

/** Rows by what they have in common, in the order in which they came. */
export function grouped<T, K>(rows: readonly T[], keyOf: (row: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}
