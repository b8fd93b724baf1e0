// What is due, derived from what happened. A thing is open between two instants: before them it is next, after them overdue.
import type { RoundName } from '../rounds/index.ts';
import { CONVERSION_HOURS } from '../runs/index.ts';
import { HOUR_MS, MINUTE_MS, atLocal } from '../time/index.ts';
import { lightsDue, runsDue, type DarkFact, type RunFact } from './runs.ts';
import { missingDue, stayDue, waitingDue, type MissingFact, type StayFact, type WaitingFact } from './stays.ts';
import { dueId, ruleOfDue, type Due, type DueRule, type Settled, type SettledBy, type Walk } from './thing.ts';

const DOCK: Walk = [-2, 0, 0];
const ROUND: Walk = [-1, 0, 0];

export type DueState = 'overdue' | 'now' | 'next';

/** After a release, and after a fish that fell, jumped or landed on its back: look again at these hours. */
export const FOLLOW_UP_HOURS = [1, 4, 24] as const;
/** In time until so much after the hour: a quarter of the time; of a look after days, the day counts, not the quarter of a fortnight. */
const SLACK = 0.25;
const LONGEST_SLACK_H = 48;
/** A look this long before its hour counts for it, or a quarter of the time where that is less; of a look after days, half a day. What was seen earlier says nothing of then. */
const EARLY_H = 1;
const EARLY_AFTER_DAYS_H = 12;
/** A follow-up that nobody made is let go this long after its time. */
export const FOLLOW_UP_LAPSES_MS = 48 * HOUR_MS;
const FLOAT_GRACE_MS = 2 * MINUTE_MS;
const WAITING_GRACE_MS = HOUR_MS;
const MORNING_FROM_HOUR = 6;
/** What lies further ahead than this is not shown yet, ms. */
export const AHEAD_MS = 24 * HOUR_MS;

export type DueFacts = {
  arrivals: { entry: string; crate: string; crateLabel: string; waiting: number; sinceMs: number; pressing: boolean }[];
  expected: { entry: string; crate: string; crateLabel: string; promisedAtMs: number }[];
  floats: { entry: string; bag: string; bagLabel: string; tankCode: string; lotLabel: string; dueAtMs: number; walk: Walk }[];
  /** Releases and mishaps whose fish are still there; `lookedAtMs` = the last look at the tank. */
  after: {
    entry: string;
    rule: 'after-release' | 'after-mishap' | 'after-conversion';
    tank: string;
    tankCode: string;
    what: string;
    atMs: number;
    lookedAtMs?: number;
    walk: Walk;
  }[];
  runs: RunFact[];
  dark: DarkFact[];
  rounds: { day: number; left: Record<RoundName, number> };
  stays: StayFact[];
  missing: MissingFact[];
  /** What a lead is called to look at: what a keeper did past a stop because none could be reached, and that somebody guesses at a PIN. */
  calls: { due: string; what: string; atMs: number }[];
  waiting: WaitingFact[];
  /** What was decided of a due thing last, by its id, however long ago. */
  settled: SettledBy;
};

/** Whether a person may call it done or leave it out; the others end by being done: bags by landing, rounds by looking. */
const BY_HAND: ReadonlySet<DueRule> = new Set([
  'after-release',
  'after-mishap',
  'after-conversion',
  'lights-on',
  'day-end',
  'missing',
  'grown-out',
  'without-lead',
  'pins-guessed',
]);
export const isSettledByHand = (rule: DueRule): boolean => BY_HAND.has(rule);
/** What a lead is called to: nobody else may say that it was looked at, or put it off. */
export const isForLead = (rule: DueRule): boolean => rule === 'without-lead' || rule === 'pins-guessed';

/** Everything that is open or comes within a day, in walking order. `lateAfterH` and `eveningFromHour` are house rules. */
export function deriveDue(facts: DueFacts, at: { now: number; zone: string; lateAfterH: number; eveningFromHour: number }): Due[] {
  const all = [
    ...waiting(facts),
    ...expected(facts, at.lateAfterH),
    ...floats(facts),
    ...runsDue(facts.runs),
    ...lightsDue(facts.dark),
    ...leadCalled(facts),
    ...followUps(facts, at.now),
    ...rounds(facts, at),
    ...inTheRoom(facts, at),
  ];
  const isShown = ({ fromMs }: Due) => fromMs <= at.now + AHEAD_MS;
  // Putting off moves a thing further ahead only: what is not shown yet need not be asked about.
  return all
    .filter(isShown)
    .flatMap((due) => withSettled(due, facts.settled.get(due.id)))
    .filter(isShown)
    .sort(inWalkingOrder);
}

export function stateOf({ fromMs, byMs }: Pick<Due, 'fromMs' | 'byMs'>, now: number): DueState {
  return now > byMs ? 'overdue' : now >= fromMs ? 'now' : 'next';
}

