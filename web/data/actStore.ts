// Acts that have not been answered yet, kept in the browser so that a reload or a dead battery loses nothing.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Act } from '#core/catalogue/index.ts';
import type { Refusal } from '#core/journal/index.ts';

export type KeptAct = { ord?: number; person: string; act: Act; refused?: { refusals: Refusal[]; code: string } };
interface Schema extends DBSchema {
  acts: { key: number; value: KeptAct; indexes: { actId: string } };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;

/** A browser that does not open its store by then (another tab of an older page holds it, a broken profile) keeps nothing; the work goes on. */
const OPENS_WITHIN_MS = 2000;

function open(): Promise<IDBPDatabase<Schema>> {
  let late: ReturnType<typeof setTimeout> | undefined;
  const never = new Promise<never>((_resolve, reject) => {
    late = setTimeout(() => reject(new Error('the store of this browser does not open')), OPENS_WITHIN_MS);
  });
  return Promise.race([opening(), never]).finally(() => clearTimeout(late));
}

function opening(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('daily-crate', 1, {
    upgrade(db) {
      db.createObjectStore('acts', { keyPath: 'ord', autoIncrement: true }).createIndex('actId', 'act.actId', { unique: true });
    },
  });
  return opened;
}

/** What is forbidden (a private window, a full profile, a key that is no act) is as if nothing were there: the store is what counts. */
function orNothing<T>(read: () => T): T | undefined {
  try {
    return read();
  } catch {
    return undefined;
  }
}

/** An act is shown before the store has it. What is noted here in the same moment outlives a page that is left just then. */
const hasty = {
  key: (actId: string) => `daily-crate-act ${actId}`,
  note: (kept: KeptAct) => orNothing(() => localStorage.setItem(hasty.key(kept.act.actId), JSON.stringify(kept))),
  forget: (actId: string) => orNothing(() => localStorage.removeItem(hasty.key(actId))),
  all(): KeptAct[] {
    const keys = orNothing(() => Object.keys(localStorage).filter((key) => key.startsWith(hasty.key('')))) ?? [];
    return keys
      .sort()
      .map((key) => orNothing(() => JSON.parse(localStorage.getItem(key)!) as KeptAct))
      .filter((kept) => typeof kept?.act?.actId === 'string') as KeptAct[];
  },
};

export const actStore = {
  async all(): Promise<KeptAct[]> {
    const left = hasty.all();
    for (const kept of left) await this.put(kept).catch(() => undefined);
    const kept = await (await open()).getAll('acts');
    const known = new Set(kept.map(({ act }) => act.actId));
    return [...kept, ...left.filter(({ act }) => !known.has(act.actId))];
  },
  async put(kept: KeptAct): Promise<void> {
    hasty.note(kept);
    // In one transaction: another tab may be taking over the same act.
    const acts = (await open()).transaction('acts', 'readwrite').store;
    const known = await acts.index('actId').getKey(kept.act.actId);
    await acts.put(known === undefined ? kept : { ...kept, ord: known });
    hasty.forget(kept.act.actId);
  },
  async remove(actId: string): Promise<void> {
    hasty.forget(actId);
    const db = await open();
    const key = await db.getKeyFromIndex('acts', 'actId', actId);
    if (key !== undefined) await db.delete('acts', key);
  },
};
