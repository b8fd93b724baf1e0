// The clock under random histories: the same whatever the order in which facts arrived, and its explanation always adds up.
import fc from 'fast-check';
import { SIGNS } from '../rounds/index.ts';
import { DAY_MS, HOUR_MS, startOfHouseDay, houseDay } from '../time/index.ts';
import { gatherFacts, quarantineClock, checkKey, plainPolicy, type QuarantineRows } from './index.ts';

const ZONE = 'Europe/Lisbon';
const OPENED = Date.UTC(2026, 2, 10, 11);
const DAYS = 40;
const TANKS = ['A', 'B', 'C'] as const;
const LOTS = ['one', 'two', 'three'] as const;

const instant = fc.integer({ min: -24, max: DAYS * 24 }).map((hours) => OPENED + hours * HOUR_MS);
const place = fc.constantFrom(...TANKS);
const lot = fc.constantFrom(...LOTS);
let serial = 0;
const entry = fc.constant(undefined).map(() => `e${String((serial += 1)).padStart(6, '0')}`);

/** Moves of a head or two between tanks, sorted into legs that never make or lose a fish; books may dip below nothing. */
const moves = fc.array(fc.record({ entry, atMs: instant, lot, from: place, to: place, n: fc.integer({ min: 1, max: 3 }) }), {
  maxLength: 25,
});

const rows = fc
  .record({
    moves,
    signs: fc.array(fc.record({ entry, atMs: instant, place, lot, sign: fc.constantFrom(...SIGNS) }), { maxLength: 12 }),
    unseen: fc.array(fc.record({ entry, atMs: instant, place, lot, n: fc.integer({ min: 1, max: 2 }), noted: fc.boolean() }), {
      maxLength: 6,
    }),
    deaths: fc.array(
      fc.record({
        entry,
        atMs: instant,
        place,
        lot,
        n: fc.constant(1),
        cause: fc.constantFrom('not known' as const, 'illness' as const, 'bullied' as const),
      }),
      { maxLength: 6 },
    ),
    contacts: fc.array(
      fc.record({
        entry,
        atMs: instant,
        fromMs: instant,
        from: place,
        to: place,
        by: fc.constantFrom('tool' as const, 'water' as const),
        name: fc.constant('net'),
      }),
      { maxLength: 6 },
    ),
    systemsSince: fc.array(fc.record({ tank: place, atMs: instant, system: fc.constantFrom('w', 'v') }), { maxLength: 3 }),
    treatments: fc.array(
      fc
        .tuple(entry, instant, fc.option(fc.integer({ min: 1, max: 200 }), { nil: undefined }), fc.constantFrom('w', 'v'))
        .map(([id, fromMs, hours, system]) => ({
          entry: id,
          system,
          family: 'copper',
          fromMs,
          ...(hours === undefined ? {} : { untilMs: fromMs + hours * HOUR_MS, endEntry: `${id}-end` }),
        })),
      { maxLength: 3 },
    ),
    checks: fc.array(fc.tuple(place, fc.integer({ min: -1, max: DAYS })), { maxLength: 90 }),
    ateMs: fc.option(instant, { nil: undefined }),
    now: instant.filter((ms) => ms >= OPENED),
  })
  .map((history) => ({ ...history, rows: rowsOf(history) }));