function inWalkingOrder(one: Due, other: Due): number {
  const place = one.walk.map((value, index) => value - other.walk[index]!).find((difference) => difference !== 0);
  return place ?? one.fromMs - other.fromMs;
}

function withSettled(due: Due, settled: Settled | undefined): Due[] {
  if (!settled) return [due];
  if (settled.kind !== 'snoozed' || settled.untilMs === undefined) return [];
  const later = Math.max(due.fromMs, settled.untilMs);
  return [{ ...due, fromMs: later, atMs: undefined, byMs: Math.max(due.byMs, later + SLACK * HOUR_MS), snoozed: true }];
}

function leadCalled({ calls }: DueFacts): Due[] {
  return calls.map(({ due, what, atMs }) => ({
    id: due,
    rule: ruleOfDue(due),
    step: due.split(':')[2]!,
    fromMs: atMs,
    byMs: atMs + HOUR_MS,
    walk: DOCK,
    facts: { what, sinceMs: atMs },
  }));
}

function waiting({ arrivals }: DueFacts): Due[] {
  return arrivals
    .filter((one) => one.waiting > 0)
    .map(({ entry, crate, crateLabel, waiting: n, sinceMs, pressing }) => ({
      id: dueId(entry, 'bags-waiting', 'all'),
      rule: 'bags-waiting',
      step: 'all',
      fromMs: sinceMs,
      byMs: sinceMs + (pressing ? 0 : WAITING_GRACE_MS),
      walk: DOCK,
      facts: { crate, crateLabel, n, sinceMs },
    }));
}

function expected({ expected: crates }: DueFacts, lateAfterH: number): Due[] {
  return crates.map(({ entry, crate, crateLabel, promisedAtMs }) => ({
    id: dueId(entry, 'crate-due', 'arrival'),
    rule: 'crate-due',
    step: 'arrival',
    fromMs: promisedAtMs,
    byMs: promisedAtMs + lateAfterH * HOUR_MS,
    walk: DOCK,
    facts: { crate, crateLabel },
  }));
}

function floats({ floats: runs }: DueFacts): Due[] {
  return runs.map(({ entry, bag, bagLabel, tankCode, lotLabel, dueAtMs, walk }) => ({
    id: dueId(entry, 'float', 'end'),
    rule: 'float',
    step: 'end',
    fromMs: dueAtMs,
    byMs: dueAtMs + FLOAT_GRACE_MS,
    walk,
    facts: { bag, tankCode, what: `${bagLabel}, ${lotLabel}` },
  }));
}

function followUps({ after }: DueFacts, now: number): Due[] {
  // A conversion has a day's look of its own; one look is asked for, not two.
  const converted = new Set(after.flatMap(({ entry, rule }) => (rule === 'after-conversion' ? [entry] : [])));
  return after.flatMap(({ entry, rule, tank, tankCode, what, atMs, lookedAtMs = 0, walk }) =>
    (rule === 'after-conversion' ? CONVERSION_HOURS : FOLLOW_UP_HOURS).flatMap((hours): Due[] => {
      const [dueMs, slackMs] = [atMs + hours * HOUR_MS, Math.min(hours, LONGEST_SLACK_H) * SLACK * HOUR_MS];
      const earlyMs = Math.min(hours * SLACK, hours > 24 ? EARLY_AFTER_DAYS_H : EARLY_H) * HOUR_MS;
      const step = `${hours}h`;
      if (rule === 'after-release' && hours >= CONVERSION_HOURS[0] && converted.has(entry)) return [];
      if (lookedAtMs >= dueMs - earlyMs || now > dueMs + FOLLOW_UP_LAPSES_MS) return [];
      return [
        {
          id: dueId(entry, rule, step),
          rule,
          step,
          fromMs: dueMs - earlyMs,
          atMs: dueMs,
          byMs: dueMs + slackMs,
          walk,
          facts: { tank, tankCode, what, sinceMs: atMs },
        },
      ];
    }),
  );
}

function inTheRoom({ stays, missing, waiting: slips, settled }: DueFacts, at: { now: number; zone: string }): Due[] {
  return [...stayDue(stays, at, settled), ...missingDue(missing, at.now), ...waitingDue(slips)];
}

function rounds({ rounds: { day, left } }: DueFacts, { zone, eveningFromHour }: { zone: string; eveningFromHour: number }): Due[] {
  const evening = atLocal(day, { hour: eveningFromHour, minute: 0 }, zone);
  const spans: Record<RoundName, [number, number]> = {
    morning: [atLocal(day, { hour: MORNING_FROM_HOUR, minute: 0 }, zone), evening],
    evening: [evening, atLocal(day + 1, { hour: 0, minute: 0 }, zone)],
  };
  return (['morning', 'evening'] as const)
    .filter((name) => left[name] > 0)
    .map((name) => ({
      id: dueId(`day-${day}`, 'round', name),
      rule: 'round',
      step: name,
      fromMs: spans[name][0],
      byMs: spans[name][1],
      walk: ROUND,
      facts: { n: left[name] },
    }));
}
