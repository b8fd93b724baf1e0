// The water of a vessel at its release, where its course can be computed and where it cannot.
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { runningFacts, T0 } from './testCases.ts';
import { trajectoryOf } from './trajectory.ts';
import { vesselWater } from './vesselWater.ts';

const NOW = T0 + 6 * HOUR_MS;
const facts = runningFacts({ method: 'drip', flow: { mLPerMin: 20, from: 'caught' } });

it('lies within a band that readings leave, open where nobody read it', () => {
  const { salinity } = vesselWater(facts, NOW);
  expect(salinity.open).toBe(true);
  expect(salinity.high - salinity.low).toBeGreaterThan(0.1);
  expect(salinity.high - salinity.low).toBeLessThan(8);
});

it('of a vessel that was forgotten for more than a week nothing is believed but what was just read', () => {
  const read = { entry: 'r', quantity: 'salinity' as const, value: 30.5, method: 'meter' as const };
  const now = T0 + 8 * DAY_MS;
  expect(vesselWater(facts, now).salinity).toMatchObject({ low: 0, high: 60, open: true });
  const { salinity, temperature } = vesselWater({ ...facts, readings: [{ ...read, atMs: now - MINUTE_MS }] }, now);
  expect([salinity.low, salinity.high, temperature.low, temperature.high]).toEqual([30.5, 30.5, 2, 40]);
  expect(vesselWater({ ...facts, readings: [{ ...read, atMs: now - HOUR_MS }] }, now).salinity).toMatchObject({ low: 0, high: 60 });
});

it('of actions that no computation can follow it may be any water, and never breaks the answer', () => {
  // A sea through a vessel that was never filled up.
  const sea = { atMs: T0 + MINUTE_MS, did: { do: 'flow' as const, mLPerMin: 99_999, low: 99_999, high: 99_999, from: 'caught' as const } };
  const flooded = { ...facts, actions: [{ atMs: T0, did: { do: 'open' as const } }, sea] };
  const now = T0 + 200 * DAY_MS;
  expect(() => trajectoryOf(flooded, { now, pastOnly: true })).toThrow(RangeError);
  const { salinity, temperature } = vesselWater(flooded, now);
  expect([salinity.low, salinity.high, temperature.low, temperature.high]).toEqual([0, 60, 2, 40]);
});
