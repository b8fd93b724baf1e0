import { HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { disagreementsOf } from './disagreement.ts';
import type { RunFacts, TimedReading } from './facts.ts';
import { reachedBy, sideBySide } from './outcome.ts';
import { runningFacts, T0 } from './testCases.ts';
import { trajectoryOf } from './trajectory.ts';

const base = runningFacts({ method: 'long conversion' });
const hoursIn = (hours: number) => T0 + hours * HOUR_MS;
const facts: RunFacts = { ...base, actions: base.actions.filter(({ atMs }) => atMs <= hoursIn(12)) };
const truly = (hours: number, quantity: 'salinity' | 'temperature' | 'pH') => trajectoryOf(facts, { now: hoursIn(hours) }).now[quantity];
const read = (
  hours: number,
  off: number,
  quantity: 'salinity' | 'temperature' | 'pH' = 'salinity',
  method: TimedReading['method'] = 'meter',
): TimedReading => ({
  entry: `${quantity} ${hours}`,
  atMs: hoursIn(hours),
  quantity,
  value: truly(hours, quantity) + off,
  method,
});
const disagreement = (...readings: TimedReading[]) => disagreementsOf({ ...facts, readings });

it('readings that agree say nothing; one that parts is said, with what may be behind it', () => {
  expect(disagreement(read(3, 0.1), read(6, -0.1), read(9, 0.1))).toEqual([]);
  const [found] = disagreement(read(3, 0), read(6, 0), read(9, -3));
  expect(found).toMatchObject({ quantity: 'salinity', mayMean: ['drip slower', 'meter out', 'source not the tank'] });
  expect(found!.deviations).toBeLessThan(-2.5);
  expect(found!.calculated).toBeCloseTo(truly(9, 'salinity'), 0);
  expect(disagreement(read(3, 0), read(6, 0), read(9, 3))[0]!.mayMean[0]).toBe('drip faster');
});

it('a first reading that is far off may say that the bag was another than assumed', () => {
  expect(disagreement(read(1, 6))[0]!.mayMean[0]).toBe('bag not as assumed');
  expect(disagreement(read(1, 0), read(3, 6))[0]!.mayMean).not.toContain('bag not as assumed');
});

it('only the latest of each quantity counts: what was wrong once and read again is over', () => {
  expect(disagreement(read(3, 0), read(6, 4), read(6.2, 0))).toEqual([]);
});

it('each quantity speaks for itself; a skin reading says that it is one', () => {
  const found = disagreement(read(3, 0), read(6, 0), read(6, -6, 'temperature', 'on the bag'), read(6, 0.9, 'pH'));
  expect(found.map(({ quantity, mayMean }) => [quantity, mayMean[0]])).toEqual([
    ['temperature', 'skin not water'],
    ['pH', 'bag not as assumed'],
  ]);
});

it('side by side are readings of both by one meter within twenty minutes; the latest pair counts', () => {
  const readAt = (minutes: number, value: number, instrument: string | undefined = 'meter') => ({
    quantity: 'salinity' as const,
    value,
    instrument,
    atMs: T0 + minutes * MINUTE_MS,
  });
  expect(sideBySide([readAt(0, 29), readAt(30, 29.5)], [readAt(5, 30), readAt(31, 30.2)])).toEqual([
    { quantity: 'salinity', vessel: 29.5, tank: 30.2, instrument: 'meter' },
  ]);
  expect(sideBySide([readAt(0, 29)], [readAt(21, 30)])).toEqual([]);
  expect(sideBySide([readAt(0, 29)], [readAt(1, 30, 'other')])).toEqual([]);
  expect(sideBySide([{ ...readAt(0, 29), instrument: undefined }], [readAt(1, 30)])).toEqual([]);
});

it('what a run reached is of the vessel alone, and what was read side by side beats what was calculated', () => {
  const now = hoursIn(12);
  const trajectory = trajectoryOf(facts, { now });
  const plain = reachedBy(facts, trajectory, { now, side: [] });
  expect(plain.salinityStep).toBeCloseTo(30 - truly(12, 'salinity'), 3);
  expect(plain.totalMinutes).toBeCloseTo(720, 3);
  // Out half-way: the rest of the gap is taken at once, and is part of their way.
  expect(plain.salinityUpPerH).toBeGreaterThan(plain.salinityStep);
  expect(plain.salinityUpPerH).toBeLessThan(plain.salinityStep + 2);
  const side = [{ quantity: 'salinity' as const, vessel: 29.2, tank: 29.9, instrument: 'meter' }];
  expect(reachedBy(facts, trajectory, { now, side }).salinityStep).toBeCloseTo(0.7);
});
