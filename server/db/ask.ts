// Reading rows. What a row is follows from the schema: each statement names the columns that it gives, as the schema has them, and the database is asked at once
// whether it gives just those. So a column renamed in the schema is a type error, and one that a statement does not give stops the program at its start.
import type Database from 'better-sqlite3';
import { getTableName, type Column, type GetColumnData } from 'drizzle-orm';

/** A value that no column holds as it stands: counted, joined into a text, built as JSON. */
export type Calculated<T> = {
  readonly kind: 'number' | 'string';
  readonly mayBeNull: boolean;
  readonly map?: (value: unknown) => T;
  /** The column that it is, if it is one after all. */
  readonly of?: Column;
};
type Readable = Column | Calculated<unknown>;
type Shape = Readonly<Record<string, Readable>>;
type ValueOf<R> = R extends Column ? GetColumnData<R> : R extends Calculated<infer T> ? T : never;
export type RowOf<S extends Shape> = { -readonly [K in keyof S]: ValueOf<S[K]> };
type Given = readonly unknown[];

export const number: Calculated<number> = { kind: 'number', mayBeNull: false };
export const text: Calculated<string> = { kind: 'string', mayBeNull: false };
/** SQLite's 0 or 1. */
export const flag: Calculated<boolean> = { kind: 'number', mayBeNull: false, map: (value) => value === 1 };
/** A text that only some words can stand in, by what wrote it. */
export const word = <T extends string>(): Calculated<T> => ({ kind: 'string', mayBeNull: false });
/** JSON built by the statement, or cut out of a column. A null inside it is absent. */
export const json = <T>(): Calculated<T> => ({
  kind: 'string',
  mayBeNull: false,
  map: (value) => JSON.parse(value as string, (_key, inner: unknown) => inner ?? undefined) as T,
});

/** The same, or null: of a column that an outer join may leave empty. */
export function orNull<R extends Readable>(readable: R): Calculated<ValueOf<R> | null> {
  const { map, kind, of } = calculated(readable);
  return {
    kind,
    mayBeNull: true,
    of,
    ...(map && { map: (value: unknown) => (value === null ? null : map(value)) }),
  } as Calculated<ValueOf<R> | null>;
}

/** Some columns of a table under their own names. */
export function pick<T extends object, K extends keyof T>(table: T, ...names: K[]): Pick<T, K> {
  return Object.fromEntries(names.map((name) => [name, table[name]])) as Pick<T, K>;
}

/** In tests each value that is read is held against what its column may hold. */
const MUST_AGREE = process.env.JEST_WORKER_ID !== undefined;

