// What is due of acclimations, and of rooms kept dark after them.
import type { RunDue, RunRule } from '../runs/index.ts';
import { MINUTE_MS } from '../time/index.ts';
import { defineDue, type DueDefinition } from './define.ts';
import type { Walk } from './thing.ts';

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

export type RunFacts = { runs: RunFact[]; dark: DarkFact[] };
export const NO_RUN_FACTS: RunFacts = { runs: [], dark: [] };

/** Light comes back within so long of its hour. */
const LIGHT_GRACE_MS = 30 * MINUTE_MS;

/** What a vessel wants is worked out beside it (core/runs/due); it ends when it is done there. */
const ofVessels = (rule: RunRule): DueDefinition =>
  defineDue({
    harm: 'vessel',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ runs }) =>
      runs.flatMap(({ entry, run, tankCode, what, n, sinceMs, dues, walk }) =>
        dues
          .filter((due) => due.rule === rule)
          .map(({ step, dueAtMs, byMs }) => ({ entry, step, fromMs: dueAtMs, byMs, walk, facts: { run, tankCode, what, n, sinceMs } })),
      ),
  });

export const runDue = {
  'run-step': ofVessels('run-step'),
  'run-check': ofVessels('run-check'),
  'run-binder': ofVessels('run-binder'),
  'run-end': ofVessels('run-end'),
  'lights-on': defineDue({
    harm: 'work',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ dark }) =>
      dark.map(({ entry, tank, tankCode, untilMs, walk }) => ({
        entry,
        step: 'end',
        fromMs: untilMs,
        byMs: untilMs + LIGHT_GRACE_MS,
        walk,
        facts: { tank, tankCode },
      })),
  }),
};
