// When a plan of tests may be made, and what an answer to a value over its limit must hold: something that was done, and when it is read again; or a reason.
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import { holdsCopper } from '../placement/index.ts';
import { atLeast } from '../roles/index.ts';
import { HOUR_MS } from '../time/index.ts';
import type { Quantity } from '../water/index.ts';
import { isBlank } from '../writing/index.ts';
import type { DoneAbout, ReadingAnswered, WaterTestEntries } from './entries.ts';
import { isOver } from './limits.ts';
import type { JudgedReading, WaterTestState } from './state.ts';

/** What harms within hours is read again before they are over, and nothing later than in a week. */
const RETEST_H = { urgent: 6, other: 7 * 24 };

export const waterTestRules: Rules<WaterTestEntries, WaterTestState> = {
  'tests.planned': {
    decide({ payload: { system, basedOn, every, limits } }, { state }) {
      if (!state.findSystem(system)) return refuse('unknown', 'system', { what: 'system', id: system });
      const known = state.testPlanOf(system);
      if (known && known.entry !== basedOn)
        return refuse('change.overtaken', 'basedOn', { field: 'tests', now: '', by: known.by, atMs: known.atMs });
      const twice = (names: readonly string[]) => names.find((name, index) => names.indexOf(name) < index);
      const same = twice(every.map(({ quantity }) => quantity)) ?? twice(limits.map(({ quantity }) => quantity));
      if (same) return refuse('tests.planTwice', 'every', { quantity: same });
      return limits.flatMap(({ quantity, from, to }, index) =>
        (from === undefined && to === undefined) || (from !== undefined && to !== undefined && from >= to)
          ? refuse('tests.noRange', `limits.${index}`, { quantity })
          : [],
      );
    },
    links: ({ system }) => ({ needs: [system] }),
  },
  'filter.judged': {
    decide: ({ payload: { system } }, { state }) =>
      state.findSystem(system) ? [] : refuse('unknown', 'system', { what: 'system', id: system }),
    links: ({ system }) => ({ needs: [system] }),
  },
  'reading.answered': {
    decide({ payload, occurredAtMs }, { state, actor }) {
      const judged = state.findJudged(payload.reading);
      if (!judged) return refuse('unknown', 'reading', { what: 'reading', id: payload.reading });
      if (!isOver(judged.verdict)) return refuse('answer.notOver', 'reading', { quantity: judged.quantity });
      const before = state.answersTo(payload.reading).at(-1);
      return [
        ...againstDone(payload, judged, state),
        ...(payload.did.includes('nothing') && !atLeast(actor.role, 'keeper') ? refuse('answer.byKeeper', 'did') : []),
        ...againstRetest(payload, judged, occurredAtMs),
        ...(before ? refuse('answer.already', 'reading', { by: before.by, atMs: before.atMs }, 'trainee') : []),
      ];
    },
    links: ({ reading }) => ({ needs: [reading] }),
  },
};

/** Less of a system than this is no change that helps within hours. A judgement. */
const LEAST_CHANGE = 0.1;
/** What lowers it within hours; less food does so in days. */
const ENOUGH: Partial<Record<Quantity, readonly DoneAbout[]>> = {
  ammonia: ['changed water', 'bound ammonia'],
  'free ammonia': ['changed water', 'bound ammonia'],
  copper: ['changed water'],
  oxygen: ['more air', 'changed water'],
};

function againstDone({ did, note }: ReadingAnswered, { system, quantity, atMs, verdict }: JudgedReading, state: WaterTestState): Refusal[] {
  const has = (what: DoneAbout) => did.includes(what);
  const isUnsaid = note === undefined || isBlank(note);
  if (has('nothing')) {
    if (did.length > 1) return refuse('answer.nothingElse', 'did');
    return isUnsaid ? refuse('answer.noReason', 'note') : [];
  }
  if (has('found the cause') && isUnsaid) return refuse('answer.noReason', 'note');
  // It is written down with its litres, or it was not done.
  const { changedL, toppedL } = state.pouredSince(system, atMs);
  // What went off left everything else behind: topped up it is as strong as before.
  if (has('changed water') && changedL + (quantity === 'salinity' ? toppedL : 0) <= 0) return refuse('answer.noChange', 'did');
  const enough = isOver(verdict) && verdict.urgent ? ENOUGH[quantity] : undefined;
  const isSip = changedL < state.findSystem(system)!.volumeL * LEAST_CHANGE;
  if (enough && !enough.some((what) => has(what) && !(what === 'changed water' && isSip)))
    return refuse('answer.notEnough', 'did', { quantity, enough: enough.join(' or ') }, 'keeper');
  if (!has('bound ammonia')) return [];
  // A binder lets copper loose from what holds it; nobody may overrule that.
  return holdsCopper(state.systemStateOf(system)) ? refuse('answer.binderInCopper', 'did') : [];
}

function againstRetest({ did, retestAtMs }: ReadingAnswered, { verdict }: JudgedReading, atMs: number): Refusal[] {
  if (retestAtMs === undefined) return did.includes('nothing') ? [] : refuse('answer.noRetest', 'retestAtMs');
  if (retestAtMs <= atMs) return refuse('answer.noRetest', 'retestAtMs');
  const hours = isOver(verdict) && verdict.urgent ? RETEST_H.urgent : RETEST_H.other;
  return retestAtMs > atMs + hours * HOUR_MS ? refuse('answer.lateRetest', 'retestAtMs', { hours }, 'keeper') : [];
}
