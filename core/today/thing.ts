// What a due thing is: an id that follows from its cause, an instant from which it is open, one until which it is in time.
import type { DueRule } from './dueRules.ts';

/** Place in the walk: the rack's, then row and column. The dock comes before all racks. */
export type Walk = readonly [number, number, number];
export const DOCK: Walk = [-2, 0, 0];
/** In time until so much of the waiting time after the hour. */
export const SLACK = 0.25;

export type Due = {
  id: string;
  rule: DueRule;
  step: string;
  /** Open from here on … */ fromMs: number;
  /** … meant for this instant, where it may be done a little earlier … */ atMs?: number;
  /** … until here; later is overdue. */ byMs: number;
  walk: Walk;
  facts: {
    crate?: string;
    crateLabel?: string;
    bag?: string;
    run?: string;
    tank?: string;
    tankCode?: string;
    what?: string;
    n?: number;
    sinceMs?: number;
  };
  /** Put off by somebody, until `fromMs`. */
  snoozed?: boolean;
  /** Whose it is. */
  whose?: Whose;
};
/** `since` they were given it by name; without, it is theirs as a rule. */
export type Whose = { person: string; name: string };
/** What somebody said of a due thing. */
export type Settled = { kind: 'done' | 'snoozed' | 'skipped'; untilMs?: number };
export type SettledBy = { get(due: string): Settled | undefined };
/** `null` = said to be nobody's. */
export type AssignedBy = { get(due: string): Whose | null | undefined };
export const dueId = (entry: string, rule: DueRule, step: string): string => `${entry}:${rule}:${step}`;
export const ruleOfDue = (due: string): DueRule => due.split(':')[1] as DueRule;
/** The entry that a due thing comes of. */
export const sourceOf = (due: string): string => due.split(':')[0]!;
