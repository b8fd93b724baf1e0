// Fish that were released, or that fell, are checked again at set hours; and the rounds.
import { SETTLING_MS, type RoundName } from '../rounds/index.ts';
import { CONVERSION_HOURS } from '../runs/index.ts';
import { HOUR_MS, atLocal } from '../time/index.ts';
import { defineDue, type DueOf } from './define.ts';
import { dueId, SLACK, type Walk } from './thing.ts';

/** After a release, and after a fish that fell, jumped or landed on its back: it is checked again at these hours. */
export const FOLLOW_UP_HOURS = [1, 4, 24] as const;
/** After a chase. */
const CHASE_HOURS = [1, 12] as const;
const SETTLED_WITHIN_MS = 6 * HOUR_MS;
const LONGEST_SLACK_H = 48;
/** A check this long before its hour counts for it, or a quarter of the time where that is less; of a check after days, half a day. What was seen earlier says nothing of then. */
const EARLY_H = 1;
const EARLY_AFTER_DAYS_H = 12;
/** A follow-up that nobody made is dropped this long after its time. */
export const FOLLOW_UP_LAPSES_MS = 48 * HOUR_MS;
const MORNING_FROM_HOUR = 6;
const ROUND: Walk = [-1, 0, 0];

/** What a death says of the water is asked for so long; later the water is another. */
export const UNTESTED_LAPSES_MS = 48 * HOUR_MS;
const TEST_WITHIN_MS = 2 * HOUR_MS;

/** A death in a system of which nobody has tested the ammonia since. */
export type UntestedFact = { entry: string; tank: string; tankCode: string; what: string; atMs: number; walk: Walk };
export type FollowUpFacts = {
  /** Releases and mishaps whose fish are still there; `checkedAtMs` = the last look at the tank. */
  after: {
    entry: string;
    rule: 'after-release' | 'after-mishap' | 'after-conversion' | 'after-chase';
    tank: string;
    tankCode: string;
    what: string;
    atMs: number;
    checkedAtMs?: number;
    walk: Walk;
  }[];
  /** `openedAtMs` = when the records began: a round that was over by then nobody could have walked. */
  rounds: { day: number; left: Record<RoundName, number>; openedAtMs?: number };
  /** Of the days before, latest first: the codes of tanks whose fish stood there all day and that a round passed by. */
  missedRounds: { day: number; missed: Record<RoundName, readonly string[]> }[];
  untested: UntestedFact[];
  /** Lots whose last check within their settling time showed stress; `checkedAtMs` = the last look at the tank. */
  settling: { entry: string; tank: string; tankCode: string; what: string; movedMs: number; checkedAtMs?: number; walk: Walk }[];
};
export const NO_FOLLOW_UP_FACTS: FollowUpFacts = {
  after: [],
  rounds: { day: 20515, left: { morning: 0, evening: 0 } },
  missedRounds: [],
  untested: [],
  settling: [],
};
type After = FollowUpFacts['after'][number];

/** In time until so much after the hour: a quarter of the time; of a check after days, the day counts, not the quarter of a fortnight. */
function checksAfter(
  { entry, tank, tankCode, what, atMs, checkedAtMs = 0, walk }: After,
  allHours: readonly number[],
  now: number,
): DueOf[] {
  return allHours.flatMap((hours): DueOf[] => {
    const [dueMs, slackMs] = [atMs + hours * HOUR_MS, Math.min(hours, LONGEST_SLACK_H) * SLACK * HOUR_MS];
    const earlyMs = Math.min(hours * SLACK, hours > 24 ? EARLY_AFTER_DAYS_H : EARLY_H) * HOUR_MS;
    if (checkedAtMs >= dueMs - earlyMs || now > dueMs + FOLLOW_UP_LAPSES_MS) return [];
    const facts = { tank, tankCode, what, sinceMs: atMs };
    return [{ entry, step: `${hours}h`, fromMs: dueMs - earlyMs, atMs: dueMs, byMs: dueMs + slackMs, walk, facts }];
  });
}

const isOf =
  (rule: After['rule']) =>
  (after: After): boolean =>
    after.rule === rule;

/** How many days back a round that nobody walked is asked about, unless somebody said why. */
export const MISSED_DAYS = 31;
/** A house day as what a due thing comes of: no entry stands behind it. */
const dayOf = (day: number) => `day-${day}`;
/** What answers for the rounds of a house day. */
export const missedRoundsOf = (day: number): string => dueId(dayOf(day), 'round-missed', String(day));
/** The house day that a missed round is of, by its name; undefined when the name is none. */
export function dayOfMissed(source: string, step: string): number | undefined {
  return /^\d{1,6}$/.test(step) && source === dayOf(Number(step)) ? Number(step) : undefined;
}

