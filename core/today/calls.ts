// What a lead is called to: what a keeper did past a stop because no lead could be reached, and that somebody guesses at a PIN.
import { HOUR_MS } from '../time/index.ts';
import { defineDue, type DueDefinition } from './define.ts';
import { DOCK, ruleOfDue, sourceOf } from './thing.ts';

/** What a lead is called to look at: what a keeper did past a stop because none could be reached, and that somebody guesses at a PIN. */
export type CallFacts = { calls: { due: string; what: string; atMs: number }[] };
export const NO_CALL_FACTS: CallFacts = { calls: [] };

const called = (rule: 'without-lead' | 'pins-guessed'): DueDefinition =>
  defineDue({
    harm: rule === 'without-lead' ? 'fish' : 'work',
    ends: 'by hand',
    settledBy: 'lead',
    derive: ({ calls }) =>
      calls
        .filter(({ due }) => ruleOfDue(due) === rule)
        .map(({ due, what, atMs }) => ({
          entry: sourceOf(due),
          step: due.split(':')[2]!,
          fromMs: atMs,
          byMs: atMs + HOUR_MS,
          walk: DOCK,
          facts: { what, sinceMs: atMs },
        })),
  });

export const callDue = { 'without-lead': called('without-lead'), 'pins-guessed': called('pins-guessed') };
