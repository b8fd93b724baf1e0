import { MINUTE_MS } from '#core/time/index.ts';
import { setMeta } from '../db/meta.ts';
import { furnish, makeTestHouse, T0 } from '../testHouse.ts';
import { makeClock } from './clock.ts';
import { clockOf } from './startClock.ts';

it('runs from where it was told to, or with real time', () => {
  let real = 1000;
  const clock = makeClock({ startAtMs: 500, realNow: () => real });
  expect(makeClock({ realNow: () => real }).now()).toBe(1000);
  real = 1250;
  expect(clock.now()).toBe(750);
});

it('stands when frozen and goes forward only', () => {
  let real = 1000;
  const clock = makeClock({ startAtMs: 500, freeze: true, realNow: () => real });
  real = 9000;
  expect(clock.now()).toBe(500);
  clock.shift(100);
  expect(clock.now()).toBe(600);
  expect(() => clock.shift(-1)).toThrow(RangeError);
});

describe('the time a house opens at', () => {
  const house = furnish(makeTestHouse());
  afterAll(() => house.close());

  it('is real time in a real house, which cannot be shifted', () => {
    expect(Math.abs(clockOf(house, { freeze: false }).now() - Date.now())).toBeLessThan(1000);
    expect(() => clockOf(house, { clock: '2026-03-03T07:40', freeze: false })).toThrow(/demo house only/);
    expect(() => clockOf(house, { freeze: true })).toThrow(/demo house only/);
  });

  it('is where a demo stopped, but never before its own entries', () => {
    setMeta(house.client, 'demo', '1');
    setMeta(house.client, 'houseNow', String(T0 + 5000));
    expect(clockOf(house, { freeze: true }).now()).toBe(T0 + 5000);
    setMeta(house.client, 'houseNow', String(T0 - MINUTE_MS));
    expect(clockOf(house, { freeze: true }).now()).toBe(T0);
    expect(clockOf(house, { clock: '2026-03-03T08:00', freeze: true }).now()).toBe(T0 + 20 * MINUTE_MS);
    expect(() => clockOf(house, { clock: '2026-03-03T07:00', freeze: true })).toThrow(/--fresh/);
    expect(() => clockOf(house, { clock: 'noon', freeze: true })).toThrow(RangeError);
  });
});