/** `B4, C2`; of many the first few and how many more. */
function someOf(codes: readonly string[]): string {
  const more = codes.length - MOST_NAMED;
  return more > 1 ? `${codes.slice(0, MOST_NAMED).join(', ')} and ${more} more` : codes.join(', ');
}
const MOST_NAMED = 5;

export const followUpDue = {
  'death-test': defineDue({
    harm: 'tank',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ untested }) =>
      untested.map(({ entry, tank, tankCode, what, atMs, walk }) => ({
        entry,
        step: 'test',
        fromMs: atMs,
        byMs: atMs + TEST_WITHIN_MS,
        walk,
        facts: { tank, tankCode, what },
      })),
  }),
  'after-release': defineDue({
    harm: 'fish',
    ends: 'by hand',
    settledBy: 'anybody',
    derive({ after }, { now }) {
      // A conversion has a day's check of its own; one check is asked for, not two.
      const converted = new Set(after.filter(isOf('after-conversion')).map(({ entry }) => entry));
      const hoursFor = ({ entry }: After) => FOLLOW_UP_HOURS.filter((hours) => hours < CONVERSION_HOURS[0] || !converted.has(entry));
      return after.filter(isOf('after-release')).flatMap((after) => checksAfter(after, hoursFor(after), now));
    },
  }),
  /** Clamped or pale right after a move is normal; two days later it is a warning. */
  settling: defineDue({
    harm: 'fish',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ settling }) =>
      settling.flatMap(({ entry, tank, tankCode, what, movedMs, checkedAtMs = 0, walk }): DueOf[] => {
        const dueMs = movedMs + SETTLING_MS;
        if (checkedAtMs >= dueMs - EARLY_H * HOUR_MS) return [];
        const facts = { tank, tankCode, what, sinceMs: movedMs };
        return [{ entry, step: 'look', fromMs: dueMs - EARLY_H * HOUR_MS, atMs: dueMs, byMs: dueMs + SETTLED_WITHIN_MS, walk, facts }];
      }),
  }),
  /** One that chases is watched: it may end in an hour, or go on all night. */
  'after-chase': defineDue({
    harm: 'fish',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ after }, { now }) => after.filter(isOf('after-chase')).flatMap((after) => checksAfter(after, CHASE_HOURS, now)),
  }),
  'after-mishap': defineDue({
    harm: 'fish',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ after }, { now }) => after.filter(isOf('after-mishap')).flatMap((after) => checksAfter(after, FOLLOW_UP_HOURS, now)),
  }),
  'after-conversion': defineDue({
    harm: 'fish',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ after }, { now }) => after.filter(isOf('after-conversion')).flatMap((after) => checksAfter(after, CONVERSION_HOURS, now)),
  }),
  round: defineDue({
    harm: 'round',
    ends: 'by doing',
    settledBy: 'anybody',
    derive({ rounds: { day, left, openedAtMs = -Infinity } }, { zone, eveningFromHour }) {
      const evening = atLocal(day, { hour: eveningFromHour, minute: 0 }, zone);
      const spans: Record<RoundName, [number, number]> = {
        morning: [atLocal(day, { hour: MORNING_FROM_HOUR, minute: 0 }, zone), evening],
        evening: [evening, atLocal(day + 1, { hour: 0, minute: 0 }, zone)],
      };
      return (['morning', 'evening'] as const)
        .filter((name) => left[name] > 0 && openedAtMs < spans[name][1])
        .map((name) => ({
          entry: dayOf(day),
          step: name,
          fromMs: spans[name][0],
          byMs: spans[name][1],
          walk: ROUND,
          facts: { n: left[name] },
        }));
    },
  }),
  // A round that is over cannot be walked any more; that it was not is answered, or it stays.
  'round-missed': defineDue({
    harm: 'round',
    ends: 'by a reason',
    settledBy: 'anybody',
    derive: ({ missedRounds }, { zone }) =>
      missedRounds
        .filter(({ missed }) => missed.morning.length + missed.evening.length > 0)
        .map(({ day, missed }) => {
          const overMs = atLocal(day + 1, { hour: 0, minute: 0 }, zone);
          const what = (['morning', 'evening'] as const)
            .filter((name) => missed[name].length > 0)
            .map((name) => `${someOf(missed[name])} in the ${name}`)
            .join('; ');
          return { entry: dayOf(day), step: String(day), fromMs: overMs, byMs: overMs, walk: ROUND, facts: { what } };
        }),
  }),
};
