import type { TimedReading } from './facts.ts';
import { corrected, isOut, type Check } from './meter.ts';

const read = (atMs: number, value: number, instrument: string | undefined = 'meter'): TimedReading => ({
  entry: `r${atMs}`,
  atMs,
  quantity: 'salinity',
  value,
  method: 'meter',
  instrument,
});
const check = (atMs: number, shown: number, adjusted = true, truth = 35): Check => ({
  entry: `c${atMs}`,
  atMs,
  instrument: 'meter',
  quantity: 'salinity',
  shown,
  truth,
  adjusted,
});
const values = (readings: TimedReading[], checks: Check[]) => corrected(readings, checks).map(({ value }) => value);

it('a meter never checked is believed', () => {
  expect(values([read(10, 20)], [])).toEqual([20]);
});

it('between two checks the error has grown evenly', () => {
  expect(values([read(0, 10), read(50, 20), read(100, 30)], [check(0, 35), check(100, 37)])).toEqual([
    10,
    expect.closeTo(20 / (1 + 1 / 35), 9),
    30,
  ]);
});

it('what was found out before its first check is taken for all of it, unless it was near enough', () => {
  expect(values([read(10, 20), read(90, 25)], [check(100, 37)])).toEqual([(20 * 35) / 37, (25 * 35) / 37]);
  expect(values([read(10, 20)], [check(100, 35.3)])).toEqual([20]);
});

it('one that was seen to be out and not set right goes on being out by that', () => {
  expect(values([read(150, 30)], [check(100, 37, false)])).toEqual([(30 * 35) / 37]);
  expect(values([read(150, 30)], [check(100, 37, true)])).toEqual([30]);
});

it('other meters and other quantities tell nothing of it; what was shown is kept', () => {
  const otherCheck: Check = { ...check(100, 37), instrument: 'other' };
  const pH: Check = { ...check(100, 8, true), quantity: 'pH', truth: 7 };
  expect(corrected([read(10, 20), read(10, 20, undefined)], [otherCheck, pH])).toEqual([
    expect.objectContaining({ value: 20, shown: 20, error: 0 }),
    expect.objectContaining({ value: 20, shown: 20, error: 0 }),
  ]);
  expect(corrected([read(10, 20)], [check(100, 37)])[0]).toMatchObject({
    shown: 20,
    value: (20 * 35) / 37,
    error: expect.closeTo(20 - (20 * 35) / 37, 9),
  });
});

it('one check of a conductivity is a slope: 2 out in 35 make 8 into 7.6, and never less than nothing of 0.4', () => {
  expect(values([read(10, 8), read(10, 0.4)], [check(100, 37)])).toEqual([(8 * 35) / 37, (0.4 * 35) / 37]);
  expect(values([read(10, 8), read(10, 0.4)], [check(100, 33)])[0]).toBeCloseTo(8.48, 2);
});

it('two points tell slope and offset; one near zero alone tells an offset', () => {
  // It shows 1.02 times the truth and 0.4 more.
  const both = [check(100, 36.1, false), check(160, 0.4 + 1.02 * 10, false, 10)];
  expect(values([read(200, 0.4 + 1.02 * 20)], both)[0]).toBeCloseTo(20, 9);
  expect(values([read(200, 0.2), read(200, 20)], [check(100, 0.7, false, 0.1)])).toEqual([0, expect.closeTo(19.4, 9)]);
});

it('a pH meter is out by so much everywhere', () => {
  const pH: Check = { ...check(100, 7.3, false, 7), quantity: 'pH' };
  expect(corrected([{ ...read(150, 8.1), quantity: 'pH' }], [pH])[0]!.value).toBeCloseTo(7.8, 9);
});

it('is out beyond what a bench bears', () => {
  expect(isOut(check(0, 35.4))).toBe(false);
  expect(isOut(check(0, 35.6))).toBe(true);
  expect(isOut({ quantity: 'ammonia', shown: 5, truth: 1 })).toBe(false);
});
