import fc from 'fast-check';
import { BenchFault, compareMethods, type BenchInput } from './compare.ts';
import { TOLERANCES, tolerancesOf } from './figures.ts';
import type { STARTING_CONTROLS } from './input.ts';
import { METHODS, type AcclimationMethod } from './methods.ts';
import { CASES } from './testCases.ts';

const marine: BenchInput = CASES['marine, shipped low'];
const resultOf = (input: BenchInput, method: AcclimationMethod) => {
  const { ranked, others } = compareMethods(input);
  return [...ranked, ...others].find((methodResult) => methodResult.method === method)!;
};

it('simulates every method, offered or not', () => {
  const { ranked, others } = compareMethods(marine);
  expect([...ranked, ...others].map(({ method }) => method).sort()).toEqual([...METHODS].sort());
  expect(others.every(({ notOffered }) => notOffered)).toBe(true);
});

it.each<[keyof typeof CASES, AcclimationMethod, AcclimationMethod]>([
  // Best, and what must come after it.
  ['fresh, local pick-up', 'float and net', 'straight'],
  ['marine, shipped low', 'match, float, net', 'float and net'],
  ['brackish conversion', 'long conversion', 'drip'],
  ['brackish conversion', 'drip', 'straight'],
])('%s: %s before %s', (name, first, later) => {
  const order = compareMethods(CASES[name]).ranked.map(({ method }) => method);
  expect(order.indexOf(first)).toBeGreaterThanOrEqual(0);
  expect(order.indexOf(first)).toBeLessThan(order.indexOf(later));
});

it('six bags, six different stories', () => {
  const stories = Object.values(CASES).map((testCase) =>
    compareMethods(testCase)
      .ranked.map(({ method, limiting }) => `${method} ${limiting.name}`)
      .join(),
  );
  expect(new Set(stories).size).toBe(6);
});

it('what the bag brought counts by how long a method leaves the fish in it: poor water a little for a quick way, carbon dioxide likewise', () => {
  const { ranked } = compareMethods({ ...marine, bag: { ...marine.bag, oxygen: 1, tan: 40, pH: 6.0 } });
  const stress = (method: AcclimationMethod, name: string) =>
    ranked.find((methodResult) => methodResult.method === method)!.stresses.find((stress) => stress.name === name)!.stress;
  for (const name of ['lowest oxygen', 'carbon dioxide']) {
    expect(stress('straight', name)).toBeLessThan(0.3);
    expect(stress('float and net', name)).toBeGreaterThan(stress('straight', name));
  }
});

it('saturated water stresses nobody, whatever gas the bag held before', () => {
  const { ranked } = compareMethods({ ...marine, lot: { ...marine.lot, n: 0 }, bag: { ...marine.bag, oxygen: 25 } });
  for (const { stresses } of ranked) expect(stresses.find(({ name }) => name === 'lowest oxygen')!.stress).toBeLessThan(0.05);
});

it('the direction of salt decides: the same step down stresses a fish far less, an invertebrate just as much', () => {
  const up = resultOf({ ...marine, bag: { ...marine.bag, salinity: 28 } }, 'float and net');
  const down = resultOf({ ...marine, bag: { ...marine.bag, salinity: 34 } }, 'float and net');
  expect(Math.abs(up.figures.salinityStep)).toBeCloseTo(Math.abs(down.figures.salinityStep), 6);
  const stress = (methodResult: typeof up) => methodResult.stresses.find(({ name }) => name === 'salinity step')!.stress;
  expect(stress(up) / stress(down)).toBeCloseTo(3, 6);
  // The release is part of their way: the whole gap within ten minutes.
  expect(stress(up)).toBeCloseTo(1.5, 6);
  expect(tolerancesOf({ tolerance: 'ordinary', invertebrate: true }).salinityStepDown).toBe(TOLERANCES.ordinary.salinityStepUp);
});

