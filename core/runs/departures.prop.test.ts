// Eight ways in which a vessel is not what was assumed, each alone: what is believed of it must hold the truth as often as it says.
import { jest } from '@jest/globals';
import { makeChance, normal } from '../chance/index.ts';
import { MINUTE_MS } from '../time/index.ts';
import { AS_CALCULATED, trajectoryOf, type VesselParameters } from './trajectory.ts';
import type { RunFacts, TimedReading } from './facts.ts';
import { estimateOf, spreadOf, valueOf, type FollowedQuantity } from './estimate.ts';
import { follow } from './follow.ts';
import { runningFacts, T0 } from './testCases.ts';

// Many cases: longer than others may take.
jest.setTimeout(600_000);

const SEEDS = Number(process.env.DEPARTURE_SEEDS ?? 12);
const METHOD = { temperature: 'in the water', salinity: 'meter', pH: 'meter', ammonia: 'test', oxygen: 'meter' } as const;
const READ = ['temperature', 'salinity', 'pH', 'ammonia', 'oxygen'] as const;
const JUDGED = ['temperature', 'salinity', 'pH', 'ammonia', 'oxygen'] as const;

type Departure = {
  name: string;
  /** What the vessel truly is. */
  parameters?: Partial<VesselParameters>;
  /** What the meter makes of the truth. */
  shows?: (quantity: FollowedQuantity, value: number) => number;
  /** The truth by another course of actions than the one written down. */
  truly?: (facts: RunFacts) => RunFacts;
};
const DEPARTURES: Departure[] = [
  {
    name: 'air changed half-way unsaid',
    truly: (facts) => {
      const half = T0 + ((facts.actions.at(-1)!.atMs - T0) / 2 || 30 * MINUTE_MS);
      return {
        ...facts,
        actions: [...facts.actions, { atMs: half, did: { do: 'air' as const, level: 'strong' as const } }].sort((a, b) => a.atMs - b.atMs),
      };
    },
  },
  { name: 'pH meter 0.3 low', shows: (quantity, value) => (quantity === 'pH' ? value - 0.3 : value) },
  { name: 'salinity meter 1 ppt high', shows: (quantity, value) => (quantity === 'salinity' ? value + 1 : value) },
  { name: 'salinity meter 4 % high', shows: (quantity, value) => (quantity === 'salinity' ? value * 1.04 : value) },
  { name: 'tank 1 ppt fresher', parameters: { tankPpt: -1 } },
  { name: 'fish twice as heavy', parameters: { metabolism: 2 } },
  { name: 'room 4 °C colder', parameters: { roomC: -4 } },
  { name: 'fed', parameters: { nitrogen: 2 } },
];
const SHAPES = [
  { method: 'long conversion', hours: 14 },
  { method: 'drip', hours: 0.8 },
  { method: 'pooled bucket', hours: 1.2 },
] as const;

function vessel(seed: number, { parameters, shows, truly }: Departure) {
  const next = makeChance(seed);
  const shape = SHAPES[seed % SHAPES.length]!;
  const base = runningFacts({ method: shape.method });
  const now = T0 + shape.hours * 60 * MINUTE_MS;
  const done = { ...base, actions: base.actions.filter(({ atMs }) => atMs <= now) };
  // Meters and hands scatter within their own bands besides.
  const truth: VesselParameters = {
    ...AS_CALCULATED,
    flow: Math.exp(0.12 * normal(next)),
    exchange: Math.exp(0.3 * normal(next)),
    ...parameters,
  };
  const times = Array.from({ length: 3 + Math.floor(next() * 3) }, () => T0 + (0.15 + 0.85 * next()) * (now - T0)).sort((a, b) => a - b);
  const asked = times.flatMap((atMs, index) =>
    READ.filter(() => next() < 0.75).map((quantity): TimedReading => ({
      entry: `${index} ${quantity}`,
      atMs,
      quantity,
      value: 0,
      method: METHOD[quantity],
    })),
  );
  const real = truly ? truly(done) : done;
  const whole = truly ? truly(base) : base;
  const { atReadings, now: here } = trajectoryOf({ ...real, readings: asked }, { now, parameters: truth, pastOnly: true });
  const readings = asked.map((reading, index) => {
    const quantity = reading.quantity as FollowedQuantity;
    const value = valueOf(atReadings[index]!, quantity);
    const shown = shows ? shows(quantity, value) : value;
    return { ...reading, value: Math.max(0, shown + spreadOf({ quantity, value, method: reading.method }) * normal(next)) };
  });
  const { end } = trajectoryOf({ ...whole, actions: real.actions, readings: [] }, { now, parameters: truth });
  return { facts: { ...done, readings }, now, here, end };
}

it.each(DEPARTURES)('$name: four in five of what is believed hold the truth, 85 of 100 ends', (departure) => {
  let [inside, all, ends, endsInside] = [0, 0, 0, 0];
  const by: Record<string, number> = {};
  for (let seed = 1; seed <= SEEDS; seed += 1) {
    const { facts, now, here, end } = vessel(seed, departure);
    const { band, nowIndex, endBand } = follow(facts, now, estimateOf(facts));
    for (const quantity of JUDGED) {
      const { low, high } = band[quantity][nowIndex]!;
      const value = valueOf(here, quantity);
      all += 1;
      if (value >= low - 0.02 && value <= high + 0.02) inside += 1;
      else by[quantity] = (by[quantity] ?? 0) + 1;
    }
    if (end && endBand) {
      ends += 1;
      if (end.atMinute >= endBand.early - 1 && (endBand.late === undefined || end.atMinute <= endBand.late + 1)) endsInside += 1;
    }
  }

  expect(inside / all).toBeGreaterThanOrEqual(0.8);
  expect(endsInside / ends).toBeGreaterThanOrEqual(0.85);
});
