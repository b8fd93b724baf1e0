import { simulate, startVessel, tankWater } from '../bench/index.ts';
import { HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { mixedGrowing } from '../water/index.ts';
import { estimateOf } from './estimate.ts';
import { forecastOf, follow } from './follow.ts';
import { D5, MONO_BAG, runningFacts, T0 } from './testCases.ts';
import { AS_CALCULATED, trajectoryOf } from './trajectory.ts';

it('a run done as planned is the simulation of its method', () => {
  const facts = runningFacts({ method: 'long conversion', flow: undefined });
  const { started } = facts;
  const options = { ambient: started.water };
  const planned = simulate(startVessel(started.start, started.of, options), tankWater(started.water), started.plan, options);
  const { now, end, exposure, tankWaterL } = trajectoryOf(facts, { now: T0 + planned.releasedAtMinute * MINUTE_MS });
  expect(now.salinity).toBeCloseTo(planned.left.salinity, 4);
  expect(now.tan).toBeCloseTo(planned.left.tan, 4);
  expect(now.temperature).toBeCloseTo(planned.left.temperature, 4);
  expect(exposure).toBeCloseTo(planned.exposure, 4);
  expect(tankWaterL).toBeCloseTo(planned.tankWaterL, 4);
  expect(end!.atMinute).toBeGreaterThan(1380);
});

it('salinity while the vessel fills is the closed form, whatever else goes on in it', () => {
  const facts = runningFacts({ method: 'drip', flow: { mLPerMin: 20, from: 'caught' } });
  const dripAt = facts.actions.find(({ did }) => did.do === 'flow')!.atMs;
  const { now, fullInMinutes } = trajectoryOf(facts, { now: dripAt + 2 * HOUR_MS });
  expect(now.salinity).toBeCloseTo(mixedGrowing({ start: 8, tank: 30, startL: 3, addedL: 2.4 }), 3);
  expect(fullInMinutes).toBeCloseTo((12 - 3 - 2.4) / 0.02, 3);
});

it('fish that are out of it breathe no more: half of them make half of what is new, from then on', () => {
  const idle = { ...runningFacts({ method: 'drip' }), actions: [{ atMs: T0, did: { do: 'pour' as const, bucketL: 12 } }] };
  const [atMs, until] = [T0 + 2 * HOUR_MS, T0 + 4 * HOUR_MS];
  const tan = (fewer: { atMs: number; n: number }[], now: number) => trajectoryOf({ ...idle, fewer }, { now }).now.tan;
  const before = tan([], atMs);
  expect(tan([{ atMs, n: 3 }], atMs)).toBeCloseTo(before, 9);
  const grown = tan([], until) - before;
  expect(grown).toBeGreaterThan(0.01);
  expect(tan([{ atMs, n: 3 }], until) - before).toBeCloseTo(grown / 2, 4);
  // More than there are leave none.
  expect(tan([{ atMs, n: 99 }], until)).toBeCloseTo(before, 4);
});

it('says when it is there by the rate that truly runs, and that it never is when nothing runs', () => {
  const facts = runningFacts({ method: 'drip', flow: { mLPerMin: 60, from: 'caught' } });
  const slow = runningFacts({ method: 'drip', flow: { mLPerMin: 30, from: 'caught' } });
  const now = T0 + 5 * MINUTE_MS;
  const [fast, slower] = [trajectoryOf(facts, { now }), trajectoryOf(slow, { now })];
  expect(slower.end!.atMinute).toBeGreaterThan(fast.end!.atMinute * 1.5);
  const shut = { ...facts, actions: [...facts.actions, { atMs: now, did: { do: 'stand' as const } }] };
  expect(trajectoryOf(shut, { now: now + MINUTE_MS }).end).toBeUndefined();
});

it('a factor of the flow counts for what was tapped, not for what was caught', () => {
  const now = T0 + 3 * HOUR_MS;
  const fastestOf = (from: 'taps' | 'caught', flow: number) =>
    trajectoryOf(runningFacts({ method: 'drip', flow: { mLPerMin: 20, from } }), { now, parameters: { ...AS_CALCULATED, flow } }).now
      .salinity;
  expect(fastestOf('caught', 0.7)).toBeCloseTo(fastestOf('caught', 1), 6);
  expect(fastestOf('taps', 0.7)).toBeLessThan(fastestOf('taps', 1) - 0.5);
});

it('a tank that changes while the vessel is on its way changes what runs in', () => {
  const facts = runningFacts({ method: 'drip', flow: { mLPerMin: 20, from: 'caught' } });
  const fresher = { ...facts, tankSince: [{ atMs: T0 + HOUR_MS, water: { salinity: 25 } }] };
  const now = T0 + 3 * HOUR_MS;
  expect(trajectoryOf(fresher, { now }).now.salinity).toBeLessThan(trajectoryOf(facts, { now }).now.salinity - 0.5);
  expect(trajectoryOf(fresher, { now: T0 + HOUR_MS }).now.salinity).toBeCloseTo(trajectoryOf(facts, { now: T0 + HOUR_MS }).now.salinity, 6);
});

it('what was used and borne until now does not know what is calculated ahead', () => {
  const facts = runningFacts({ method: 'drip', flow: { mLPerMin: 20, from: 'caught' } });
  const now = facts.actions.find(({ did }) => did.do === 'flow')!.atMs + HOUR_MS;
  const ahead = trajectoryOf(facts, { now });
  const past = trajectoryOf(facts, { now, pastOnly: true });
  expect(ahead.tankWaterL).toBeCloseTo(1.2, 6);
  expect(ahead.exposure).toBeCloseTo(past.exposure, 9);
});

it('its end is one forecast, whoever asks for it within five minutes', () => {
  const facts = runningFacts({ method: 'long conversion' });
  const now = T0 + 6 * HOUR_MS;
  const past = { ...facts, actions: facts.actions.filter(({ atMs }) => atMs <= now) };
  const estimate = estimateOf(past);
  const { end, endBand } = forecastOf(past, now, estimate);
  const [whole, later] = [follow(past, now, estimate), follow(past, now + 4 * MINUTE_MS, estimate)];
  expect([whole.end, whole.endBand]).toEqual([end, endBand]);
  expect([later.end, later.endBand]).toEqual([end, endBand]);
  // And it is the end of the course that is drawn, to two minutes.
  const drawn = trajectoryOf(past, { now, parameters: estimate.parameters });
  expect(Math.abs(drawn.end!.atMinute - end!.atMinute)).toBeLessThan(2);
  expect(forecastOf(past, now + 6 * MINUTE_MS, estimate).endBand).not.toEqual(endBand);
});

it('gives the water at each reading, in their order, and starts as the bag was', () => {
  const facts = runningFacts({ method: 'drip' });
  const readings = [3, 1, 2].map((hours) => ({
    entry: String(hours),
    atMs: T0 + hours * HOUR_MS,
    quantity: 'salinity' as const,
    value: 0,
    method: 'meter' as const,
  }));
  const { atReadings, samples } = trajectoryOf({ ...facts, readings }, { now: T0 + 4 * HOUR_MS });
  expect(atReadings.map(({ minute }) => minute)).toEqual([180, 60, 120]);
  expect(samples[0]).toMatchObject({ minute: 0, salinity: MONO_BAG.salinity, volumeL: MONO_BAG.waterL });
  expect(atReadings[0]!.salinity).toBeGreaterThan(atReadings[1]!.salinity);
  expect(atReadings[0]!.salinity).toBeLessThan(D5.salinity);
});
