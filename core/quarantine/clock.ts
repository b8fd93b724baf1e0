// The quarantine clocks: from facts, policy and now to days counted, restarts with their causes, what stands before release.
import { SIGN_CLASS, SETTLING_MS } from '../rounds/index.ts';
import { inOrder, houseDay, startOfHouseDay } from '../time/index.ts';
import { treatmentIn, isOwn, markOf, scopeOf, shortDays, wasThere, type DayMark, type Scope } from './days.ts';
import { checkKey, outsideOf, type ClockEvent, type ClockFacts, type QuarantineZero } from './facts.ts';
import type { QuarantinePolicy } from './policy.ts';

export type RestartCause =
  | 'illness'
  | 'illness in the system'
  | 'unexplained death'
  | 'lasting stress'
  | 'newcomer'
  | 'came to fish in quarantine'
  | 'shared tool'
  | 'shared system'
  | 'treatment ended';

/** Why the clock restarted, and the entry that says so. `what` = the sign, treatment or tool; `who` = the fish; `place` = where. */
export type Restart = { cause: RestartCause; entry: string; atMs: number; day: number; what?: string; who?: string; place?: string };

export type Blocker =
  | { why: 'days'; left: number }
  /** `atMs` = when it was last seen to eat. */
  | { why: 'not eating'; atMs: number }
  | { why: 'never ate' }
  | { why: 'unseen'; n: number; atMs: number }
  | { why: 'treatment'; family: string };

export type QuarantineClock = {
  zero: { cause: QuarantineZero | RestartCause; entry: string; atMs: number; day: number };
  /** Oldest first; the last one is the zero. */
  restarts: readonly Restart[];
  /** One mark a house day, from the day that the quarantine opened to today. */
  openedDay: number;
  days: readonly DayMark[];
  /** Clear days since the zero, and how many are asked for. */
  clear: number;
  required: number;
  /** Everything that stands between now and release; empty = it may be signed off. */
  blockers: readonly Blocker[];
  /** The house day on which its days can be over if all goes well; unknown while a treatment runs that does not count. */
  earliestDay?: number;
};

/**
 * Where a quarantine stands at `now` (UTC ms). Pure, and independent of the order in which facts arrived. A day counts when it is over,
 * lies after the zero's day, every place where the lot stood at its end was looked at, and nobody was missed without a word.
 * So `clean` + days not counted + the zero's day + today always make up the days since the zero. Policy days run from 1 to 365.
 * Cost: one pass over the days and over the events of its systems. Throws a RangeError on a zone that is none (core/time).
 */
export function quarantineClock(facts: ClockFacts, policy: QuarantinePolicy, now: number): QuarantineClock {
  const { zone, opened } = facts;
  const openedDay = houseDay(opened.atMs, zone);
  const today = houseDay(now, zone);
  const scope = scopeOf(facts);
  const restarts = restartsOf(facts, policy, { ...scope, now, openedDay });
  const last = restarts.at(-1);
  const opening = { cause: opened.zero, entry: opened.entry, atMs: opened.atMs, day: openedDay };
  const zeroDays = new Set([openedDay, ...restarts.map(({ day }) => day)]);
  const short = shortDays(facts, scope, now);
  const days: DayMark[] = [];
  for (let day = openedDay; day <= today; day += 1) {
    const mark = zeroDays.has(day)
      ? 'zero'
      : day === today
        ? 'today'
        : markOf(day, facts, policy, { short, hasTreatments: scope.hasTreatments });
    days.push(mark);
  }
  // The end of a treatment asks for days of its own, and shortens nothing of what the last illness asks: the later date holds.
  const asked = [
    restarts.findLast(({ cause }) => cause !== 'treatment ended') ?? opening,
    ...(last?.cause === 'treatment ended' ? [last] : []),
  ].map((since) => {
    const count = cleanSince(days, { since: since.day, openedDay });
    const wants = since.cause === 'treatment ended' ? policy.daysAfterTreatment : policy.days;
    return { since, clear: count, required: wants, left: Math.max(0, wants - count) };
  });
  const binding = asked.reduce((most, count) => (count.left >= most.left ? count : most));
  const { since: zero, clear, required, left } = binding;
  const under = scope.hasTreatments && !policy.countsUnderTreatment ? treatmentIn(facts, now, now + 1) : undefined;
  // Today can still be a clear day unless the count began on it; the day after it is over is the first on which it counts.
  const lostToday = today === zero.day || short.has(today) ? 1 : 0;
  return {
    zero: { cause: zero.cause, entry: zero.entry, atMs: zero.atMs, day: zero.day },
    restarts,
    openedDay,
    days,
    clear,
    required,
    blockers: blockersOf(facts, { now, left, under, short, own: scope.own }),
    ...(under ? {} : { earliestDay: left === 0 ? today : today + left + lostToday }),
  };
}

