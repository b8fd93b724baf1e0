// Keeping the house: a copy beside it while it runs, a copy back into an empty place, a journal into an empty house.
// Each is checked before it is called done: whole as a file, replayed as a journal, and once more where it stands in the end.
import Database from 'better-sqlite3';
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';
import { makeAsk, number } from '../db/ask.ts';
import { mustBeReadable } from '../db/format.ts';
import { prepareInsert } from '../db/insert.ts';
import { entry as entryTable } from '../db/journalTables.ts';
import { mustBeWhole, openAsIs, openHouse, type House } from '../db/open.ts';
import { houseFile, inspect, mustBeFree } from '../directory/directory.ts';
import { withLease } from '../directory/lease.ts';
import { readJournalLines } from '../export/journalLines.ts';
import { checkReplay, remakeProjections } from '../journal/replay.ts';
import { allNamed } from '../photos/cards.ts';
import { copyPhotos, photoFolder, type Copied } from '../photos/store.ts';
import { readBalance } from '../stock/balance.ts';

/** `replayed` = not only whole as a file: its journal gives the same views, and the records balance. */
export type Kept = { file: string; entries: number; replayed: boolean; /** Those that the journal names. */ photos: Copied };

/**
 * Copies the house of `data` into the directory `into`, its photographs beside it, while it may be running. No sign-in goes with it. Throws when the copy is damaged or does not replay;
 * one of another version of this program is copied as it is and not replayed.
 */
export async function backUp(data: string, into: string, now: Date): Promise<Kept> {
  const source = mustBeHouse(data);
  fs.mkdirSync(into, { recursive: true, mode: 0o700 });
  const file = path.join(into, `house-${now.toISOString().replace(/[:.]/g, '-')}.db`);
  const part = `${file}.part`;
  removeFile(part);
  try {
    // Read only: the house may be running, and of another version than this program.
    const running = new Database(source, { readonly: true, fileMustExist: true });
    try {
      await running.backup(part);
    } finally {
      running.close();
    }
    signEverybodyOut(part);
    const kept = checkAsIs(part);
    fs.writeFileSync(sumFile(file), `${sumOf(part)}  ${path.basename(file)}\n`, { mode: 0o600 });
    const photos = copyPhotos(data, into, namedIn(part));
    fs.renameSync(part, file);
    fs.chmodSync(file, 0o600);
    return { file, ...kept, photos };
  } finally {
    removeFile(part);
  }
}

/** Puts a copy back into an empty data directory; everybody signs in anew. The copy itself is not touched. Throws when it is not what was copied. */
export function restore(copy: string, data: string): Promise<Kept> {
  if (!fs.existsSync(copy)) throw new Error(`${copy} is not there`);
  mustBeFree(data);
  return withLease(data, 'a restore', () => {
    const file = mustBeFree(data);
    const part = path.join(data, 'restoring.part');
    removeFile(part);
    try {
      mustBeAsCopied(copy);
      fs.copyFileSync(copy, part);
      mustBeOfThisFormat(part, copy);
      signEverybodyOut(part);
      const entries = checkBroughtUp(part);
      const photos = bringPhotos(copy, data, part);
      fs.renameSync(part, file);
      return { ...mustHave(file, entries), photos };
    } finally {
      removeFile(part);
    }
  });
}

/** Takes a journal file into an empty data directory: all of it or nothing. PINs are not in it. */
export function importJournal(journal: string, data: string): Promise<Kept> {
  if (!fs.existsSync(journal)) throw new Error(`${journal} is not there`);
  mustBeFree(data);
  return withLease(data, 'an import', () => importInto(journal, { data, file: mustBeFree(data), part: path.join(data, 'importing.part') }));
}

async function importInto(journal: string, { data, file, part }: { data: string; file: string; part: string }): Promise<Kept> {
  removeFile(part);
  const house = openHouse(part);
  try {
    const insert = prepareInsert(house.db, entryTable);
    house.client.exec('begin');
    for await (const row of readJournalLines(fs.createReadStream(journal))) {
      insert(row);
    }
    house.client.exec('commit');
    const entries = remakeProjections(house);
    mustBeSound(house, journal);
    intoOneFile(house.client);
    house.client.close();
    const photos = bringPhotos(journal, data, part);
    fs.renameSync(part, file);
    return { ...mustHave(file, entries), photos };
  } finally {
    if (house.client.open) house.client.close();
    removeFile(part);
  }
}

function namedIn(file: string): { sha256: string }[] {
  const client = new Database(file, { readonly: true, fileMustExist: true });
  try {
    return allNamed(client);
  } finally {
    client.close();
  }
}

