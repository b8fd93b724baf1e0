// Chores against a wall calendar that is walked day by day, a kit against single pieces, top-ups against a ledger of grams of salt.
import { makeChance } from '../chance/index.ts';
import { DAY_MS, HOUR_MS, houseDay, startOfHouseDay } from '../time/index.ts';
import { choreStand, twiceWithinMs } from './due.ts';
import { kitOf } from './kit.ts';
import { placesOf } from './places.ts';
import { topUp } from './topUp.ts';

const ZONE = 'Europe/Lisbon';
const drawing = (seed: number) => {
  const next = makeChance(seed);
  const between = (min: number, max: number) => min + next() * (max - min);
  const whole = (min: number, max: number) => Math.floor(between(min, max + 1));
  return { next, between, whole, pick: <T>(values: readonly T[]): T => values[whole(0, values.length - 1)]! };
};
/** The night on which clocks go forward lies within the days that are walked. */
const FIRST = houseDay(Date.UTC(2026, 2, 1, 12), ZONE);

it('stands as a calendar on the wall has it, day by day, clock changes and late hours included', () => {
  const chance = drawing(11);
  for (let no = 0; no < 2000; no += 1) {
    const everyDays = chance.whole(1, 12);
    const plannedMs = startOfHouseDay(FIRST, ZONE) + chance.whole(0, 23) * HOUR_MS;
    const doneDays = Array.from({ length: 60 }, (_, ahead) => FIRST + ahead).filter(() => chance.next() < 0.2);
    const today = FIRST + chance.whole(0, 59);
    const done = doneDays.filter((day) => day <= today);
    const lastMs = done.length === 0 ? undefined : startOfHouseDay(done.at(-1)!, ZONE) + 22 * HOUR_MS;
    const now = startOfHouseDay(today, ZONE) + 23 * HOUR_MS - 1;
    // On the wall: a cross on the day on which it is to be done; each done day wipes it and makes a new one.
    let cross = FIRST;
    for (let day = FIRST; day <= today; day += 1) if (done.includes(day)) cross = day + everyDays;
    const { is, dueDay } = choreStand({ everyDays, plannedMs, lastMs }, { now, zone: ZONE });
    expect(dueDay).toBe(cross);
    const late = today - cross;
    // A daily one is overdue the day after, one of four days after one more.
    const grace = [0, 0, 0, 0, 1, 1, 1, 1, 2, 2, 2, 2, 3][everyDays]!;
    expect(is).toBe(late < 0 ? (done.includes(today) ? 'done' : 'later') : late > grace ? 'overdue' : 'due');
  }
});

it('waits while a treatment is in the water, and is due at once after it', () => {
  const week = { everyDays: 7, plannedMs: 0, lastMs: startOfHouseDay(FIRST, ZONE) };
  const at = { now: startOfHouseDay(FIRST + 30, ZONE), zone: ZONE };
  expect(choreStand({ ...week, treated: true }, at)).toEqual({ is: 'waits', dueDay: FIRST + 7 });
  expect(choreStand(week, at).is).toBe('overdue');
  expect(choreStand({ ...week, treated: true }, { ...at, now: startOfHouseDay(FIRST + 6, ZONE) }).is).toBe('later');
});

it('asks of two within half its interval, and within two days at most', () => {
  expect([1, 2, 7, 300].map((days) => twiceWithinMs(days) / DAY_MS)).toEqual([0.5, 1, 2, 2]);
});

