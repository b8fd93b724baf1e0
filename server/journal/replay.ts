// Replay: the projections made anew from the journal, in place at a version change, or in a second file to check them.
import type Database from 'better-sqlite3';
import { setMeta } from '../db/meta.ts';
import { makeProjectionTables, openHouse, projectionsIn, type House } from '../db/open.ts';
import { PROJECTION_VERSION } from '../db/projectionVersion.ts';
import { makeProject } from './project.ts';
import { makeJournalStore } from './store.ts';

export type Progress = (done: number) => void;

/** Remakes every projection of `house` from its own journal, in one transaction. */
export function remakeProjections(house: House, onProgress: Progress = () => undefined): number {
  const store = makeJournalStore(house.db);
  return house.client.transaction(() => {
    makeProjectionTables(house.client);
    const done = projectAll(house, store, onProgress);
    setMeta(house.client, 'projectionVersion', PROJECTION_VERSION);
    return done;
  })();
}

function projectAll(into: House, from: ReturnType<typeof makeJournalStore>, onProgress: Progress): number {
  const project = makeProject(into.client, into.db);
  let done = 0;
  for (const entry of from.all()) {
    project(entry, from.ofAct);
    done += 1;
    if (done % 10_000 === 0) onProgress(done);
  }
  return done;
}

export type Difference = { table: string; onlyInHouse: number; onlyInReplay: number };

/** Replays the journal of `house` into memory and compares every column of every projection table. Empty = equal. */
export function checkReplay(house: House): { entries: number; differences: Difference[] } {
  const second = openHouse(':memory:');
  try {
    const entries = second.client.transaction(() => projectAll(second, makeJournalStore(house.db), () => undefined))();
    const names = projectionsIn(second.client).flatMap(({ name, type }) => (type === 'table' ? [name] : []));
    const differences = names
      .map((table) => compare(table, house.client, second.client))
      .filter((difference) => difference.onlyInHouse + difference.onlyInReplay > 0);
    return { entries, differences };
  } finally {
    second.client.close();
  }
}

function compare(table: string, house: Database.Database, replay: Database.Database): Difference {
  const rows = (client: Database.Database) => {
    const counts = new Map<string, number>();
    for (const row of client.prepare(`select * from ${table}`).raw().iterate() as Iterable<unknown[]>) {
      const key = JSON.stringify(row);
      counts.set(key, (counts.get(key) ?? 0) + 1);
    }
    return counts;
  };
  const [left, right] = [rows(house), rows(replay)];
  const missing = (from: Map<string, number>, into: Map<string, number>) =>
    [...from].reduce((sum, [key, n]) => sum + Math.max(0, n - (into.get(key) ?? 0)), 0);
  return { table, onlyInHouse: missing(left, right), onlyInReplay: missing(right, left) };
}

export { houseFile } from '../directory/directory.ts';
