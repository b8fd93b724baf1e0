import { MINUTE_MS } from '../time/index.ts';
import { airlineOf, flowFromCatch, flowFromTaps, turnTo } from './taps.ts';

/** Taps at these intervals, ms. */
const tapsOf = (intervals: readonly number[]) => intervals.reduce<number[]>((taps, gap) => [...taps, taps.at(-1)! + gap], [0]);
const steady = Array.from({ length: 12 }, () => 2000);

it('thirty drops a minute of fifteen to a millilitre are 2 mL/min, within the drop’s own doubt', () => {
  const taps = flowFromTaps(tapsOf(steady))!;
  expect(taps.mLPerMin).toBeCloseTo(2, 6);
  expect(taps).toMatchObject({ slips: 0, wanting: 0, used: 12 });
  expect(taps.low).toBeCloseTo(1.4, 1);
  expect(taps.high).toBeCloseTo(2.6, 1);
});

it('leaves out a drop that was missed and one tapped twice', () => {
  const taps = flowFromTaps(tapsOf([...steady.slice(0, 5), 4000, ...steady.slice(0, 5), 300, 1900, 2100]))!;
  expect(taps.slips).toBe(2);
  expect(taps.mLPerMin).toBeCloseTo(2, 1);
});

it('says how many drops are wanting still, and nothing of fewer than three', () => {
  expect(flowFromTaps([0])).toBeUndefined();
  expect(flowFromTaps([0, 2000])).toBeUndefined();
  expect(flowFromTaps(tapsOf([2000, 2000, 2000]))).toMatchObject({ wanting: 6 });
});

it('an uneven hand widens the band', () => {
  const even = flowFromTaps(tapsOf(steady), { perMLBand: 0.05 })!;
  const uneven = flowFromTaps(tapsOf(steady.map((gap, index) => gap + (index % 2 === 0 ? 500 : -500))), { perMLBand: 0.05 })!;
  expect(uneven.high - uneven.low).toBeGreaterThan(1.5 * (even.high - even.low));
});

it('a measure and a watch: 30 mL in 60 s; nothing in no time is refused', () => {
  expect(flowFromCatch({ mL: 30, seconds: 60 }).mLPerMin).toBe(30);
  expect(() => flowFromCatch({ mL: 0, seconds: 60 })).toThrow(RangeError);
  expect(() => flowFromCatch({ mL: 5, seconds: 0 })).toThrow(RangeError);
});

it('learns the drops of this airline from a rate tapped and then caught, not from one caught an hour later', () => {
  const flow = (minutes: number, mLPerMin: number, from: string) => ({ atMs: minutes * MINUTE_MS, did: { do: 'flow', mLPerMin, from } });
  expect(airlineOf([flow(0, 2, 'taps')])).toEqual({ perML: 15, perMLBand: 0.3 });
  const known = airlineOf([flow(0, 2, 'taps'), flow(4, 2.5, 'caught')]);
  expect(known.perML).toBeCloseTo(12, 6);
  expect(known.perMLBand).toBe(0.05);
  // Tapped anew at the same rate it is now told as it was caught.
  expect(flowFromTaps(tapsOf(steady), known)!.mLPerMin).toBeCloseTo(2.5, 6);
  expect(airlineOf([flow(0, 2, 'taps'), flow(60, 2.5, 'caught')]).perML).toBe(15);
});

it.each([
  [10, 10.5, 'as it is'],
  [10, 12, 'looser'],
  [12, 8, 'tighter'],
  [0, 5, 'looser'],
] as const)('%p mL/min that is to be %p: %s', (is, wanted, turn) => {
  expect(turnTo(is, wanted).turn).toBe(turn);
});
