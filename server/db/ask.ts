// Prepared statements by what they give. The one place where a row is told its type.
import type Database from 'better-sqlite3';

type Given = readonly unknown[];

export function makeAsk(client: Database.Database) {
  return {
    /** The first row, or nothing. */
    get<Row>(sql: string) {
      const statement = client.prepare(sql);
      return (...given: Given) => (statement.get(...given) ?? undefined) as Row | undefined;
    },
    all<Row>(sql: string) {
      const statement = client.prepare(sql);
      return (...given: Given) => statement.all(...given) as Row[];
    },
    /** The one column of the first row, or nothing. */
    value<Value>(sql: string) {
      const statement = client.prepare(sql).pluck();
      return (...given: Given) => (statement.get(...given) ?? undefined) as Value | undefined;
    },
    values<Value>(sql: string) {
      const statement = client.prepare(sql).pluck();
      return (...given: Given) => statement.all(...given) as Value[];
    },
    /** Is there such a row? */
    is(sql: string) {
      const statement = client.prepare(sql).pluck();
      return (...given: Given) => statement.get(...given) !== undefined;
    },
  };
}

/** JSON out of a column; nothing for null. */
export const parsed = <T>(json: string | null | undefined): T | undefined =>
  json === null || json === undefined ? undefined : (JSON.parse(json) as T);
