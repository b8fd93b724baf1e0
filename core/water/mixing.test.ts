import fc from 'fast-check';
import {
  climb,
  floatedTank,
  hoursUntilFull,
  litresForShare,
  mixedGrowing,
  mixedOverflowing,
  pooled,
  risingPlan,
  shareFor,
  shareMixed,
  steadyFlow,
  swapLitres,
  systemAfterOverflow,
} from './mixing.ts';

const share = fc.double({ min: 0, max: 0.99, noNaN: true });
const litres = fc.double({ min: 0.1, max: 20, noNaN: true });

it('a drip that added as much as there was has brought it halfway, an overflow 63 %', () => {
  expect(mixedGrowing({ start: 20, tank: 30, startL: 2, addedL: 2 })).toBe(25);
  expect(mixedOverflowing({ start: 20, tank: 30, volumeL: 2, addedL: 2 })).toBeCloseTo(30 - 10 / Math.E, 12);
});

it('a small bucket is full long before the mix is done: the rest goes by overflow and costs more', () => {
  expect(shareMixed({ startL: 2, bucketL: 4, addedL: 2 })).toBe(0.5);
  expect(shareMixed({ startL: 2, bucketL: 4, addedL: 6 })).toBeCloseTo(1 - 0.5 * Math.exp(-1), 12);
  expect(litresForShare({ share: 0.75, startL: 2, bucketL: 100 })).toBeCloseTo(6, 12);
  expect(litresForShare({ share: 0.75, startL: 2, bucketL: 4 })).toBeCloseTo(2 + 4 * Math.log(2), 12);
});

it('litres and share are each other’s inverse, whatever the bucket', () => {
  fc.assert(
    fc.property(share, litres, fc.double({ min: 1, max: 5, noNaN: true }), (wanted, startL, times) => {
      const bucketL = startL * times;
      const addedL = litresForShare({ share: wanted, startL, bucketL });
      expect(shareMixed({ startL, bucketL, addedL })).toBeCloseTo(wanted, 9);
    }),
    { seed: 5, numRuns: 300 },
  );
});

it('a steady drip is steepest in its first hour; a rising one closes the same share each step', () => {
  const drip = { startL: 2, bucketL: 40, hours: 2, share: 0.75, gap: 8 };
  const { flowLPerH, steepestPerH } = steadyFlow(drip);
  expect([flowLPerH, steepestPerH]).toEqual([3, 12]);
  const plan = risingPlan({ startL: 2, bucketL: 40, hours: 2, steps: 4, share: 0.8 });
  let added = 0;
  const shares = plan.map((step) => {
    added += step.flowLPerH * 0.5;
    return shareMixed({ startL: 2, bucketL: 40, addedL: added });
  });
  shares.forEach((share, index) => expect(share).toBeCloseTo(0.2 * (index + 1), 9));
  expect(plan.map((step) => step.flowLPerH)).toEqual([...plan.map((step) => step.flowLPerH)].sort((a, b) => a - b));
});

it('time until full', () => {
  expect(hoursUntilFull({ startL: 2, bucketL: 10, flowLPerH: 4 })).toBe(2);
  expect(hoursUntilFull({ startL: 2, bucketL: 10, flowLPerH: 0 })).toBe(Infinity);
  expect(hoursUntilFull({ startL: 10, bucketL: 10, flowLPerH: 0 })).toBe(0);
});

it('swapping brings a tank where it shall be, and the climb back arrives', () => {
  expect(swapLitres({ volumeL: 300, from: 32, to: 28, with: 0 })).toBe(37.5);
  fc.assert(
    fc.property(fc.double({ min: 5, max: 35, noNaN: true }), fc.double({ min: 1, max: 4, noNaN: true }), (from, perDay) => {
      const days = climb({ volumeL: 100, from, to: 36, perDay, with: 40 });
      let salinity = from;
      for (const { litres: x, to } of days) {
        salinity = pooled([
          { litres: 100 - x, value: salinity },
          { litres: x, value: 40 },
        ]);
        expect(salinity).toBeCloseTo(to, 9);
      }
      expect(salinity).toBeCloseTo(36, 9);
      expect(days.length).toBe(Math.ceil((36 - from) / perDay - 1e-9));
    }),
    { seed: 6, numRuns: 100 },
  );
});

it('bags afloat cool the tank and raise its level; a bucket that spills into the sump takes salt from it', () => {
  const { temperature, displacedL } = floatedTank({ tankL: 60, tankC: 25, bags: [{ litres: 2, temperature: 20 }] });
  expect(temperature).toBeCloseTo(24.839, 3);
  expect(displacedL).toBe(2);
  const bucket = { bucketStart: 8, startL: 2, bucketL: 2, addedL: 6 };
  const bucketEnd = mixedOverflowing({ start: 8, tank: 30, volumeL: 2, addedL: 6 });
  const after = systemAfterOverflow({ systemL: 100, system: 30, ...bucket, bucketEnd });
  // All salt is where it was, in the system or in the bucket.
  expect(after * 100 + bucketEnd * 2).toBeCloseTo(30 * 100 + 8 * 2, 9);
  expect(after).toBeLessThan(30);
});

it('how much of a gap must close', () => {
  expect(shareFor({ start: 28, tank: 32, within: 1 })).toBe(0.75);
  expect(shareFor({ start: 31.5, tank: 32, within: 1 })).toBe(0);
});

it.each([
  () => litresForShare({ share: 1, startL: 2, bucketL: 4 }),
  () => litresForShare({ share: 0.5, startL: 0, bucketL: 4 }),
  () => litresForShare({ share: 0.5, startL: 5, bucketL: 4 }),
  () => swapLitres({ volumeL: 300, from: 32, to: 28, with: 30 }),
  () => swapLitres({ volumeL: 0, from: 32, to: 28, with: 0 }),
  () => steadyFlow({ share: 0.5, startL: 1, bucketL: 2, hours: 0, gap: 1 }),
  () => pooled([]),
  () => shareFor({ start: 1, tank: 2, within: 0 }),
])('refuses what cannot be (%#)', (wrong) => expect(wrong).toThrow(RangeError));