it('carries what single places take, piece by piece, and says what is short', () => {
  const chance = drawing(12);
  for (let no = 0; no < 500; no += 1) {
    const takes = Array.from({ length: chance.whole(0, 30) }, () => ({
      item: chance.pick(['felt', 'coarse', 'carbon']),
      amount: chance.whole(1, 4),
    }));
    const here = new Map([
      ['felt', chance.whole(0, 40)],
      ['coarse', chance.whole(0, 40)],
    ]);
    const basket: string[] = [];
    for (const { item, amount } of takes) for (let piece = 0; piece < amount; piece += 1) basket.push(item);
    const kit = kitOf(takes, here);
    expect(kit.flatMap(({ item, amount }) => Array<string>(amount).fill(item)).toSorted()).toEqual(basket.toSorted());
    for (const { item, short } of kit) {
      const missing = basket.filter((piece) => piece === item).length - (here.get(item) ?? Infinity);
      expect(short).toBe(missing > 0 ? missing : undefined);
    }
  }
});

const TANKS = [
  { id: 'a1', code: 'A1', rack: 'alder', system: 'alder-water' },
  { id: 'a2', code: 'A2', rack: 'alder', system: 'alder-water' },
  { id: 'd1', code: 'D1', rack: 'delta', system: 'd1-water' },
  { id: 'd2', code: 'D2', rack: 'delta', system: 'd2-water' },
];
const NAMES = { systemName: (id: string) => `the ${id}`, rackName: (id: string) => `${id} rack` };

it('is done by tank, by system, by rack: each once', () => {
  const at = (per: 'tank' | 'system' | 'rack', more: { racks?: string[]; only?: string[] } = {}) =>
    placesOf({ per, racks: ['alder', 'delta'], ...more }, TANKS, NAMES).map(({ id }) => id);
  expect(at('tank')).toEqual(['a1', 'a2', 'd1', 'd2']);
  expect(at('system')).toEqual(['alder-water', 'd1-water', 'd2-water']);
  expect(at('rack')).toEqual(['alder', 'delta']);
  expect(at('tank', { only: ['a2', 'd2'] })).toEqual(['a2', 'd2']);
  expect(at('tank', { racks: ['delta'], only: ['a2'] })).toEqual([]);
  expect(placesOf({ per: 'rack', racks: ['delta'] }, TANKS, NAMES)).toEqual([
    { id: 'delta', name: 'delta rack', rack: 'delta', tank: 'd1', systems: ['d1-water', 'd2-water'] },
  ]);
});

it('tops up so that the grams of salt add up, climbs no faster than is borne, and never sinks by salt', () => {
  const chance = drawing(13);
  for (let no = 0; no < 3000; no += 1) {
    const volumeL = chance.between(20, 1200);
    const missingL = volumeL * chance.between(0.002, 0.3);
    const presentPpt = chance.between(0, 42);
    const targetPpt = chance.between(0, 40);
    const climbPpt = chance.between(0.2, 3);
    const { salinityPpt, becomesPpt, short } = topUp({ presentPpt, targetPpt, volumeL, missingL, climbPpt });
    // Grams in the tank, a jug, grams in the tank after it.
    const gramsBefore = (volumeL - missingL) * presentPpt;
    const gramsAfter = gramsBefore + missingL * salinityPpt;
    expect(gramsAfter / volumeL).toBeCloseTo(becomesPpt, 9);
    expect(salinityPpt).toBeGreaterThanOrEqual(-1e-9);
    expect(salinityPpt).toBeLessThanOrEqual(40 + 1e-9);
    expect(becomesPpt - presentPpt).toBeLessThanOrEqual(climbPpt + 1e-9);
    if (short === undefined) expect(becomesPpt).toBeCloseTo(targetPpt, 9);
    if (short === 'slow') expect(becomesPpt).toBeLessThan(targetPpt);
    if (short === 'above') expect([salinityPpt < 1e-9, becomesPpt > targetPpt]).toEqual([true, true]);
  }
});

it.each([
  { missingL: 0, volumeL: 100 },
  { missingL: 100, volumeL: 100 },
  { missingL: -1, volumeL: 100 },
])('does not top up $missingL L of $volumeL L', (litres) => {
  expect(() => topUp({ presentPpt: 34, targetPpt: 34, climbPpt: 1, ...litres })).toThrow(RangeError);
});
