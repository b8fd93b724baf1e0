// Pictures that the house does not have yet, kept in the browser by their sums.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

export type KeptPicture = { sha256: string; data: ArrayBuffer; atMs: number };
interface Schema extends DBSchema {
  pictures: { key: string; value: KeptPicture };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;
const open = () =>
  (opened ??= openDB<Schema>('daily-crate-pictures', 1, { upgrade: (db) => void db.createObjectStore('pictures', { keyPath: 'sha256' }) }));

export const photoStore = {
  put: async (picture: KeptPicture): Promise<void> => void (await (await open()).put('pictures', picture)),
  get: async (sha256: string): Promise<KeptPicture | undefined> => (await open()).get('pictures', sha256),
  keys: async (): Promise<string[]> => (await open()).getAllKeys('pictures'),
  remove: async (sha256: string): Promise<void> => (await open()).delete('pictures', sha256),
};
export type PhotoStore = typeof photoStore;
