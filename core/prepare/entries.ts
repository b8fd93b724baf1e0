// What is written down of getting ready: a match laid down, lines written by hand, what was ticked or left out.
import type { SwapStep } from './match.ts';

export type BackStep = { /** Hours after the fish came. */ afterH: number; litres: number; toPpt: number };
/** Swaps of so many litres of `waterPpt` each, at their hours; then back, counted from the arrival. */
export type MatchPlanned = {
  match: string;
  crate: string;
  system: string;
  of: 'fresh' | 'salt';
  waterPpt: number;
  fromPpt: number;
  toPpt: number;
  swaps: SwapStep[];
  back: BackStep[];
  /** What the way back is made with; plain water has none. */
  backPpt: number;
};
/** A line by hand. `tank` = the one that it is about; `waits` = what must be here first, and when it comes. */
export type PrepAdded = {
  line: string;
  crate: string;
  words: string;
  byMs?: number;
  tank?: string;
  waits?: { what: string; untilMs: number };
};
/** What a line waits for comes later, or sooner; what depends on it moves. */
export type PrepMoved = { line: string; untilMs: number; why?: string };
/** A line of a crate's preparation, by its step: done, or left out for a reason. The latest counts. */
export type PrepTicked = { crate: string; step: string; left?: string };

export interface PrepareEntries {
  'match.planned': MatchPlanned;
  'prep.added': PrepAdded;
  'prep.moved': PrepMoved;
  'prep.ticked': PrepTicked;
}
