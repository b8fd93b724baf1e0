// Prepared inserts of whole rows: built once a table, several times faster than building each.
import { getTableColumns, sql } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Drizzle } from './open.ts';

export type Insert<T extends SQLiteTable> = (row: T['$inferInsert']) => number;

/** An insert of one row with every column; columns left out are null. Gives the row's number. */
export function prepareInsert<T extends SQLiteTable>(db: Drizzle, table: T): Insert<T> {
  const names = Object.keys(getTableColumns(table)).filter((name) => name !== 'seq');
  const values = Object.fromEntries(names.map((name) => [name, sql.placeholder(name)]));
  const statement = db.insert(table).values(values as never).prepare();
  const blank = Object.fromEntries(names.map((name) => [name, null]));
  return (row) => Number(statement.run({ ...blank, ...row }).lastInsertRowid);
}
