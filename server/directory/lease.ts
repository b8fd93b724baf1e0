// One at a time on a data directory: a server, or a command that writes. The lock is the operating system's own, held by an open transaction on a small file,
// so that it ends with its process however that ends; a note beside it says whose it is.
import Database from 'better-sqlite3';
import fs from 'node:fs';
import { lockFile } from './directory.ts';

export type Lease = { release(): void };
const noteFile = (data: string): string => `${lockFile(data)}.json`;
type Holder = { what: string; process: number; sinceMs: number };

/** Throws, naming who holds it, when another process does. */
export function takeLease(data: string, what: string): Lease {
  fs.mkdirSync(data, { recursive: true, mode: 0o700 });
  const file = lockFile(data);
  const note = noteFile(data);
  const client = new Database(file, { timeout: 0 });
  try {
    client.exec('begin exclusive');
  } catch (error) {
    client.close();
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error;
    throw new Error(`${data} is in use by ${heldBy(data)}. Stop that first, or name another directory with --data.`, { cause: error });
  }
  fs.writeFileSync(note, JSON.stringify({ what, process: process.pid, sinceMs: Date.now() } satisfies Holder), { mode: 0o600 });
  return {
    release() {
      if (!client.open) return;
      // The file itself stays: whoever had opened it already would else lock one that nobody finds any more.
      fs.rmSync(note, { force: true });
      client.close();
    },
  };
}

/** For one piece of work; released whatever comes of it. */
export async function withLease<T>(data: string, what: string, work: () => T | Promise<T>): Promise<T> {
  const lease = takeLease(data, what);
  try {
    return await work();
  } finally {
    lease.release();
  }
}

/** Whether somebody holds the directory now. Takes nothing: a lock that is free is released at once. */
export function isHeld(data: string): boolean {
  if (!fs.existsSync(lockFile(data))) return false;
  const client = new Database(lockFile(data), { timeout: 0, readonly: true, fileMustExist: true });
  try {
    client.prepare('select count(*) from sqlite_master').get();
    return false;
  } catch (error) {
    return (error as { code?: string }).code === 'SQLITE_BUSY';
  } finally {
    client.close();
  }
}

/** Who holds a directory, by the note beside its lock. */
export function heldBy(data: string): string {
  try {
    const { what, process: pid, sinceMs } = JSON.parse(fs.readFileSync(noteFile(data), 'utf8')) as Holder;
    return `${what} (process ${pid}, since ${new Date(sinceMs).toISOString()})`;
  } catch {
    return 'another process';
  }
}
