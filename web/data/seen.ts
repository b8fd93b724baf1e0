// What the house last answered, kept in the browser, so that a page opens with it while the house is away. Of one person at a time: who signs out or
// signs in as somebody else leaves nothing behind.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';

export type Seen = {
  path: string;
  body: unknown;
  /** House time at which it was read. */ atMs: number;
  /** The same by this device's own clock. */ deviceMs: number;
};
interface Schema extends DBSchema {
  seen: { key: string; value: Seen };
}

const OPENS_WITHIN_MS = 1500;
/** An answer that changes with every act is written down this much later, once. */
const WRITES_AFTER_MS = 1000;
/** As long as a sign-in lasts: a device that nobody brought back shows no more. By this device's own clock. */
const KEPT_FOR_MS = 12 * HOUR_MS;
/** A device's clock that sets itself right goes back by no more. */
const CLOCK_SLIP_MS = MINUTE_MS;
/** Answers to questions (a search, a tank) that nobody asked for so long make room. */
const KEPT_ANSWERS = 400;

let opened: Promise<IDBPDatabase<Schema>> | undefined;
const pending = new Map<string, Seen>();
let timer: ReturnType<typeof setTimeout> | undefined;

function open(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('daily-crate-seen', 1, { upgrade: (db) => void db.createObjectStore('seen', { keyPath: 'path' }) });
  let late: ReturnType<typeof setTimeout> | undefined;
  const never = new Promise<never>((_resolve, reject) => {
    late = setTimeout(() => reject(new Error('the store of this browser does not open')), OPENS_WITHIN_MS);
  });
  return Promise.race([opened, never]).finally(() => clearTimeout(late));
}

/** Nothing here is worth an error: what cannot be kept is not there later. */
async function orNothing<T>(work: (db: IDBPDatabase<Schema>) => Promise<T>): Promise<T | undefined> {
  try {
    return await work(await open());
  } catch {
    return undefined;
  }
}

async function write(): Promise<void> {
  timer = undefined;
  const now = [...pending.values()];
  pending.clear();
  await orNothing(async (db) => {
    const store = db.transaction('seen', 'readwrite').store;
    for (const seen of now) await store.put(seen);
    if ((await store.count()) <= KEPT_ANSWERS) return;
    const all = await store.getAll();
    for (const { path } of all.toSorted((a, b) => a.deviceMs - b.deviceMs).slice(0, all.length - KEPT_ANSWERS)) await store.delete(path);
  });
}

export const seenStore = {
  keep(path: string, body: unknown, atMs: number): void {
    pending.set(path, { path, body, atMs, deviceMs: Date.now() });
    timer ??= setTimeout(() => void write(), WRITES_AFTER_MS);
  },
  async last(path: string): Promise<Seen | undefined> {
    const seen = pending.get(path) ?? (await orNothing((db) => db.get('seen', path)));
    const ageMs = seen && Date.now() - seen.deviceMs;
    // By a clock that was set back nobody knows how old it is.
    return ageMs !== undefined && ageMs > -CLOCK_SLIP_MS && ageMs < KEPT_FOR_MS ? seen : undefined;
  },
  async forget(): Promise<void> {
    clearTimeout(timer);
    timer = undefined;
    pending.clear();
    await orNothing((db) => db.clear('seen'));
  },
  /** What is still to be written, at once. */
  flush: write,
};
