// When a due thing may be called done, put off or left out.
import { refuse, type Refusal, type Context, type Rules } from '../journal/index.ts';
import { DAY_MS } from '../time/index.ts';
import type { TodayEntries } from './entries.ts';
import type { TodayState } from './state.ts';
import { sourceOf } from './thing.ts';

/** Nothing is put off for longer than this, ms. */
export const LONGEST_SNOOZE_MS = 7 * DAY_MS;

export const todayRules: Rules<TodayEntries, TodayState> = {
  'due.done': { decide: ({ payload }, context) => sourceKnown(payload.due, context) },
  'due.snoozed': {
    decide({ payload, occurredAtMs }, context) {
      const { untilMs } = payload;
      if (untilMs <= occurredAtMs || untilMs > occurredAtMs + LONGEST_SNOOZE_MS)
        return refuse('due.badSnooze', 'untilMs', { atMs: untilMs });
      return sourceKnown(payload.due, context);
    },
  },
  'due.skipped': { decide: ({ payload }, context) => sourceKnown(payload.due, context) },
};

function sourceKnown(due: string, { state }: Context<TodayState>): Refusal[] {
  return state.hasEntry(sourceOf(due)) ? [] : refuse('unknown', 'due', { what: 'due thing', id: due });
}
