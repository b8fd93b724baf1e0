// Prepared inserts of whole rows. Drizzle writes the SQL and maps the values; the driver's own statement runs it,
// which spares the query builder's work on every row.
import { getTableColumns, sql, type Column } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type Database from 'better-sqlite3';
import type { Drizzle } from './open.ts';

export type Insert<T extends SQLiteTable> = (row: T['$inferInsert']) => number;

/** An insert of one row with every column; columns left out are null. Gives the row's number. */
export function prepareInsert<T extends SQLiteTable>(db: Drizzle, table: T): Insert<T> {
  // A column that numbers itself is left to SQLite.
  const columns = Object.entries(getTableColumns(table) as Record<string, Column>).filter(([name]) => name !== 'seq');
  const placeholders = Object.fromEntries(columns.map(([name]) => [name, sql.placeholder(name)]));
  const statement = clientOf(db).prepare(
    db
      .insert(table)
      .values(placeholders as never)
      .toSQL().sql,
  );
  return (row) => {
    const values = columns.map(([name, column]) => {
      const value = (row as Record<string, unknown>)[name];
      return value === undefined || value === null ? null : column.mapToDriverValue(value);
    });
    return Number(statement.run(values).lastInsertRowid);
  };
}

export function clientOf(db: Drizzle): Database.Database {
  return (db as Drizzle & { $client: Database.Database }).$client;
}
