// What due things are derived from: rows of what happened, gathered by the server.
import type { RoundName } from '../rounds/index.ts';
import type { DarkFact, RunFact } from './runs.ts';
import type { MissingFact, StayLimitFact, WaitingFact } from './stays.ts';
import type { SettledBy, Walk } from './thing.ts';

export type DueFacts = {
  arrivals: { entry: string; crate: string; crateLabel: string; waiting: number; sinceMs: number; pressing: boolean }[];
  expected: { entry: string; crate: string; crateLabel: string; promisedAtMs: number }[];
  floats: { entry: string; bag: string; bagLabel: string; tankCode: string; lotLabel: string; dueAtMs: number; walk: Walk }[];
  /** Releases and mishaps whose fish are still there; `checkedAtMs` = the last look at the tank. */
  after: {
    entry: string;
    rule: 'after-release' | 'after-mishap' | 'after-conversion';
    tank: string;
    tankCode: string;
    what: string;
    atMs: number;
    checkedAtMs?: number;
    walk: Walk;
  }[];
  runs: RunFact[];
  dark: DarkFact[];
  rounds: { day: number; left: Record<RoundName, number> };
  stayLimits: StayLimitFact[];
  missing: MissingFact[];
  /** What a lead is called to look at: what a keeper did past a stop because none could be reached, and that somebody guesses at a PIN. */
  calls: { due: string; what: string; atMs: number }[];
  waiting: WaitingFact[];
  /** What was decided of a due thing last, by its id, however long ago. */
  settled: SettledBy;
};
