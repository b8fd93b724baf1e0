// Opens the house's one database file: durable settings, migrations, and the projections' tables.
// Remaking the projections' rows by replay is left to journal/replay.ts.
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import fs from 'node:fs';
import path from 'node:path';
import { makeAsk, number, text, word } from './ask.ts';
import { mustBeReadable, JOURNAL_FORMAT } from './format.ts';
import * as journalTables from './journalTables.ts';
import { findMeta, hasEntries, setMeta } from './meta.ts';
import * as projectionTables from './projectionTables.ts';
import { PROJECTION_SQL, PROJECTION_VERSION } from './projectionVersion.ts';

export type Tables = typeof journalTables & typeof projectionTables;
export type Drizzle = BetterSQLite3Database<Tables>;
export type House = {
  client: Database.Database;
  db: Drizzle;
  file: string;
  /** The projections are empty or of another version. */ stale: boolean;
};

const folder = import.meta.dirname;

/**
 * Opens or makes `file` (`:memory:` for tests) and brings it up to this program; one copy is kept before a migration or a remake. Projections of another version
 * stay as they are until they are remade (journal/replay). Throws when the file is damaged, or its journal of another format: then nothing of it is changed. The caller closes `client`.
 */
export function openHouse(file: string, { keepCopy = true } = {}): House {
  const isThere = file !== ':memory:' && fs.existsSync(file);
  const client = new Database(file);
  client.pragma('busy_timeout = 5000');
  if (isThere) {
    try {
      mustBeWhole(client, file, 'quick_check');
      mustBeReadable(client, file);
    } catch (error) {
      client.close();
      throw error;
    }
  }
  const lived = isThere && hasEntries(client);
  client.pragma('journal_mode = WAL');
  client.pragma('synchronous = FULL');
  const db = drizzle({ client, schema: { ...journalTables, ...projectionTables } }) as Drizzle;
  const stale = isStale(client);
  if (lived && keepCopy && (stale || pendingMigrations(client))) copyBeside(client, file);
  // Off while migrating: a rebuilt table is dropped, and with foreign keys on that would delete its children.
  client.pragma('foreign_keys = OFF');
  migrate(db, { migrationsFolder: path.join(folder, 'migrations') });
  client.pragma('foreign_keys = ON');
  const faults = client.pragma('foreign_key_check') as unknown[];
  if (faults.length > 0) throw new Error(`${file}: ${faults.length} rows break a foreign key after migration`);
  // Without entries there is nothing to make them from, and nothing to lose.
  if (stale && !hasEntries(client)) client.transaction(() => makeProjectionTables(client))();
  if (!hasEntries(client)) setMeta(client, 'journalFormat', String(JOURNAL_FORMAT));
  if (file !== ':memory:') keepPrivate(file);
  return { client, db, file, stale };
}

/** Opens a house that is there, whatever its version, and changes nothing of it: for what looks in beside a running server. */
export function openAsIs(file: string, { readonly }: { readonly: boolean }): House {
  const client = new Database(file, { readonly, fileMustExist: true });
  client.pragma('busy_timeout = 5000');
  const db = drizzle({ client, schema: { ...journalTables, ...projectionTables } }) as Drizzle;
  return { client, db, file, stale: isStale(client) || pendingMigrations(client) };
}

/** Throws when SQLite finds the file damaged: `quick_check` its pages, `integrity_check` also that every index says what its table says. */
export function mustBeWhole(client: Database.Database, file: string, by: 'quick_check' | 'integrity_check'): void {
  const faults = faultsOf(client, by);
  if (faults.length > 0) throw new Error(`${file} is damaged (${faults[0]}). Put the last copy back: npm run restore.`);
}

/** What SQLite says against a file; of one that it cannot read at all, why. */
function faultsOf(client: Database.Database, by: 'quick_check' | 'integrity_check'): string[] {
  try {
    return (client.pragma(by) as Record<string, string>[]).flatMap((row) => Object.values(row)).filter((text) => text !== 'ok');
  } catch (error) {
    return [(error as Error).message];
  }
}

/** Only the account that runs the house reads its files. */
function keepPrivate(file: string): void {
  for (const statement of [file, `${file}-wal`, `${file}-shm`]) if (fs.existsSync(statement)) fs.chmodSync(statement, 0o600);
}

function isStale(client: Database.Database): boolean {
  const known = client.prepare("select 1 from sqlite_master where name = 'meta'").get() !== undefined;
  return !known || findMeta(client, 'projectionVersion') !== PROJECTION_VERSION;
}

/** What the projections are made of, views before the tables that they read. */
export function projectionsIn(client: Database.Database): { name: string; type: 'table' | 'view' }[] {
  return makeAsk(client).all(
    { name: text, type: word<'table' | 'view'>() },
    "select name, type from sqlite_master where type in ('table', 'view') and (name like 'p!_%' escape '!' or name like 'now!_%' escape '!') order by type desc, name",
  )();
}

/** Drops every projection table and view, and makes them anew, empty. */
export function makeProjectionTables(client: Database.Database): void {
  for (const { name, type } of projectionsIn(client)) client.exec(`drop ${type} "${name}"`);
  for (const sql of PROJECTION_SQL) client.exec(sql);
}

function pendingMigrations(client: Database.Database): boolean {
  if (client.prepare("select 1 from sqlite_master where name = '__drizzle_migrations'").get() === undefined) return true;
  const { entries } = JSON.parse(fs.readFileSync(path.join(folder, 'migrations/meta/_journal.json'), 'utf8')) as { entries: unknown[] };
  return makeAsk(client).only(number, 'select count(*) from __drizzle_migrations')() < entries.length;
}

function copyBeside(client: Database.Database, file: string): void {
  const copy = `${file}.before-${new Date().toISOString().replaceAll(/[:.]/g, '-')}`;
  client.prepare('vacuum into ?').run(copy);
  fs.chmodSync(copy, 0o600);
  console.log(`kept a copy of the house as it was: ${copy}`);
}
