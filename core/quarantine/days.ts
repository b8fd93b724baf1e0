// What each house day of a quarantine was: seen or not, under a treatment, with fish missed. The clock counts them.
import { MINUTE_MS, houseDay, startOfHouseDay } from '../time/index.ts';
import { checkKey, outsideOf, type ClockEvent, type ClockFacts, type HealthChecks, type Occupancy } from './facts.ts';
import type { QuarantinePolicy } from './policy.ts';

/**
 * What a house day was: `zero` the quarantine or its count began; `clean`; `unseen` nobody looked everywhere it stood; `short` fish were
 * not seen and nobody said why; `treatment` under a treatment, which does not count; `today` is not over.
 */
export type DayMark = 'zero' | 'clear' | 'unseen' | 'short' | 'treatment' | 'today';

export const covers = (occupancy: Occupancy, atMs: number) =>
  occupancy.fromMs <= atMs && (occupancy.untilMs === undefined || atMs < occupancy.untilMs);

/** Fish that left in the minute in which something was seen were there for it. */
const SAME_MINUTE_MS = MINUTE_MS;
export const wasThere = (occupancy: Occupancy, atMs: number) =>
  occupancy.fromMs <= atMs && (occupancy.untilMs === undefined || atMs < occupancy.untilMs + SAME_MINUTE_MS);

/** What concerns a lot of all that it is told: the systems that it stood in, and the events of itself and its kin there. */
export type Scope = { systems: readonly string[]; own: readonly ClockEvent[]; hasTreatments: boolean };

/** It happened to the lot, or to one that it comes of while they were one still. */
export const isOwn = ({ lot, atMs }: Pick<ClockEvent, 'lot' | 'atMs'>, kin: ClockFacts['kin']) => atMs <= (kin.get(lot) ?? -Infinity);

export function scopeOf({ occupancies, events, kin, treatments }: ClockFacts): Scope {
  const systems = [...new Set(occupancies.map(({ system }) => system))];
  const own = [...systems, ...[...kin.keys()].map(outsideOf)].flatMap(
    (system) => events.get(system)?.filter((event) => isOwn(event, kin)) ?? [],
  );
  return { systems, own, hasTreatments: systems.some((system) => treatments.has(system)) };
}

/** Days on which fish were not seen and nobody said why, with how many. */
export function shortDays({ occupancies, zone }: ClockFacts, { own }: Scope, now: number): Map<number, { n: number; atMs: number }> {
  const days = new Map<number, { n: number; atMs: number }>();
  for (const event of own) {
    // A word explains a fish that was not seen; a look that saw none of them was none, whatever it says.
    if (event.kind !== 'unseen' || (event.noted && !event.all) || event.atMs > now) continue;
    const { atMs, n, lot, place } = event;
    if (!occupancies.some((occupancy) => occupancy.place === place && covers(occupancy, atMs))) continue;
    const day = houseDay(atMs, zone);
    // The dead that were found are not missed.
    const dead = own.reduce(
      (sum, clockEvent) =>
        clockEvent.kind === 'death' && clockEvent.lot === lot && clockEvent.place === place && houseDay(clockEvent.atMs, zone) === day
          ? sum + clockEvent.n
          : sum,
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
  policy: QuarantinePolicy,
  { short, hasTreatments }: { short: ReadonlyMap<number, unknown>; hasTreatments: boolean },
): DayMark {
  const [from, until] = [startOfHouseDay(day, facts.zone), startOfHouseDay(day + 1, facts.zone)];
  if (hasTreatments && !policy.countsUnderTreatment && treatmentIn(facts, from, until)) return 'treatment';
  if (short.has(day)) return 'short';
  return wasSeen(day, facts, { from, until }) ? 'clear' : 'unseen';
}

/** Somebody looked while it stood there: a check of the new tank before the fish came is none. */
const checkedAt = (checks: HealthChecks, occupancy: Occupancy, day: number): boolean =>
  checks.get(checkKey(occupancy.place, day))?.some((atMs) => wasThere(occupancy, atMs)) ?? false;

/** Every place where it stood at the end of the day was looked at, or the place from which it came there that day. */
function wasSeen(day: number, { occupancies, checks }: ClockFacts, { from, until }: { from: number; until: number }): boolean {
  // Nearly every lot stands in one place all the time.
  const [only, another] = occupancies;
  if (only && !another) return only.fromMs < until && (only.untilMs === undefined || only.untilMs > from) && checkedAt(checks, only, day);
  const there = occupancies.filter(
    (occupancy) => occupancy.fromMs < until && (occupancy.untilMs === undefined || occupancy.untilMs > from),
  );
  const checked = (occupancy: Occupancy) => checkedAt(checks, occupancy, day);
  const atEnd = there.filter((occupancy) => occupancy.untilMs === undefined || occupancy.untilMs >= until);
  if (atEnd.length === 0) return there.some(checked);
  return atEnd.every((occupancy) => checked(occupancy) || (occupancy.fromMs >= from && there.some(checked)));
}

export function treatmentIn({ treatments, occupancies }: ClockFacts, from: number, until: number) {
  for (const occupancy of occupancies) {
    const [begin, end] = [Math.max(from, occupancy.fromMs), Math.min(until, occupancy.untilMs ?? until)];
    if (begin >= end) continue;
    for (const treatment of treatments.get(occupancy.system) ?? [])
      if (treatment.fromMs < end && (treatment.untilMs === undefined || treatment.untilMs > begin)) return treatment;
  }
  return undefined;
}
