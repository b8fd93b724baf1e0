// Acts that have not been answered yet, kept in the browser so that a reload or a dead battery loses nothing.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Act, Refusal } from '#core/journal/index.ts';

export type KeptAct = { ord?: number; person: string; act: Act; refused?: { refusals: Refusal[]; code: string } };
interface Schema extends DBSchema {
  acts: { key: number; value: KeptAct; indexes: { actId: string } };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;

function open(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('daily-crate', 1, {
    upgrade(db) {
      db.createObjectStore('acts', { keyPath: 'ord', autoIncrement: true }).createIndex('actId', 'act.actId', { unique: true });
    },
  });
  return opened;
}

export const actStore = {
  async all(): Promise<KeptAct[]> {
    return (await open()).getAll('acts');
  },
  async put(kept: KeptAct): Promise<void> {
    const db = await open();
    const known = await db.getKeyFromIndex('acts', 'actId', kept.act.actId);
    await db.put('acts', known === undefined ? kept : { ...kept, ord: known });
  },
  async remove(actId: string): Promise<void> {
    const db = await open();
    const key = await db.getKeyFromIndex('acts', 'actId', actId);
    if (key !== undefined) await db.delete('acts', key);
  },
};
