// What a projector is: how an entry of one kind becomes rows, and in which tables those rows are void when it is reversed.
import { sql, type SQL } from 'drizzle-orm';
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core';
import type { EntryOf, Kind, RecordedEntry } from '#core/catalogue/index.ts';
import { prepareInsert } from './insert.ts';
import type { Drizzle } from './open.ts';
import { change } from './projectionTables.ts';

export type RecordedOf<K extends Kind> = RecordedEntry & EntryOf<K>;
export type Projector<K extends Kind> = {
  /** Projection tables (by SQL name) whose rows of this entry become void by its reversal. */
  voids: readonly string[];
  /** Pure of clock, randomness and files: replay must give the same rows. */
  project(entry: RecordedOf<K>): unknown;
};
export type Projectors<Entries> = { [K in keyof Entries & Kind]: Projector<K> };
export type MakeProjectors<Entries> = (db: Drizzle) => Projectors<Entries>;

/** The columns that every fact row begins with. */
export function factOf(entry: RecordedEntry) {
  return { entry: entry.id, atMs: entry.occurredAtMs, by: entry.actor, voidedBy: null };
}

/** For an upsert of what only the latest entry says: the latest by (occurredAtMs, id) holds, in whatever order they are recorded. */
export function isLater({ atMs, entry }: { atMs: SQLiteColumn; entry: SQLiteColumn }): SQL {
  return sql`excluded.at_ms > ${atMs} or (excluded.at_ms = ${atMs} and excluded.entry > ${entry})`;
}

/** Notes which fields of a record an entry set anew, for telling the later of two who change the same one. */
export function noteChange(db: Drizzle) {
  const insert = prepareInsert(db, change);
  return (entry: RecordedEntry, table: string, fields: object) =>
    insert({ entry: entry.id, of: table, fields: Object.keys(fields), atMs: entry.occurredAtMs, by: entry.actor });
}
