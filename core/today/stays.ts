// What is due in the room: fish out of temporary places, arrangements grown out of, fish to be searched for, what a planned move waits for.
import { faultHours } from '../rounds/index.ts';
import { DAY_MS, HOUR_MS, atLocal, houseDay } from '../time/index.ts';
import { defineDue, type DueAt, type DueOf } from './define.ts';
import { dueId, type SettledBy, type Walk } from './thing.ts';

/** A box or bucket comes up this long before its hour. */
const AHEAD_OF_END_MS = HOUR_MS / 2;
/** Growing fish are measured so often, days, and a measure counts for so long. */
const MEASURE_EVERY_DAYS = 7;
/** Nobody looks for a missing fish longer than this. */
export const MISSING_LAPSES_MS = 14 * DAY_MS;
/** Nobody is asked about the end of a day longer ago. */
const DAYS_BACK = 14;
/** Within which a fault without a word of its own should be mended. */
const OTHER_FAULT_HOURS = 24;
/** The wall hour from which the day is said to end, with nobody in a bucket. */
const DAY_ENDS_HOUR = 18;

export type StayLimitFact = {
  entry: string;
  tank: string;
  tankCode: string;
  what: string;
  n: number;
  /** In a bucket, a box, behind a divider. */
  temporary: boolean;
  sinceMs: number;
  untilMs?: number;
  untilCm?: number;
  sizeCm?: number;
  measuredMs?: number;
  walk: Walk;
};
export type MissingFact = { entry: string; tank: string; tankCode: string; what: string; n: number; atMs: number; walk: Walk };
export type WaitingFact = { entry: string; task: string; tank: string; tankCode: string; what: string; untilMs: number; walk: Walk };

export type FaultFact = { entry: string; tank: string; tankCode: string; what: string; atMs: number; walk: Walk };

export type RoomFacts = { stayLimits: StayLimitFact[]; missing: MissingFact[]; waiting: WaitingFact[]; faults: FaultFact[] };
export const NO_ROOM_FACTS: RoomFacts = { stayLimits: [], missing: [], waiting: [], faults: [] };

const factsOf = ({ tank, tankCode, what, n, sinceMs }: StayLimitFact) => ({ tank, tankCode, what, n, sinceMs });
const dayEnd = (day: number, zone: string): number => atLocal(day, { hour: DAY_ENDS_HOUR, minute: 0 }, zone);

/** The end of the first day since that nobody answered for: a night over it does not make it a thing of tomorrow. */
function firstOpenDay({ entry, sinceMs }: StayLimitFact, { now, zone }: Pick<DueAt, 'now' | 'zone'>, settled: SettledBy): number {
  const today = houseDay(now, zone);
  const first = Math.max(houseDay(sinceMs, zone) + (dayEnd(houseDay(sinceMs, zone), zone) <= sinceMs ? 1 : 0), today - DAYS_BACK);
  const answered = (day: number) => {
    const kind = settled.get(dueId(entry, 'day-end', `day-${day}`))?.kind;
    return kind === 'done' || kind === 'skipped';
  };
  for (let day = today; day >= first; day -= 1) if (answered(day)) return day + 1;
  return first;
}

const hasOutgrown = ({ untilCm, sizeCm }: StayLimitFact): boolean => untilCm !== undefined && sizeCm !== undefined && sizeCm >= untilCm;

export const roomDue = {
  'fish-out': defineDue({
    harm: 'vessel',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ stayLimits }) =>
      stayLimits.flatMap((stay): DueOf[] =>
        stay.untilMs === undefined
          ? []
          : [
              {
                entry: stay.entry,
                step: 'end',
                fromMs: stay.untilMs - AHEAD_OF_END_MS,
                byMs: stay.untilMs,
                walk: stay.walk,
                facts: factsOf(stay),
              },
            ],
      ),
  }),
  /** A temporary place that holds fish until later than today is asked about at the end of the day. */
  'day-end': defineDue({
    harm: 'vessel',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ stayLimits, settled }, asked) =>
      stayLimits.flatMap((stay): DueOf[] => {
        const { entry, temporary, sinceMs, untilMs, walk } = stay;
        // With an end, tonight is a new question; without one it is the same until somebody answers.
        const day = untilMs === undefined ? firstOpenDay(stay, asked, settled) : houseDay(asked.now, asked.zone);
        const endsMs = dayEnd(day, asked.zone);
        if (!temporary || (untilMs !== undefined && untilMs <= endsMs) || sinceMs >= endsMs) return [];
        return [{ entry, step: `day-${day}`, fromMs: endsMs, byMs: endsMs + HOUR_MS, walk, facts: factsOf(stay) }];
      }),
  }),
  'grown-out': defineDue({
    harm: 'work',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ stayLimits }) =>
      stayLimits.filter(hasOutgrown).map((stay) => {
        const grownMs = stay.measuredMs ?? stay.sinceMs;
        return { entry: stay.entry, step: 'size', fromMs: grownMs, byMs: grownMs + DAY_MS, walk: stay.walk, facts: factsOf(stay) };
      }),
  }),
  measure: defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ stayLimits }, { zone }) =>
      stayLimits
        .filter((stay) => stay.untilCm !== undefined && !hasOutgrown(stay))
        .map((stay) => {
          const nextMs = Math.max(stay.sinceMs, stay.measuredMs ?? 0) + MEASURE_EVERY_DAYS * DAY_MS;
          const step = `day-${houseDay(nextMs, zone)}`;
          return { entry: stay.entry, step, fromMs: nextMs, byMs: nextMs + DAY_MS, walk: stay.walk, facts: factsOf(stay) };
        }),
  }),
  /** A difference at the other end of a move, or of a count, is a fish to be searched for. */
  missing: defineDue({
    harm: 'fish',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ missing }, { now }) =>
      missing
        .filter(({ atMs }) => now - atMs <= MISSING_LAPSES_MS)
        .map(({ entry, tank, tankCode, what, n, atMs, walk }) => ({
          entry,
          step: 'check',
          fromMs: atMs,
          byMs: atMs + DAY_MS,
          walk,
          facts: { tank, tankCode, what, n, sinceMs: atMs },
        })),
  }),
  /** A fault is fixed when somebody says so; what nobody fixed in a year is how the tank is. */
  fault: defineDue({
    harm: 'tank',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ faults }) =>
      faults.map(({ entry, tank, tankCode, what, atMs, walk }) => {
        const hours = faultHours(what) ?? OTHER_FAULT_HOURS;
        return { entry, step: 'mend', fromMs: atMs, byMs: atMs + hours * HOUR_MS, walk, facts: { tank, tankCode, what, sinceMs: atMs } };
      }),
  }),
  /** What a planned move waits for should be here by now. */
  'move-waits': defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ waiting }) =>
      waiting.map(({ entry, task, tank, tankCode, what, untilMs, walk }) => ({
        entry,
        step: stepOf(task),
        fromMs: untilMs,
        byMs: untilMs + DAY_MS,
        walk,
        facts: { tank, tankCode, what },
      })),
  }),
};

/** The end of an id, which is what differs between tasks that were written together. */
const stepOf = (task: string) => task.slice(-12).toLowerCase();