const cleanSince = (days: readonly DayMark[], { since, openedDay }: { since: number; openedDay: number }): number =>
  days.reduce((count, mark, index) => (mark === 'clear' && openedDay + index > since ? count + 1 : count), 0);

/** It was seen to eat today or yesterday. */
const EATEN_WITHIN_DAYS = 1;

function restartsOf(
  facts: ClockFacts,
  policy: QuarantinePolicy,
  { now, systems, openedDay }: Scope & { now: number; openedDay: number },
): Restart[] {
  const found: Restart[] = [];
  // What came on the very day that the quarantine opened is part of its beginning: that day is the zero anyway.
  const firstMs = startOfHouseDay(openedDay + 1, facts.zone);
  for (const system of systems) {
    const occupancies = systems.length === 1 ? facts.occupancies : facts.occupancies.filter((occupancy) => occupancy.system === system);
    // A plain loop: this is asked for every event of a system, for every lot on it.
    const stoodThere = (atMs: number) => {
      if (atMs < firstMs || atMs > now) return false;
      for (const occupancy of occupancies) if (wasThere(occupancy, atMs)) return true;
      return false;
    };
    const events = facts.events.get(system) ?? [];
    for (let index = firstFrom(events, firstMs); index < events.length; index += 1) {
      const event = events[index]!;
      // What happened to the lot itself counts wherever it was.
      const counts =
        isOwn(event, facts.kin) && event.kind !== 'arrival' ? event.atMs >= firstMs && event.atMs <= now : stoodThere(event.atMs);
      if (!counts) continue;
      const restart = restartBy(event, facts, policy);
      if (restart) found.push(restart);
    }
    // Days that count under a treatment are not lost when it ends.
    for (const { untilMs, endEntry, entry, family } of policy.countsUnderTreatment ? [] : (facts.treatments.get(system) ?? []))
      if (untilMs !== undefined && stoodThere(untilMs))
        found.push({
          cause: 'treatment ended',
          entry: endEntry ?? entry,
          atMs: untilMs,
          day: houseDay(untilMs, facts.zone),
          what: family,
        });
  }
  for (const lot of facts.kin.keys())
    for (const event of facts.events.get(outsideOf(lot)) ?? []) {
      if (event.atMs < firstMs || event.atMs > now || !isOwn(event, facts.kin)) continue;
      const restart = restartBy(event, facts, policy);
      if (restart) found.push(restart);
    }
  if (found.length < 2) return found;
  return found
    .sort((a, b) => inOrder(a, b) || (keyOf(a) < keyOf(b) ? -1 : 1))
    .filter((restart, index, all) => restart.entry !== all[index - 1]?.entry || keyOf(restart) !== keyOf(all[index - 1]!));
}

/** Where in events in order of time those begin that are no earlier than `atMs`. */
function firstFrom(events: readonly ClockEvent[], atMs: number): number {
  let [low, high] = [0, events.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (events[middle]!.atMs < atMs) low = middle + 1;
    else high = middle;
  }
  return low;
}

const keyOf = ({ entry, cause, who = '', place = '' }: Restart) => `${entry}|${cause}|${who}|${place}`;

/** All of one shape: there are thousands of them in a house. */
const restartOf = (
  { entry, atMs, day }: ClockEvent,
  cause: RestartCause,
  { what, who, place }: Pick<Restart, 'what' | 'who' | 'place'>,
): Restart => ({
  cause,
  entry,
  atMs,
  day,
  what,
  who,
  place,
});

