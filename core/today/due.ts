// What is due, derived from what happened. A thing is open between two instants: before them it is next, after them overdue.
import { HOUR_MS } from '../time/index.ts';
import { HARMS, type DueAt } from './define.ts';
import { dueRules, type DueRule } from './dueRules.ts';
import type { DueFacts } from './facts.ts';
import { dueId, SLACK, type Due, type Settled, type Whose } from './thing.ts';

export type DueState = 'overdue' | 'now' | 'next';

/** What lies further ahead than this is not shown yet, ms. */
export const AHEAD_MS = 24 * HOUR_MS;

export const isDueRule = (rule: string): rule is DueRule => Object.hasOwn(dueRules, rule);
/** Whether a person may call it done or leave it out. */
export const isSettledByHand = (rule: DueRule): boolean => isDueRule(rule) && dueRules[rule].ends === 'by hand';
/** Whether nothing but a reason answers it. */
export const isAnsweredByReason = (rule: DueRule): boolean => isDueRule(rule) && dueRules[rule].ends === 'by a reason';
/** What a lead is called to. */
export const isForLead = (rule: DueRule): boolean => isDueRule(rule) && dueRules[rule].settledBy === 'lead';

/** Everything that is open or comes within a day: what harms most first, and of the same harm in walking order. */
export function deriveDue(facts: DueFacts, asked: DueAt): Due[] {
  const all = (Object.keys(dueRules) as DueRule[]).flatMap((rule) =>
    dueRules[rule].derive(facts, asked).map(({ entry, ...rest }): Due => ({ id: dueId(entry, rule, rest.step), rule, ...rest })),
  );
  const isShown = ({ fromMs }: Due) => fromMs <= asked.now + AHEAD_MS;
  // Putting off moves a thing further ahead only: what is not shown yet need not be asked about.
  return all
    .filter(isShown)
    .flatMap((due) => withSettled(due, facts.settled.get(due.id)))
    .filter(isShown)
    .map((due) => withWhose(due, facts.assigned.get(due.id)))
    .sort((a, b) => harmOf(a) - harmOf(b) || inWalkingOrder(a, b));
}

export function stateOf({ fromMs, byMs }: Pick<Due, 'fromMs' | 'byMs'>, now: number): DueState {
  return now > byMs ? 'overdue' : now >= fromMs ? 'now' : 'next';
}

const harmOf = ({ rule }: Due): number => HARMS.indexOf(dueRules[rule].harm);

function inWalkingOrder(a: Due, b: Due): number {
  const place = a.walk.map((value, index) => value - b.walk[index]!).find((difference) => difference !== 0);
  return place ?? a.fromMs - b.fromMs;
}

/** A word about this one stands before whose it is as a rule. */
function withWhose({ whose, ...due }: Due, said: Whose | null | undefined): Due {
  const now = said === undefined ? whose : (said ?? undefined);
  return now ? { ...due, whose: now } : due;
}

function withSettled(due: Due, settled: Settled | undefined): Due[] {
  if (!settled) return [due];
  if (settled.kind !== 'snoozed' || settled.untilMs === undefined) return [];
  const later = Math.max(due.fromMs, settled.untilMs);
  return [{ ...due, fromMs: later, atMs: undefined, byMs: Math.max(due.byMs, later + SLACK * HOUR_MS), snoozed: true }];
}
