// What is due of a run: its next line, the next look on the way, a binder that is spent, its end; and whom the pager calls when nobody comes.
import { MINUTE_MS } from '../time/index.ts';
import { runFactsOf, standingOf, watchOf, type AcclimationRun } from './known.ts';
import type { RunPolicy } from './policy.ts';
import { nextOf, sheetOf } from './sheet.ts';

export type RunRule = 'run-step' | 'run-check' | 'run-binder' | 'run-end';
export type RunDue = {
  rule: RunRule;
  step: string;
  dueAtMs: number;
  /** In time until then. */
  byMs: number;
  line?: number;
};

/** The next line waits so long before it is late; a look and a release a little longer. */
const GRACE_MIN: Record<RunRule, number> = { 'run-step': 5, 'run-check': 10, 'run-binder': 15, 'run-end': 15 };
const due = (rule: RunRule, step: string, dueAtMs: number, line?: number): RunDue => ({
  rule,
  step,
  dueAtMs,
  byMs: dueAtMs + GRACE_MIN[rule] * MINUTE_MS,
  line,
});

/** How often somebody looks, minutes, as was said when it was begun or handed over; undefined = nobody need. */
export const checksEvery = (run: Pick<AcclimationRun, 'started' | 'startedAtMs' | 'events'>): number | undefined =>
  watchOf(run)?.everyMin ?? run.started.checkEveryMin;

/** Due things of a run; `endAtMs` = when it is calculated to be done, if at all. */
export function runDues(run: AcclimationRun, endAtMs: number | undefined): RunDue[] {
  const { startedAtMs, readings } = run;
  const next = nextOf(sheetOf(run.started), runFactsOf(run));
  const all: RunDue[] = [];
  if (next.line) all.push(due('run-step', `line-${next.line.line}`, startedAtMs + next.dueMinute * MINUTE_MS, next.line.line));
  // One that never comes there is due when its sheet is over: nobody stays forgotten in a bucket.
  else all.push(due('run-end', 'end', endAtMs ?? startedAtMs + next.dueMinute * MINUTE_MS));
  const every = checksEvery(run);
  if (every !== undefined) all.push(nextCheck(run, every));
  const { boundUntilMs } = standingOf(run);
  // What it held is free again: somebody reads the ammonia then, and puts more in or not.
  if (boundUntilMs !== undefined && !readings.some(({ quantity, atMs }) => quantity === 'ammonia' && atMs >= boundUntilMs))
    all.push(due('run-binder', `binder-${boundUntilMs}`, boundUntilMs));
  return all;
}

/** Of a run that nobody can calculate: somebody looks at it, as often as was said or every half hour; nobody stays forgotten in a bucket. */
export const dueByEye = (run: AcclimationRun): RunDue[] => [nextCheck(run, checksEvery(run) ?? EYE_EVERY_MIN)];
const EYE_EVERY_MIN = 30;

/** Whoever had a hand or a meter in it has looked at it too; handing it over is no look. */
function nextCheck({ startedAtMs, events, readings }: AcclimationRun, everyMin: number): RunDue {
  const checks = [...events.filter(({ what }) => what !== 'handed'), ...readings].map(({ atMs }) => atMs);
  return due('run-check', `look-${checks.length + 1}`, Math.max(startedAtMs, ...checks) + everyMin * MINUTE_MS);
}

/** What a strip shows first. */
export const soonest = (dues: readonly RunDue[]): RunDue | undefined =>
  dues.reduce<RunDue | undefined>((first, dueThing) => (first && first.dueAtMs <= dueThing.dueAtMs ? first : dueThing), undefined);

export type Called = { stage: number; to: string; atMs: number };

/** Whom to call for a due thing by now, each stage once; nobody is called twice in a row. */
export function callsFor(
  { dueAtMs }: Pick<RunDue, 'dueAtMs'>,
  {
    watcher,
    leads,
    now,
    rules,
  }: { watcher?: string; leads: readonly string[]; now: number; rules: Pick<RunPolicy, 'callAfterMin' | 'callLeadAfterMin'> },
): Called[] {
  const [first, second] = [watcher ?? leads[0], leads.find((lead) => lead !== watcher)];
  return ([first, second] as const).flatMap((to, index): Called[] => {
    const atMs = dueAtMs + (index === 0 ? rules.callAfterMin : rules.callLeadAfterMin) * MINUTE_MS;
    return to === undefined || atMs > now || (index === 1 && to === first) ? [] : [{ stage: index + 1, to, atMs }];
  });
}
