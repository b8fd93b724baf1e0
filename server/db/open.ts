// Opens the house's one database file: durable settings, migrations, and the projections' tables.
// Remaking the projections' rows by replay is left to journal/replay.ts.
import fs from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as journalTables from './journalTables.ts';
import * as projectionTables from './projectionTables.ts';
import { PROJECTION_VERSION } from './projectionTables.ts';

export type Tables = typeof journalTables & typeof projectionTables;
export type Drizzle = BetterSQLite3Database<Tables>;
export type House = {
  client: Database.Database;
  db: Drizzle;
  file: string;
  /** The projections are empty or of another version. */ stale: boolean;
};

const folder = import.meta.dirname;

/** Opens or makes `file` (`:memory:` for tests). Backs up before a migration or a remake. The caller closes `client`. */
export function openHouse(file: string): House {
  const client = new Database(file);
  client.pragma('journal_mode = WAL');
  client.pragma('synchronous = FULL');
  client.pragma('busy_timeout = 5000');
  const db = drizzle({ client, schema: { ...journalTables, ...projectionTables } }) as Drizzle;
  if (file !== ':memory:' && hasEntries(client) && pendingMigrations(client)) backUp(client, file);
  // Off while migrating: a rebuilt table is dropped, and with foreign keys on that would delete its children.
  client.pragma('foreign_keys = OFF');
  migrate(db, { migrationsFolder: path.join(folder, 'migrations') });
  client.pragma('foreign_keys = ON');
  const faults = client.pragma('foreign_key_check') as unknown[];
  if (faults.length > 0) throw new Error(`${file}: ${faults.length} rows break a foreign key after migration`);
  const stale = findMeta(client, 'projectionVersion') !== String(PROJECTION_VERSION);
  if (stale) {
    if (file !== ':memory:' && hasEntries(client)) backUp(client, file);
    makeProjectionTables(client);
  }
  return { client, db, file, stale };
}

/** Drops every projection table and makes them anew, empty. */
export function makeProjectionTables(client: Database.Database): void {
  const old = client
    .prepare("select name from sqlite_master where type = 'table' and name like 'p!_%' escape '!'")
    .pluck()
    .all() as string[];
  for (const name of old) client.exec(`drop table "${name}"`);
  for (const name of fs
    .readdirSync(path.join(folder, 'projections'))
    .filter((one) => one.endsWith('.sql'))
    .sort()) {
    client.exec(fs.readFileSync(path.join(folder, 'projections', name), 'utf8'));
  }
}

export function findMeta(client: Database.Database, key: string): string | undefined {
  return client.prepare('select value from meta where key = ?').pluck().get(key) as string | undefined;
}

export function setMeta(client: Database.Database, key: string, value: string): void {
  client.prepare('insert into meta (key, value) values (?, ?) on conflict (key) do update set value = excluded.value').run(key, value);
}

function hasEntries(client: Database.Database): boolean {
  const table = client.prepare("select 1 from sqlite_master where name = 'entry'").get();
  return table !== undefined && client.prepare('select 1 from entry limit 1').get() !== undefined;
}

function pendingMigrations(client: Database.Database): boolean {
  const { entries } = JSON.parse(fs.readFileSync(path.join(folder, 'migrations/meta/_journal.json'), 'utf8')) as { entries: unknown[] };
  const done = client.prepare('select count(*) from __drizzle_migrations').pluck().get() as number;
  return done < entries.length;
}

function backUp(client: Database.Database, file: string): void {
  const copy = `${file}.before-${new Date().toISOString().replaceAll(/[:.]/g, '-')}`;
  client.prepare('vacuum into ?').run(copy);
  console.log(`kept a copy of the house as it was: ${copy}`);
}
