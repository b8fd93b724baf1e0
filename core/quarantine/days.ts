// What each house day of a hold was: seen or not, under a remedy, with fish missed. The clock counts them.
import { MINUTE_MS, houseDay, startOfHouseDay } from '../time/index.ts';
import { lookKey, outsideOf, type ClockEvent, type ClockFacts, type Looks, type Stay } from './facts.ts';
import type { HoldPolicy } from './policy.ts';

/**
 * What a house day was: `zero` the hold or its count began; `clean`; `unseen` nobody looked everywhere it stood; `short` fish were
 * not seen and nobody said why; `remedy` under a remedy, which does not count; `today` is not over.
 */
export type DayMark = 'zero' | 'clean' | 'unseen' | 'short' | 'remedy' | 'today';

export const covers = (stay: Stay, atMs: number) => stay.fromMs <= atMs && (stay.untilMs === undefined || atMs < stay.untilMs);

/** Fish that left in the minute in which something was seen were there for it. */
const SAME_MINUTE_MS = MINUTE_MS;
export const wasThere = (stay: Stay, atMs: number) =>
  stay.fromMs <= atMs && (stay.untilMs === undefined || atMs < stay.untilMs + SAME_MINUTE_MS);

/** What concerns a lot of all that it is told: the waters that it stood in, and the events of itself and its kin there. */
export type Scope = { systems: readonly string[]; own: readonly ClockEvent[]; hasCourses: boolean };

/** It happened to the lot, or to one that it comes of while they were one still. */
export const isOwn = ({ lot, atMs }: Pick<ClockEvent, 'lot' | 'atMs'>, kin: ClockFacts['kin']) => atMs <= (kin.get(lot) ?? -Infinity);

export function scopeOf({ stays, events, kin, courses }: ClockFacts): Scope {
  const systems = [...new Set(stays.map(({ system }) => system))];
  const own = [...systems, ...[...kin.keys()].map(outsideOf)].flatMap(
    (system) => events.get(system)?.filter((event) => isOwn(event, kin)) ?? [],
  );
  return { systems, own, hasCourses: systems.some((system) => courses.has(system)) };
}

/** Days on which fish were not seen and nobody said why, with how many. */
export function shortDays({ stays, zone }: ClockFacts, { own }: Scope, now: number): Map<number, { n: number; atMs: number }> {
  const days = new Map<number, { n: number; atMs: number }>();
  for (const event of own) {
    // A word explains a fish that was not seen; a look that saw none of them was none, whatever it says.
    if (event.kind !== 'unseen' || (event.noted && !event.all) || event.atMs > now) continue;
    const { atMs, n, lot, place } = event;
    if (!stays.some((stay) => stay.place === place && covers(stay, atMs))) continue;
    const day = houseDay(atMs, zone);
    // The dead that were found are not missed.
    const dead = own.reduce(
      (sum, one) =>
        one.kind === 'death' && one.lot === lot && one.place === place && houseDay(one.atMs, zone) === day ? sum + one.n : sum,
      0,
    );
    const known = days.get(day);
    if (n > dead) days.set(day, { n: Math.max(n - dead, known?.n ?? 0), atMs: Math.max(atMs, known?.atMs ?? 0) });
  }
  return days;
}

export function markOf(
  day: number,
  facts: ClockFacts,
  policy: HoldPolicy,
  { short, hasCourses }: { short: ReadonlyMap<number, unknown>; hasCourses: boolean },
): DayMark {
  const [from, until] = [startOfHouseDay(day, facts.zone), startOfHouseDay(day + 1, facts.zone)];
  if (hasCourses && !policy.countsUnderRemedy && courseIn(facts, from, until)) return 'remedy';
  if (short.has(day)) return 'short';
  return wasSeen(day, facts, { from, until }) ? 'clean' : 'unseen';
}

/** Somebody looked while it stood there: a check of the new tank before the fish came is none. */
const lookedAt = (looks: Looks, stay: Stay, day: number): boolean =>
  looks.get(lookKey(stay.place, day))?.some((atMs) => wasThere(stay, atMs)) ?? false;

/** Every place where it stood at the end of the day was looked at, or the place from which it came there that day. */
function wasSeen(day: number, { stays, looks }: ClockFacts, { from, until }: { from: number; until: number }): boolean {
  // Nearly every lot stands in one place all the time.
  const [only, another] = stays;
  if (only && !another) return only.fromMs < until && (only.untilMs === undefined || only.untilMs > from) && lookedAt(looks, only, day);
  const that = stays.filter((stay) => stay.fromMs < until && (stay.untilMs === undefined || stay.untilMs > from));
  const looked = (stay: Stay) => lookedAt(looks, stay, day);
  const atEnd = that.filter((stay) => stay.untilMs === undefined || stay.untilMs >= until);
  if (atEnd.length === 0) return that.some(looked);
  return atEnd.every((stay) => looked(stay) || (stay.fromMs >= from && that.some(looked)));
}

export function courseIn({ courses, stays }: ClockFacts, from: number, until: number) {
  for (const stay of stays) {
    const [begin, end] = [Math.max(from, stay.fromMs), Math.min(until, stay.untilMs ?? until)];
    if (begin >= end) continue;
    for (const course of courses.get(stay.system) ?? [])
      if (course.fromMs < end && (course.untilMs === undefined || course.untilMs > begin)) return course;
  }
  return undefined;
}