it('what hands change follows: a binder takes the ammonia away, a bigger drip brings more', () => {
  const foul = CASES['fresh overnight, soft water'];
  const with_ = (controls: Partial<typeof STARTING_CONTROLS>) => resultOf({ ...foul, controls }, 'drip').figures;
  expect(with_({ ammoniaBinder: true }).exposure).toBeLessThan(with_({}).exposure + 1e-9);
  expect(with_({ air: 'strong' }).nh3Peak).toBeGreaterThan(with_({ ammoniaBinder: true, air: 'strong' }).nh3Peak);
  expect(with_({ dripMLPerMin: 100 }).tankWaterL).toBeCloseTo(6, 6);
  expect(with_({ dripMinutes: 120 }).totalMinutes).toBeCloseTo(with_({}).totalMinutes + 60, 6);
});

it.each([
  [{ bag: { ...marine.bag, soft: true } }, 'float and net', 'soft'],
  [{ bag: { ...marine.bag, salinity: 31.2 } }, 'match, float, net', 'nothing to match'],
  [{}, 'pooled bucket', 'one bag'],
  [{}, 'long conversion', 'no conversion'],
  [{ controls: { bucketL: 0.35 } }, 'drip', 'bucket small'],
  [{ tank: { ...marine.tank, salinity: 34 }, bag: { ...marine.bag, salinity: 10 } }, 'match, float, net', 'cannot match'],
  [{ bag: { ...marine.bag, opening: { is: 'tub' as const } } }, 'float and net', 'tub'],
] as const)('%j: %s is not offered, %s', (more, method, why) => {
  expect(resultOf({ ...marine, ...more }, method).notOffered).toBe(why);
});

it.each([
  [{ bag: { ...marine.bag, waterL: 0 } }, 'bag.waterL', 'aboveZero'],
  [{ bag: { ...marine.bag, pH: 11 } }, 'bag.pH', 'pHRange'],
  [{ bag: { ...marine.bag, closedHours: -1 } }, 'bag.closedHours', 'notNegative'],
  [{ bag: { ...marine.bag, salinity: NaN } }, 'bag.salinity', 'salinityRange'],
  [{ tank: { ...marine.tank, freshPpt: 35 } }, 'tank.freshPpt', 'tankFresher'],
  [{ controls: { bucketL: 0.1 } }, 'controls.bucketL', 'bucketSmall'],
] as const)('%j is a fault of %s', (more, field, code) => {
  const wrong = () => compareMethods({ ...marine, ...more });
  expect(wrong).toThrow(BenchFault);
  try {
    wrong();
  } catch (error) {
    expect((error as BenchFault).faults).toEqual([{ field, code }]);
  }
});

it('no figure is ever not a number, every sentence says something, whatever the bag', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  const any = fc.record({
    waterL: number(0.2, 10),
    gasL: number(0, 20),
    temperature: number(15, 31),
    salinity: number(0, 38),
    alkalinity: number(0, 4),
    closedHours: number(0, 60),
    n: fc.integer({ min: 0, max: 30 }),
    lengthCm: number(1, 8),
    tankS: number(0, 38),
    tankT: number(16, 30),
    opening: fc.constantFrom({ is: 'closed' as const }, { is: 'tub' as const }, { is: 'opened' as const, hours: 0.5 }),
    air: fc.constantFrom('none' as const, 'gentle' as const, 'strong' as const),
  });
  fc.assert(
    fc.property(any, ({ n, lengthCm, tankS, tankT, air, ...bag }) => {
      const { ranked, others } = compareMethods({
        bag: { ...marine.bag, ...bag },
        tank: { ...marine.tank, salinity: tankS, temperature: tankT, freshPpt: 0 },
        lot: { ...marine.lot, n, lengthCm, bags: 3 },
        controls: { air, bucketL: 12 },
      });
      for (const { figures, limiting, samples, sentence } of [...ranked, ...others]) {
        for (const value of Object.values(figures)) expect(value === undefined || Number.isFinite(value)).toBe(true);
        expect(Number.isFinite(limiting.stress)).toBe(true);
        expect(sentence).not.toMatch(/NaN|undefined|Infinity/);
        for (const { pH, nh3, oxygen, salinity, temperature } of samples)
          for (const value of [pH, nh3, oxygen, salinity, temperature]) expect(Number.isFinite(value) && value >= 0).toBe(true);
      }
    }),
    { seed: 11, numRuns: 30 },
  );
});
