// The two days a year on which a wall clock in Lisbon has 23 or 25 hours.
import { HOUR_MS, formatTime, houseDay } from '#core/time/index.ts';
import { furnish, KEEPER, LEAD, check, makeTestHouse, stock, T0, type TestHouse } from '../testHouse.ts';

const zone = 'Europe/Lisbon';
let house: TestHouse;
beforeEach(() => void (house = furnish(makeTestHouse())));
afterEach(() => house.close());
const waitUntil = (ms: number) => house.wait(ms - house.now());
const rounds = () => house.view('rounds');
const walk = () => house.must(KEEPER, check('G1', { day: rounds().day, round: rounds().current }));

it.each([
  ['23 hours', Date.UTC(2026, 2, 28, 23), 24],
  ['25 hours', Date.UTC(2026, 9, 24, 22), 26],
])('a day of %s is one day with one morning and one evening round', (_name, start, hours) => {
  house.must(LEAD, stock('a', 'G1'));
  waitUntil(start);
  const seen: string[] = [];
  for (let hour = 0; hour <= hours + 1; hour += 1) {
    waitUntil(start + hour * HOUR_MS);
    const { day, current, left } = rounds();
    const name = `${day} ${current}`;
    if (seen.at(-1) !== name) {
      seen.push(name);
      expect([name, left[current]]).toEqual([name, 1]);
      walk();
    }
    expect(rounds().left[current]).toBe(0);
  }
  const first = houseDay(start, zone);
  expect(seen).toEqual([`${first} evening`, `${first + 1} morning`, `${first + 1} evening`, `${first + 2} morning`].slice(0, seen.length));
  expect(seen.length).toBeGreaterThanOrEqual(3);
});

it('tells the two same wall hours of an autumn night apart, and takes what was written in either', () => {
  house.must(LEAD, stock('a', 'G1'));
  const [before, after] = [Date.UTC(2026, 9, 25, 0, 30), Date.UTC(2026, 9, 25, 1, 30)];
  expect([formatTime(before, zone), formatTime(after, zone)]).toEqual(['01:30', '01:30']);
  waitUntil(before);
  house.must(KEEPER, { kind: 'lot.fed', payload: { tank: 'G1', lot: 'a', food: 'mysis', response: 'ate' } });
  waitUntil(after);
  house.must(KEEPER, { kind: 'lot.fed', payload: { tank: 'G1', lot: 'a', food: 'flake', response: 'ignored' } });
  expect(rounds().tanks[0]!.lots[0]).toMatchObject({ lastFed: { food: 'flake', atMs: after }, fast: { days: 0 } });
});

it('counts a quarantine and a fast by house days across the change', () => {
  house.must(LEAD, stock('a', 'G1'));
  waitUntil(Date.UTC(2026, 2, 28, 23, 30));
  house.must(KEEPER, { kind: 'lot.fed', payload: { tank: 'G1', lot: 'a', food: 'mysis', response: 'ate' } });
  // 23:30 on the eve to 00:30 two nights later, wall time: two days, though only 47 hours less one.
  waitUntil(Date.UTC(2026, 2, 29, 23, 30));
  expect(formatTime(house.now(), zone)).toBe('00:30');
  expect(rounds().tanks[0]!.lots[0]!.fast?.days).toBe(2);
  expect(house.now()).toBeGreaterThan(T0);
});
