// Looks after a running house by the clock: can it still write, has its disk room, is its file whole. Health reads what was found last; it asks nothing itself.
import fs from 'node:fs';
import path from 'node:path';
import { DAY_MS } from '#core/time/index.ts';
import { mustBeWhole } from '../db/open.ts';
import type { RunningHouse } from '../house/house.ts';
import type { Log } from '../log/log.ts';

const WRITE_EVERY_MS = 15_000;
const WHOLE_EVERY_MS = DAY_MS;
/** With less room than this the next photos and copies may not fit, MB. */
export const LEAST_ROOM_MB = 200;
const MB = 1024 * 1024;

export type Watched = { canWrite: boolean; roomMB?: number; wholeAtMs?: number; damaged?: string };
export type Watch = { now: () => Watched; inspect: () => void; inspectWhole: () => void; stop: () => void };

/** Room on the disk of a directory, MB; none where that is gone: then it cannot write either. */
export function roomIn(directory: string): number {
  try {
    const { bavail, bsize } = fs.statfsSync(directory);
    return Math.floor((bavail * bsize) / MB);
  } catch {
    return 0;
  }
}

export function startWatch(house: RunningHouse, log: Log): Watch {
  const found: Watched = { canWrite: true };
  // A real write of one small row, kept by the disk before it counts.
  const write = house.client.prepare(
    "insert into meta (key, value) values ('watched', ?) on conflict (key) do update set value = excluded.value",
  );
  const inspect = () => {
    const before = found.canWrite;
    try {
      write.run(String(Date.now()));
      found.canWrite = true;
    } catch (error) {
      found.canWrite = false;
      if (before) log.error({ why: (error as Error).message }, 'nothing can be written');
    }
    if (!before && found.canWrite) log.info('it can be written again');
    found.roomMB = house.file === ':memory:' ? undefined : roomIn(path.dirname(house.file));
  };
  const inspectWhole = () => {
    try {
      mustBeWhole(house.client, house.file, 'integrity_check');
      found.damaged = undefined;
    } catch (error) {
      found.damaged = (error as Error).message;
      log.error({ why: found.damaged }, 'the file of the house is damaged');
    }
    found.wholeAtMs = Date.now();
  };
  inspect();
  const timers = [setInterval(inspect, WRITE_EVERY_MS), setInterval(inspectWhole, WHOLE_EVERY_MS)];
  timers.forEach((timer) => timer.unref());
  return { now: () => ({ ...found }), inspect, inspectWhole, stop: () => timers.forEach((timer) => clearInterval(timer)) };
}
