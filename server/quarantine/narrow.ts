// Clocks read for one lot alone, and all at once, must say the same: tests hold every narrow reading against the whole.
import type Database from 'better-sqlite3';
import { prepareClocks } from './clocks.ts';

/** Lots whose clock read alone differs from the same clock read with all others. */
export function narrowDiffers(client: Database.Database, asked: { now: number; zone: string; toolDriesH: number }): string[] {
  const clocks = prepareClocks(client);
  return [...clocks(asked)].flatMap(([lot, { clock }]) =>
    JSON.stringify(clocks({ ...asked, only: [lot] }).get(lot)?.clock) === JSON.stringify(clock) ? [] : [lot],
  );
}
