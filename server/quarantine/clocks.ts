// Every hold's clock as it stands now: rows read, gathered, judged by core. Nothing of it is stored.
import type Database from 'better-sqlite3';
import { gatherFacts, quarantineClock, type QuarantineClock } from '#core/quarantine/index.ts';
import { prepareQuarantineRows, prepareOpenQuarantines, type OpenQuarantine } from './rows.ts';

export type RunningQuarantine = OpenQuarantine & { clock: QuarantineClock };
export type ReadClocks = (asked: {
  now: number;
  zone: string;
  toolDriesH: number;
  only?: readonly string[];
}) => Map<string, RunningQuarantine>;

/** A function that gives the running quarantines by lot: of some lots (`only`), whether they have fish or not, or of all that have. */
export function prepareClocks(client: Database.Database): ReadClocks {
  const openQuarantines = prepareOpenQuarantines(client);
  const rowsOf = prepareQuarantineRows(client);
  return ({ now, zone, toolDriesH, only }) => {
    const quarantines = openQuarantines(only);
    if (quarantines.length === 0) return new Map();
    const facts = gatherFacts(rowsOf(quarantines, { zone, toolDriesH, only }), new Set(quarantines.map(({ lot }) => lot)));
    return new Map(
      quarantines.flatMap((quarantine) => {
        const told = facts.get(quarantine.lot);
        return told ? [[quarantine.lot, { ...quarantine, clock: quarantineClock(told, quarantine.policy, now) }]] : [];
      }),
    );
  };
}
