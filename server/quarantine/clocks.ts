// Every hold's clock as it stands now: rows read, gathered, judged by core. Nothing of it is stored.
import type Database from 'better-sqlite3';
import { gatherFacts, holdClock, type HoldClock } from '#core/quarantine/index.ts';
import { prepareHoldRows, prepareOpenHolds, type OpenHold } from './rows.ts';

export type RunningHold = OpenHold & { clock: HoldClock };
export type ReadClocks = (at: { now: number; zone: string; toolDriesH: number; only?: readonly string[] }) => Map<string, RunningHold>;

/** A function that gives the running holds by lot: of some lots (`only`), whether they have fish or not, or of all that have. */
export function prepareClocks(client: Database.Database): ReadClocks {
  const openHolds = prepareOpenHolds(client);
  const rowsOf = prepareHoldRows(client);
  return ({ now, zone, toolDriesH, only }) => {
    const holds = openHolds(only);
    if (holds.length === 0) return new Map();
    const facts = gatherFacts(rowsOf(holds, { zone, toolDriesH, only }), new Set(holds.map(({ lot }) => lot)));
    return new Map(
      holds.flatMap((hold) => {
        const told = facts.get(hold.lot);
        return told ? [[hold.lot, { ...hold, clock: holdClock(told, hold.policy, now) }]] : [];
      }),
    );
  };
}
