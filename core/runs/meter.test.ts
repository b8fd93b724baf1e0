import { corrected, isOut, type Check } from './meter.ts';
import type { TimedReading } from './facts.ts';

const read = (atMs: number, value: number, instrument: string | undefined = 'meter'): TimedReading => ({
  entry: `r${atMs}`,
  atMs,
  quantity: 'salinity',
  value,
  method: 'meter',
  instrument,
});
const check = (atMs: number, shown: number, adjusted = true): Check => ({
  entry: `c${atMs}`,
  atMs,
  instrument: 'meter',
  quantity: 'salinity',
  shown,
  truth: 35,
  adjusted,
});
const values = (readings: TimedReading[], checks: Check[]) => corrected(readings, checks).map(({ value }) => value);

it('a meter never checked is believed', () => {
  expect(values([read(10, 20)], [])).toEqual([20]);
});

it('between two checks the error has grown evenly', () => {
  expect(values([read(0, 10), read(50, 20), read(100, 30)], [check(0, 35), check(100, 37)])).toEqual([10, 19, 30]);
});

it('what was found out before its first check is taken for all of it, unless it was near enough', () => {
  expect(values([read(10, 20), read(90, 25)], [check(100, 37)])).toEqual([18, 23]);
  expect(values([read(10, 20)], [check(100, 35.3)])).toEqual([20]);
});

it('one that was seen to be out and not set right goes on being out by that', () => {
  expect(values([read(150, 30)], [check(100, 37, false)])).toEqual([28]);
  expect(values([read(150, 30)], [check(100, 37, true)])).toEqual([30]);
});

it('other meters and other quantities tell nothing of it; what was shown is kept', () => {
  const other: Check = { ...check(100, 37), instrument: 'other' };
  const pH: Check = { ...check(100, 8, true), quantity: 'pH', truth: 7 };
  expect(corrected([read(10, 20), read(10, 20, undefined)], [other, pH])).toEqual([
    expect.objectContaining({ value: 20, shown: 20, error: 0 }),
    expect.objectContaining({ value: 20, shown: 20, error: 0 }),
  ]);
  expect(corrected([read(10, 20)], [check(100, 37)])[0]).toMatchObject({ shown: 20, value: 18, error: 2 });
});

it('is out beyond what a bench bears', () => {
  expect(isOut(check(0, 35.4))).toBe(false);
  expect(isOut(check(0, 35.6))).toBe(true);
  expect(isOut({ quantity: 'ammonia', shown: 5, truth: 1 })).toBe(false);
});
