// When a due thing may be called done, put off or left out.
import { refuse, type Refusal, type Context, type Rules } from '../journal/index.ts';
import { atLeast } from '../roles/index.ts';
import { DAY_MS, houseDay } from '../time/index.ts';
import { isAnsweredByReason, isForLead, isSettledByHand } from './due.ts';
import type { TodayEntries } from './entries.ts';
import type { TodayState } from './state.ts';
import { dayOfMissed } from './followUps.ts';
import { ruleOfDue, sourceOf } from './thing.ts';

/** Nothing is put off for longer than this, ms. */
export const LONGEST_SNOOZE_MS = 7 * DAY_MS;

export const todayRules: Rules<TodayEntries, TodayState> = {
  'shift.handed': { decide: () => [], links: ({ shift }) => ({ makes: [shift] }) },
  'shift.taken': {
    decide({ payload }, { state, actor }) {
      const shift = state.findShift(payload.shift);
      if (!shift) return refuse('unknown', 'shift', { what: 'hand-over', id: payload.shift });
      if (shift.taken) return refuse('shift.takenAlready', 'shift', { by: shift.taken.by, atMs: shift.taken.atMs });
      return shift.by === actor.id ? refuse('shift.own', 'shift') : [];
    },
    links: ({ shift }) => ({ needs: [shift] }),
  },
  'due.done': {
    decide: ({ payload, occurredAtMs }, context) => [...endsByHand(payload.due), ...mayDecide(payload.due, occurredAtMs, context)],
  },
  'due.snoozed': {
    decide({ payload, occurredAtMs }, context) {
      const { untilMs } = payload;
      if (untilMs <= occurredAtMs || untilMs > occurredAtMs + LONGEST_SNOOZE_MS)
        return refuse('due.badSnooze', 'untilMs', { atMs: untilMs });
      if (isAnsweredByReason(ruleOfDue(payload.due))) return refuse('due.wantsReason', 'due');
      return mayDecide(payload.due, occurredAtMs, context);
    },
  },
  'due.skipped': {
    decide: ({ payload, occurredAtMs }, context) => [
      ...(isAnsweredByReason(ruleOfDue(payload.due)) ? [] : endsByHand(payload.due)),
      ...mayDecide(payload.due, occurredAtMs, context),
    ],
  },
  'due.assigned': {
    decide({ payload: { due, person }, occurredAtMs }, context) {
      const { state, actor } = context;
      if (person !== null && !state.findPerson(person)) return refuse('unknown', 'person', { what: 'person', id: person });
      // Everybody may take a thing on, and give back what is theirs; who does what is for a keeper to say.
      const isOwn = (person ?? state.assignedTo(due)) === actor.id;
      return [
        ...(isOwn || atLeast(actor.role, 'keeper') ? [] : refuse('role', 'person', { needs: 'keeper', has: actor.role })),
        ...mayDecide(due, occurredAtMs, context),
      ];
    },
  },
};

/** Bags that wait end by being landed, a vessel's step by being done: a word of anybody would hide them for ever. */
function endsByHand(due: string): Refusal[] {
  const rule = ruleOfDue(due);
  if (isAnsweredByReason(rule)) return refuse('due.wantsReason', 'due');
  return isSettledByHand(rule) ? [] : refuse('due.endsByDoing', 'due');
}

function mayDecide(due: string, atMs: number, { state, actor }: Context<TodayState>): Refusal[] {
  if (!stands(due, atMs, state)) return refuse('unknown', 'due', { what: 'due thing', id: due });
  return isForLead(ruleOfDue(due)) && !atLeast(actor.role, 'lead') ? refuse('role', 'due', { needs: 'lead', has: actor.role }) : [];
}

/** What it comes of is there: an entry, or a day that is over. What is to come is answered by nobody. */
function stands(due: string, atMs: number, state: TodayState): boolean {
  if (!isAnsweredByReason(ruleOfDue(due))) return state.hasEntry(sourceOf(due));
  const [source = '', , step = ''] = due.split(':');
  const [day, zone] = [dayOfMissed(source, step), state.findZone()];
  return day !== undefined && zone !== undefined && day < houseDay(atMs, zone);
}
