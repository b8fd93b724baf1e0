// When a due thing may be called done, put off or left out.
import { refuse, type Refusal, type Context, type Rules } from '../journal/index.ts';
import { atLeast } from '../roles/index.ts';
import { DAY_MS } from '../time/index.ts';
import { isForLead, isSettledByHand } from './due.ts';
import type { TodayEntries } from './entries.ts';
import type { TodayState } from './state.ts';
import { isDaySource } from './followUps.ts';
import { ruleOfDue, sourceOf } from './thing.ts';

/** Nothing is put off for longer than this, ms. */
export const LONGEST_SNOOZE_MS = 7 * DAY_MS;

export const todayRules: Rules<TodayEntries, TodayState> = {
  'due.done': { decide: ({ payload }, context) => [...endsByHand(payload.due), ...mayDecide(payload.due, context)] },
  'due.snoozed': {
    decide({ payload, occurredAtMs }, context) {
      const { untilMs } = payload;
      if (untilMs <= occurredAtMs || untilMs > occurredAtMs + LONGEST_SNOOZE_MS)
        return refuse('due.badSnooze', 'untilMs', { atMs: untilMs });
      return mayDecide(payload.due, context);
    },
  },
  'due.skipped': { decide: ({ payload }, context) => [...endsByHand(payload.due), ...mayDecide(payload.due, context)] },
};

/** Bags that wait end by being landed, a vessel's step by being done: a word of anybody would hide them for ever. */
function endsByHand(due: string): Refusal[] {
  return isSettledByHand(ruleOfDue(due)) ? [] : refuse('due.endsByDoing', 'due');
}

function mayDecide(due: string, { state, actor }: Context<TodayState>): Refusal[] {
  const stands = ruleOfDue(due) === 'round-missed' ? isDaySource(sourceOf(due)) : state.hasEntry(sourceOf(due));
  if (!stands) return refuse('unknown', 'due', { what: 'due thing', id: due });
  return isForLead(ruleOfDue(due)) && !atLeast(actor.role, 'lead') ? refuse('role', 'due', { needs: 'lead', has: actor.role }) : [];
}