/** Photographs that lie beside a copy, into an empty directory: all or none of them. One that is not there is told, and keeps no house from coming back. */
function bringPhotos(copy: string, data: string, part: string): Copied {
  try {
    return copyPhotos(path.dirname(copy), data, namedIn(part));
  } catch (error) {
    fs.rmSync(photoFolder(data), { recursive: true, force: true });
    throw error;
  }
}

/** Refused before anything is made of it, by the name of the copy. */
function mustBeOfThisFormat(part: string, copy: string): void {
  const client = new Database(part, { readonly: true, fileMustExist: true });
  try {
    mustBeReadable(client, copy);
  } finally {
    client.close();
  }
}

function mustBeHouse(data: string): string {
  const file = houseFile(data);
  if (inspect(data).is !== 'house') throw new Error(`there is no house in ${data}`);
  return file;
}

const removeFile = (file: string) => ['', '-wal', '-shm', '-journal'].forEach((suffix) => fs.rmSync(file + suffix, { force: true }));
/** No write-ahead file beside it that could be lost, or played into another. */
const intoOneFile = (client: Database.Database) => void client.pragma('journal_mode = DELETE');

const sumFile = (copy: string) => `${copy}.sha256`;
/** A piece at a time: a house of many years does not fit into one buffer. */
function sumOf(file: string): string {
  const hash = createHash('sha256');
  const piece = Buffer.alloc(1 << 20);
  const from = fs.openSync(file, 'r');
  try {
    for (let read = fs.readSync(from, piece); read > 0; read = fs.readSync(from, piece)) hash.update(piece.subarray(0, read));
  } finally {
    fs.closeSync(from);
  }
  return hash.digest('hex');
}

/** Byte for byte what was written then, where its sum lies beside it. */
function mustBeAsCopied(copy: string): void {
  if (!fs.existsSync(sumFile(copy))) return;
  const [sum] = fs.readFileSync(sumFile(copy), 'utf8').split(' ');
  if (sum !== sumOf(copy))
    throw new Error(`${copy} is damaged: it is not what was copied (its .sha256 says otherwise). Take another copy.`);
}

/** Who signs in to a copy signs in again: its secret is made when it is first opened. */
function signEverybodyOut(file: string): void {
  const client = new Database(file, { fileMustExist: true });
  try {
    // A file of a few bytes passes for an empty database.
    const has = (table: string) => client.prepare('select 1 from sqlite_master where name = ?').get(table) !== undefined;
    if (!has('entry') || !has('meta')) throw new Error(`${file} is no house`);
    mustBeWhole(client, file, 'integrity_check');
    intoOneFile(client);
    for (const table of ['session', 'attempt', 'device']) if (has(table)) client.exec(`delete from ${table}`);
    client.exec("delete from meta where key = 'sessionSecret'");
    // What was deleted stands in free pages until they are written over.
    client.exec('vacuum');
  } finally {
    client.close();
  }
}

/** Looks at a copy without changing it. */
function checkAsIs(file: string): Omit<Kept, 'file' | 'photos'> {
  const house = openAsIs(file, { readonly: true });
  try {
    mustBeWhole(house.client, file, 'integrity_check');
    if (!house.stale) return { entries: mustBeSound(house, file), replayed: true };
    return { entries: entriesOf(house), replayed: false };
  } finally {
    house.client.close();
  }
}

/** Brings a copy of a copy up to this program and replays it whole. */
function checkBroughtUp(part: string): number {
  const house = openHouse(part, { keepCopy: false });
  try {
    if (house.stale) remakeProjections(house);
    mustBeWhole(house.client, part, 'integrity_check');
    const entries = mustBeSound(house, part);
    intoOneFile(house.client);
    return entries;
  } finally {
    house.client.close();
  }
}

/** Where it stands now, after the renaming: still whole, and as many entries as were put there. Set aside when not, where no server opens it. */
function mustHave(file: string, entries: number): Omit<Kept, 'photos'> {
  try {
    const { entries: found, replayed } = checkAsIs(file);
    if (found !== entries) throw new Error(`${file} holds ${found} entries where ${entries} were put`);
    return { file, entries, replayed };
  } catch (error) {
    fs.renameSync(file, `${file}.refused`);
    throw error;
  }
}

const entriesOf = ({ client }: House): number => makeAsk(client).only(number, 'select count(*) from entry')();

/** Replays it whole and compares; the records must balance and no tank hold less than nothing. */
function mustBeSound(house: House, name: string): number {
  const { entries, differences } = checkReplay(house);
  if (differences.length > 0) throw new Error(`${name} does not replay: ${differences.map(({ table }) => table).join(', ')}`);
  const { sum, negative } = readBalance(house.client);
  if (sum !== 0 || negative > 0) throw new Error(`${name}: its stock records do not balance`);
  return entries;
}