function rowsOf(from: {
  moves: { entry: string; atMs: number; lot: string; from: string; to: string; n: number }[];
  signs: QuarantineRows['signs'];
  unseen: QuarantineRows['unseen'];
  deaths: QuarantineRows['deaths'];
  contacts: QuarantineRows['contacts'];
  systemsSince: QuarantineRows['systemsSince'];
  treatments: QuarantineRows['treatments'];
  checks: [string, number][];
  ateMs: number | undefined;
}): QuarantineRows {
  const day0 = houseDay(OPENED, ZONE);
  const legs = [
    ...LOTS.map((id, index) => ({ entry: `in-${id}`, lot: id, place: TANKS[index]!, n: 6, atMs: OPENED + index * 3 * HOUR_MS })),
    ...from.moves.flatMap(({ entry: id, atMs, lot: of, from: out, to, n }) => [
      { entry: id, lot: of, place: out, n: -n, atMs },
      { entry: id, lot: of, place: to, n, atMs },
    ]),
  ];
  const balances = new Map<string, number>();
  for (const leg of legs) balances.set(`${leg.lot}|${leg.place}`, (balances.get(`${leg.lot}|${leg.place}`) ?? 0) + leg.n);
  return {
    zone: ZONE,
    sinceMs: OPENED - 2 * DAY_MS,
    quarantines: LOTS.map((id, index) => ({
      lot: id,
      entry: `hold-${id}`,
      openedAtMs: OPENED + index * 3 * HOUR_MS,
      zero: 'arrival' as const,
    })),
    labels: new Map(),
    balances: [...balances].map(([key, n]) => ({ lot: key.split('|')[0]!, place: key.split('|')[1]!, n })),
    legs,
    systemsSince: [...TANKS.map((tank, index) => ({ tank, system: index < 2 ? 'w' : 'v', atMs: 0 })), ...from.systemsSince],
    codes: new Map(),
    lineage: [],
    checks: new Map(
      from.checks.map(([tank, day]) => [
        checkKey(tank, day0 + day),
        [8, 17].map((hour) => startOfHouseDay(day0 + day, ZONE) + hour * HOUR_MS),
      ]),
    ),
    signs: from.signs,
    unseen: from.unseen,
    deaths: from.deaths,
    contacts: from.contacts,
    treatments: from.treatments,
    opening: new Set(),
    ate: new Map(from.ateMs === undefined ? [] : [['one', from.ateMs]]),
  };
}

const backwards = <T>(list: readonly T[]): T[] => [...list].reverse();
const clockOf = (house: QuarantineRows, now: number) =>
  quarantineClock(gatherFacts(house, new Set(['one'])).get('one')!, plainPolicy(14), now);
const RUNS = { numRuns: 400, seed: 20260303 };

it('is independent of the order in which accepted facts arrived', () => {
  fc.assert(
    fc.property(rows, ({ rows: house, now }) => {
      const late: QuarantineRows = {
        ...house,
        quarantines: backwards(house.quarantines),
        balances: backwards(house.balances),
        legs: backwards(house.legs),
        systemsSince: backwards(house.systemsSince),
        signs: backwards(house.signs),
        unseen: backwards(house.unseen),
        deaths: backwards(house.deaths),
        contacts: backwards(house.contacts),
        treatments: backwards(house.treatments),
        checks: new Map(backwards([...house.checks])),
      };
      expect(clockOf(late, now)).toEqual(clockOf(house, now));
    }),
    RUNS,
  );
});

it('tells every day once, and what it tells adds up to its result', () => {
  fc.assert(
    fc.property(rows, ({ rows: house, now }) => {
      const { days, openedDay, zero, clear, required, blockers, earliestDay, restarts } = clockOf(house, now);
      const today = houseDay(now, ZONE);
      expect(days).toHaveLength(today - openedDay + 1);
      const since = days.slice(zero.day - openedDay + 1);
      const count = (mark: (typeof days)[number]) => since.filter((dayMark) => dayMark === mark).length;
      expect(clear).toBe(count('clear'));
      // The days since the zero are clean, not counted for one reason, or today.
      expect(count('clear') + count('unseen') + count('short') + count('treatment') + count('today')).toBe(today - zero.day);
      expect(count('today')).toBe(today === zero.day ? 0 : 1);
      const left = blockers.find(({ why }) => why === 'days');
      expect(clear + (left?.why === 'days' ? left.left : 0)).toBe(Math.max(required, clear));
      if (earliestDay !== undefined) expect(earliestDay).toBeGreaterThanOrEqual(today + Math.max(0, required - clear));
      // Each restart is a day on which the row breaks; the last one is the zero.
      for (const { day } of restarts) expect(days[day - openedDay]).toBe('zero');
      expect(zero.entry).toBe(restarts.at(-1)?.entry ?? 'hold-one');
      expect([...restarts].sort((a, b) => a.atMs - b.atMs)).toEqual(restarts);
    }),
    RUNS,
  );
});

it('never loses a clear day to a fact that has not happened yet, and never gains one by waiting within a day', () => {
  fc.assert(
    fc.property(rows, ({ rows: house, now }) => {
      const soon = Math.min(startOfHouseDay(houseDay(now, ZONE) + 1, ZONE) - 1, now + HOUR_MS);
      const [here, later] = [clockOf(house, now), clockOf(house, soon)];
      if (later.restarts.length === here.restarts.length) expect(later.clear).toBe(here.clear);
      else expect(later.clear).toBeLessThanOrEqual(here.clear);
    }),
    RUNS,
  );
});