function restartBy(event: ClockEvent, facts: ClockFacts, { restartsOn }: QuarantinePolicy): Restart | undefined {
  const own = isOwn(event, facts.kin);
  const { label: who, place } = event;
  const byIllness = (what: string) =>
    own
      ? restartOf(event, 'illness', { what, who, place })
      : restartsOn.illnessInSystem
        ? restartOf(event, 'illness in the system', { what, who, place })
        : undefined;
  switch (event.kind) {
    case 'sign': {
      const { sign: what } = event;
      const kind = SIGN_CLASS[what];
      if (kind === 'illness') return byIllness(what);
      return own && kind === 'stress' && !isSettling(facts, event) ? restartOf(event, 'lasting stress', { what, who, place }) : undefined;
    }
    case 'death':
      if (event.cause === 'illness') return byIllness('a death');
      return own && event.cause === 'not known' ? restartOf(event, 'unexplained death', { who, place }) : undefined;
    case 'arrival': {
      if (!restartsOn.newcomer) return undefined;
      if (!own)
        return event.clear || event.along.some((relative) => facts.kin.has(relative))
          ? undefined
          : restartOf(event, 'newcomer', { who, place });
      const met = event.met().filter(({ lot }) => !facts.kin.has(lot));
      return met.length > 0
        ? restartOf(event, 'came to fish in quarantine', { who: [...new Set(met.map(({ label }) => label))].join(', '), place })
        : undefined;
    }
    case 'contact': {
      if (!restartsOn.contact || event.sources.every((lot) => facts.kin.has(lot))) return undefined;
      return restartOf(event, event.by === 'tool' ? 'shared tool' : 'shared system', { what: event.label, who: event.from, place });
    }
    case 'unseen':
      return undefined;
  }
}

/** Stress is expected for two days after fish came to the place where it was seen; a tank that came to another system moved nobody. */
function isSettling({ occupancies }: ClockFacts, { place, atMs }: ClockEvent): boolean {
  let since = occupancies.find((occupancy) => occupancy.place === place && wasThere(occupancy, atMs))?.fromMs;
  for (let before = since; before !== undefined;) {
    since = before;
    before = occupancies.find((occupancy) => occupancy.place === place && occupancy.untilMs === since && occupancy.fromMs < since!)?.fromMs;
  }
  return since !== undefined && atMs - since <= SETTLING_MS;
}

type Standing = {
  now: number;
  left: number;
  under: { family: string } | undefined;
  short: ReadonlyMap<number, { n: number; atMs: number }>;
  own: readonly ClockEvent[];
};

function blockersOf(facts: ClockFacts, { now, left, under, short, own }: Standing): Blocker[] {
  const blockers: Blocker[] = [];
  if (left > 0) blockers.push({ why: 'days', left });
  if (under) blockers.push({ why: 'treatment', family: under.family });
  const { ateMs, fedMs = -Infinity, zone } = facts;
  // What one tap said of a whole tank will do on the way; before they leave somebody has to see it.
  const mealMs = left > 0 && ateMs !== undefined ? Math.max(ateMs, fedMs) : ateMs;
  if (ateMs === undefined || mealMs === undefined) blockers.push({ why: 'never ate' });
  else if (houseDay(now, zone) - houseDay(mealMs, zone) > EATEN_WITHIN_DAYS || refusedSince(own, ateMs, now))
    blockers.push({ why: 'not eating', atMs: ateMs });
  const missed = [...short.values()].sort((a, b) => b.atMs - a.atMs)[0];
  const today = houseDay(now, facts.zone);
  const checkedSince = missed && seenAfter(facts, { day: houseDay(missed.atMs, facts.zone), today, short });
  if (missed && !checkedSince) blockers.push({ why: 'unseen', n: missed.n, atMs: missed.atMs });
  return blockers;
}

/** A look since its last meal said that it does not eat. */
function refusedSince(own: readonly ClockEvent[], ateMs: number, now: number): boolean {
  return own.some((event) => event.kind === 'sign' && event.sign === 'not eating' && event.atMs > ateMs && event.atMs <= now);
}

/** A later day was looked at and nobody was missed on it: the fish are there after all. */
function seenAfter(facts: ClockFacts, { day, today, short }: { day: number; today: number; short: ReadonlyMap<number, unknown> }): boolean {
  const places = facts.occupancies.filter(({ untilMs }) => untilMs === undefined).map(({ place }) => place);
  for (let later = day + 1; later <= today; later += 1)
    if (!short.has(later) && places.every((place) => facts.checks.has(checkKey(place, later)))) return true;
  return false;
}
