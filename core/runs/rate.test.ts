import { MINUTE_MS } from '../time/index.ts';
import { trajectoryOf } from './trajectory.ts';
import type { RunAction } from './entries.ts';
import { tooFast } from './rate.ts';
import { runningFacts, T0 } from './testCases.ts';

const { actions, ...rest } = runningFacts({ method: 'long conversion', flow: undefined });
const { of } = rest.started;
const poured = actions.filter(({ did }) => did.do === 'open' || did.do === 'pour');
const flow = (minute: number, mLPerMin: number): { atMs: number; did: RunAction } => ({
  atMs: T0 + minute * MINUTE_MS,
  did: { do: 'flow', mLPerMin, low: mLPerMin, high: mLPerMin, from: 'caught' },
});
/** Poured, then dripped by hand as said, with no plan after it. Looked at at minute `now`. */
const dripping = (now: number, flows: ReturnType<typeof flow>[], water = {}, start = {}) => {
  const { started } = rest;
  const plain = { ...started, plan: [], water: { ...started.water, ...water }, start: { ...started.start, ...start } };
  return trajectoryOf({ ...rest, started: plain, actions: [...poured, ...flows] }, { now: T0 + now * MINUTE_MS });
};

it('says nothing of a gentle drip, and how much of one that is too fast', () => {
  expect(tooFast(dripping(12, [flow(10, 2)]), of)).toBeUndefined();
  const fast = tooFast(dripping(12, [flow(10, 60)]), of)!;
  expect(fast).toMatchObject({ direction: 'up', tolerance: 4 });
  // 3 L of 8 ppt and an hour of 60 mL/min of 30 ppt: 6.6 L of 20 ppt.
  expect(fast.ppt).toBeCloseTo((3 * 8 + 3.6 * 30) / 6.6 - 8, 0);
  expect(tooFast(dripping(12, [flow(10, 60)]), { ...of, tolerance: 'hardy' })!.tolerance).toBe(8);
});

it('what has just run in counts in the hour to come; what they have come through does not', () => {
  const slowed = [flow(10, 300), flow(20, 1)];
  expect(tooFast(dripping(21, slowed), of)).toMatchObject({ direction: 'up' });
  expect(tooFast(dripping(85, slowed), of)).toBeUndefined();
});

it('invertebrates bear salinity down no faster than up', () => {
  const trajectory = dripping(10, [flow(5, 30)], { salinity: 20 }, { salinity: 34 });
  expect(tooFast(trajectory, of)).toBeUndefined();
  expect(tooFast(trajectory, { ...of, invertebrate: true })).toMatchObject({ direction: 'down', tolerance: 4 });
});