export function makeAsk(client: Database.Database) {
  const prepare = <S extends Shape>(shape: S, sql: string) => {
    const statement = client.prepare(sql);
    mustGive(statement, shape, sql);
    return { statement, read: readerOf(shape, sql) as (row: unknown) => RowOf<S> };
  };
  const prepareOne = <R extends Readable>(readable: R, sql: string) => {
    const statement = client.prepare(sql);
    const [column, ...others] = statement.columns();
    if (!column || others.length > 0) throw new Error(`gives not one column: ${sql}`);
    mustGive(statement, { [column.name]: readable }, sql);
    const read = readerOf({ value: readable }, sql) as (row: unknown) => { value: ValueOf<R> };
    return { statement: statement.pluck(), read: (value: unknown) => read({ value }).value };
  };
  return {
    /** The first row, or nothing. */
    get<S extends Shape>(shape: S, sql: string): (...given: Given) => RowOf<S> | undefined {
      const { statement, read } = prepare(shape, sql);
      return (...given) => {
        const row = statement.get(...given);
        return row === undefined ? undefined : read(row);
      };
    },
    /** The row that such a statement always gives. */
    one<S extends Shape>(shape: S, sql: string): (...given: Given) => RowOf<S> {
      const { statement, read } = prepare(shape, sql);
      return (...given) => read(statement.get(...given));
    },
    all<S extends Shape>(shape: S, sql: string): (...given: Given) => RowOf<S>[] {
      const { statement, read } = prepare(shape, sql);
      return (...given) => statement.all(...given).map(read);
    },
    /** The one column of the first row, or nothing; a null is nothing too. */
    value<R extends Readable>(readable: R, sql: string): (...given: Given) => NonNullable<ValueOf<R>> | undefined {
      const { statement, read } = prepareOne(readable, sql);
      return (...given) => {
        const value = statement.get(...given) ?? undefined;
        return value === undefined ? undefined : (read(value) ?? undefined);
      };
    },
    /** The one value that such a statement always gives. */
    only<R extends Readable>(readable: R, sql: string): (...given: Given) => ValueOf<R> {
      const { statement, read } = prepareOne(readable, sql);
      return (...given) => read(statement.get(...given));
    },
    values<R extends Readable>(readable: R, sql: string): (...given: Given) => ValueOf<R>[] {
      const { statement, read } = prepareOne(readable, sql);
      return (...given) => statement.all(...given).map(read);
    },
    /** Two columns as what each key stands for. */
    map<K extends Readable, V extends Readable>(key: K, value: V, sql: string): (...given: Given) => Map<ValueOf<K>, ValueOf<V>> {
      const statement = client.prepare(sql);
      const [first, second] = statement.columns();
      mustGive(statement, { [first!.name]: key, [second!.name]: value }, sql);
      const read = readerOf({ 0: key, 1: value }, sql) as (row: unknown) => [ValueOf<K>, ValueOf<V>];
      statement.raw();
      return (...given) => new Map(statement.all(...given).map(read));
    },
    /** Is there such a row? */
    is(sql: string): (...given: Given) => boolean {
      const statement = client.prepare(sql).pluck();
      return (...given) => statement.get(...given) !== undefined;
    },
  };
}

/** Throws unless the statement gives just these columns, each out of the column that the shape names; what is calculated comes from none. */
function mustGive(statement: Database.Statement, shape: Shape, sql: string): void {
  const given = new Map(statement.columns().map((column) => [column.name, column]));
  for (const [name, readable] of Object.entries(shape)) {
    const column = given.get(name);
    if (!column) throw new Error(`gives no ${name}: ${sql}`);
    given.delete(name);
    const { of } = calculated(readable);
    if (!of || column.column === null) continue;
    const meant = `${getTableName(of.table)}.${of.name}`;
    if (`${column.table}.${column.column}` !== meant) throw new Error(`${name} is ${column.table}.${column.column}, not ${meant}: ${sql}`);
  }
  if (given.size > 0) throw new Error(`gives also ${[...given.keys()].join(', ')}: ${sql}`);
}

function calculated(readable: Readable): Calculated<unknown> {
  if ('mayBeNull' in readable) return readable;
  const mapped = readable.dataType === 'boolean' || readable.dataType === 'json';
  return {
    kind: readable.getSQLType() === 'text' ? 'string' : 'number',
    mayBeNull: !readable.notNull,
    of: readable,
    ...(mapped && { map: (value: unknown) => (value === null ? null : readable.mapFromDriverValue(value)) }),
  };
}

/** Turns a row into what its shape says, in place. Most rows are that already. */
function readerOf(shape: Shape, sql: string): (row: unknown) => unknown {
  const columns = Object.entries(shape).map(([name, readable]) => ({ name, ...calculated(readable) }));
  const mapped = columns.flatMap(({ name, map }) => (map ? [{ name, map }] : []));
  const read = (row: unknown) => {
    const values = row as Record<string, unknown>;
    for (const { name, map } of mapped) values[name] = map(values[name]);
    return row;
  };
  if (!MUST_AGREE) return mapped.length === 0 ? (row) => row : read;
  return (row) => {
    for (const { name, kind, mayBeNull } of columns) {
      const value = (row as Record<string, unknown>)[name];
      if (value === null ? !mayBeNull : typeof value !== kind)
        throw new Error(`${name} was ${JSON.stringify(value)}, read as ${kind}: ${sql}`);
    }
    return read(row);
  };
}
