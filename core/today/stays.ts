// What is due in the room: fish out of temporary places, arrangements grown out of, fish to be looked for, what a slip waited for.
import { DAY_MS, HOUR_MS, atLocal, houseDay } from '../time/index.ts';
import { dueId, type Due, type SettledBy, type Walk } from './thing.ts';

/** A box or bucket comes up this long before its hour. */
const AHEAD_OF_END_MS = HOUR_MS / 2;
/** Growing fish are measured so often, days, and a measure counts for so long. */
const MEASURE_EVERY_DAYS = 7;
/** Nobody looks for a missing fish longer than this. */
export const MISSING_LAPSES_MS = 14 * DAY_MS;
/** Nobody is asked about the end of a day longer ago. */
const DAYS_BACK = 14;
/** The wall hour from which the day is said to end, with nobody in a bucket. */
const DAY_ENDS_HOUR = 18;

export type StayFact = {
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
export type WaitingFact = { entry: string; slip: string; tank: string; tankCode: string; what: string; untilMs: number; walk: Walk };

/** Fish whose time in a place has an end. At the end of a day a temporary place that holds fish until later is asked about. */
export function stayDue(stays: readonly StayFact[], { now, zone }: { now: number; zone: string }, settled: SettledBy): Due[] {
  const endOf = (day: number) => atLocal(day, { hour: DAY_ENDS_HOUR, minute: 0 }, zone);
  /** The end of the first day since that nobody answered for: a night over it does not make it a thing of tomorrow. */
  const openDay = (entry: string, sinceMs: number): number => {
    const today = houseDay(now, zone);
    const first = Math.max(houseDay(sinceMs, zone) + (endOf(houseDay(sinceMs, zone)) <= sinceMs ? 1 : 0), today - DAYS_BACK);
    const answered = (day: number) => {
      const kind = settled.get(dueId(entry, 'day-end', `day-${day}`))?.kind;
      return kind === 'done' || kind === 'skipped';
    };
    for (let day = today; day >= first; day -= 1) if (answered(day)) return day + 1;
    return first;
  };
  return stays.flatMap(({ entry, tank, tankCode, what, n, temporary, sinceMs, untilMs, untilCm, sizeCm, measuredMs, walk }): Due[] => {
    const facts = { tank, tankCode, what, n, sinceMs };
    const due: Due[] = [];
    if (untilMs !== undefined)
      due.push({
        id: dueId(entry, 'fish-out', 'end'),
        rule: 'fish-out',
        step: 'end',
        fromMs: untilMs - AHEAD_OF_END_MS,
        byMs: untilMs,
        walk,
        facts,
      });
    // With an end, tonight is a new question; without one it is the same until somebody answers.
    const day = untilMs === undefined ? openDay(entry, sinceMs) : houseDay(now, zone);
    const dayEnds = endOf(day);
    if (temporary && (untilMs === undefined || untilMs > dayEnds) && sinceMs < dayEnds)
      due.push({
        id: dueId(entry, 'day-end', `day-${day}`),
        rule: 'day-end',
        step: `day-${day}`,
        fromMs: dayEnds,
        byMs: dayEnds + HOUR_MS,
        walk,
        facts,
      });
    if (untilCm === undefined) return due;
    if (sizeCm !== undefined && sizeCm >= untilCm) {
      const grownMs = measuredMs ?? sinceMs;
      due.push({
        id: dueId(entry, 'grown-out', 'size'),
        rule: 'grown-out',
        step: 'size',
        fromMs: grownMs,
        byMs: grownMs + DAY_MS,
        walk,
        facts,
      });
    } else {
      const nextMs = Math.max(sinceMs, measuredMs ?? 0) + MEASURE_EVERY_DAYS * DAY_MS;
      const step = `day-${houseDay(nextMs, zone)}`;
      due.push({ id: dueId(entry, 'measure', step), rule: 'measure', step, fromMs: nextMs, byMs: nextMs + DAY_MS, walk, facts });
    }
    return due;
  });
}

/** A difference at the other end of a move, or of a count, is a fish to be looked for. */
export function missingDue(missing: readonly MissingFact[], now: number): Due[] {
  return missing
    .filter(({ atMs }) => now - atMs <= MISSING_LAPSES_MS)
    .map(({ entry, tank, tankCode, what, n, atMs, walk }) => ({
      id: dueId(entry, 'missing', 'look'),
      rule: 'missing',
      step: 'look',
      fromMs: atMs,
      byMs: atMs + DAY_MS,
      walk,
      facts: { tank, tankCode, what, n, sinceMs: atMs },
    }));
}

/** What a slip waits for should be here by now. */
export function waitingDue(waiting: readonly WaitingFact[]): Due[] {
  return waiting.map(({ entry, slip, tank, tankCode, what, untilMs, walk }) => ({
    id: dueId(entry, 'slip-waits', stepOf(slip)),
    rule: 'slip-waits',
    step: stepOf(slip),
    fromMs: untilMs,
    byMs: untilMs + DAY_MS,
    walk,
    facts: { tank, tankCode, what },
  }));
}

/** The end of an id, which is what differs between slips that were written together. */
const stepOf = (slip: string) => slip.slice(-12).toLowerCase();
