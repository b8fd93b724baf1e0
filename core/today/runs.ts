// What is due of runs, and of rooms kept dark after them.
import type { RunDue } from '../runs/index.ts';
import { MINUTE_MS } from '../time/index.ts';
import { dueId, type Due, type Walk } from './thing.ts';

export type RunFact = {
  entry: string;
  run: string;
  tankCode: string;
  what: string;
  n: number;
  sinceMs: number;
  dues: RunDue[];
  walk: Walk;
};
/** `until` is the entry's own. */
export type DarkFact = { entry: string; tank: string; tankCode: string; untilMs: number; walk: Walk };

/** Light comes back within so long of its hour. */
const LIGHT_GRACE_MS = 30 * MINUTE_MS;

export function runsDue(runs: readonly RunFact[]): Due[] {
  return runs.flatMap(({ entry, run, tankCode, what, n, sinceMs, dues, walk }) =>
    dues.map(({ rule, step, dueAtMs, byMs }): Due => ({
      id: dueId(entry, rule, step),
      rule,
      step,
      fromMs: dueAtMs,
      byMs,
      walk,
      facts: { run, tankCode, what, n, sinceMs },
    })),
  );
}

export function lightsDue(dark: readonly DarkFact[]): Due[] {
  return dark.map(({ entry, tank, tankCode, untilMs, walk }) => ({
    id: dueId(entry, 'lights-on', 'end'),
    rule: 'lights-on',
    step: 'end',
    fromMs: untilMs,
    byMs: untilMs + LIGHT_GRACE_MS,
    walk,
    facts: { tank, tankCode },
  }));
}
