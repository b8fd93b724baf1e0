// What a house's file says of itself: small facts by name, and whether anything was ever written in it.
import type Database from 'better-sqlite3';
import { makeAsk } from './ask.ts';
import { meta } from './journalTables.ts';

export function findMeta(client: Database.Database, key: string): string | undefined {
  return makeAsk(client).value(meta.value, 'select value from meta where key = ?')(key);
}

export function setMeta(client: Database.Database, key: string, value: string): void {
  client.prepare('insert into meta (key, value) values (?, ?) on conflict (key) do update set value = excluded.value').run(key, value);
}

export function hasEntries(client: Database.Database): boolean {
  const table = client.prepare("select 1 from sqlite_master where name = 'entry'").get();
  return table !== undefined && client.prepare('select 1 from entry limit 1').get() !== undefined;
}
