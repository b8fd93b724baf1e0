// Which round it is, and which tanks it still has to look at.
import { houseDay, localHour } from '../time/index.ts';
import type { RoundName } from './entries.ts';

export type Round = { day: number; round: RoundName };

/** The round that the house clock is in: morning until `eveningFromHour` by the wall clock of `zone`, evening after. */
export function roundAt(now: number, zone: string, eveningFromHour: number): Round {
  return { day: houseDay(now, zone), round: localHour(now, zone) < eveningFromHour ? 'morning' : 'evening' };
}

export type Progress = { checked: number; total: number; left: number };

/** How far a round is: tanks that quarantine fish, and those of them already looked at. */
export function progress(tanks: readonly { checked: boolean }[]): Progress {
  const checked = tanks.filter((tank) => tank.checked).length;
  return { checked, total: tanks.length, left: tanks.length - checked };
}
