// Keeping the house: a copy beside it while it runs, a copy back into an empty place, a journal into an empty house.
// Each is checked by replay before it is called done.
import fs from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { openHouse, type House } from '../db/open.ts';
import { prepareInsert } from '../db/insert.ts';
import { entry as entryTable } from '../db/journalTables.ts';
import { readJournalLines } from '../export/journalLines.ts';
import { checkReplay, houseFile, remakeProjections } from '../journal/replay.ts';

export type Kept = { file: string; entries: number };

/** Copies the house of `data` into the directory `into`, while it may be running. Throws when the copy does not replay. */
export async function backUp(data: string, into: string, now: Date): Promise<Kept> {
  const source = mustBeHouse(data);
  fs.mkdirSync(into, { recursive: true });
  const file = path.join(into, `house-${now.toISOString().replace(/[:.]/g, '-')}.db`);
  const part = `${file}.part`;
  // Read only: the house may be running, and of another version than this program.
  const running = new Database(source, { readonly: true, fileMustExist: true });
  try {
    await running.backup(part);
  } finally {
    running.close();
  }
  const entries = checkCopy(part);
  for (const suffix of ['-wal', '-shm']) fs.rmSync(part + suffix, { force: true });
  fs.renameSync(part, file);
  return { file, entries };
}

/** Puts a copy back into an empty data directory. The copy itself is not touched. */
export function restore(copy: string, data: string): Kept {
  if (!fs.existsSync(copy)) throw new Error(`${copy} is not there`);
  const file = mustBeEmpty(data);
  const part = `${file}.part`;
  fs.copyFileSync(copy, part);
  let entries: number;
  try {
    entries = checkCopy(part);
  } catch (error) {
    for (const suffix of ['', '-wal', '-shm']) fs.rmSync(part + suffix, { force: true });
    throw error;
  }
  for (const suffix of ['-wal', '-shm']) fs.rmSync(part + suffix, { force: true });
  fs.renameSync(part, file);
  return { file, entries };
}

/** Takes a journal file into an empty data directory: all of it or nothing. PINs are not in it. */
export async function importJournal(journal: string, data: string): Promise<Kept> {
  if (!fs.existsSync(journal)) throw new Error(`${journal} is not there`);
  const file = mustBeEmpty(data);
  const part = `${file}.part`;
  const remove = () => ['', '-wal', '-shm'].forEach((suffix) => fs.rmSync(part + suffix, { force: true }));
  remove();
  const house = openHouse(part);
  try {
    const insert = prepareInsert(house.db, entryTable);
    house.client.exec('begin');
    for await (const { payload, overrules, ...rest } of readJournalLines(fs.createReadStream(journal))) {
      insert({ ...rest, payload: JSON.stringify(payload), overrules: overrules ? JSON.stringify(overrules) : null });
    }
    house.client.exec('commit');
    const entries = remakeProjections(house);
    mustBeSound(house, journal);
    house.client.pragma('wal_checkpoint(TRUNCATE)');
    house.client.close();
    fs.renameSync(part, file);
    for (const suffix of ['-wal', '-shm']) fs.rmSync(part + suffix, { force: true });
    return { file, entries };
  } catch (error) {
    house.client.close();
    remove();
    throw error;
  }
}

function mustBeHouse(data: string): string {
  const file = houseFile(data);
  if (!fs.existsSync(file)) throw new Error(`there is no house in ${data}`);
  return file;
}

function mustBeEmpty(data: string): string {
  const file = houseFile(data);
  if (fs.existsSync(file)) throw new Error(`${data} holds a house already; name an empty directory with --data`);
  fs.mkdirSync(data, { recursive: true });
  return file;
}

function checkCopy(file: string): number {
  const house = openHouse(file);
  try {
    if (house.stale) remakeProjections(house);
    const entries = mustBeSound(house, file);
    house.client.pragma('wal_checkpoint(TRUNCATE)');
    return entries;
  } finally {
    house.client.close();
  }
}

/** Replays it whole and compares; the books must balance and no tank hold less than nothing. */
function mustBeSound(house: House, name: string): number {
  const { entries, differences } = checkReplay(house);
  if (differences.length > 0) throw new Error(`${name} does not replay: ${differences.map(({ table }) => table).join(', ')}`);
  const { sum, below } = house.client
    .prepare('select coalesce(sum(n), 0) sum, coalesce(sum(inside = 1 and n < 0), 0) below from p_balance')
    .get() as { sum: number; below: number };
  if (sum !== 0 || below > 0) throw new Error(`${name}: its books do not balance`);
  return entries;
}
