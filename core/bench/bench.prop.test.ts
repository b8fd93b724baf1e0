// What must hold of the bench whatever the bag: more is never less, and a small change of anything changes every stress a little.
import { jest } from '@jest/globals';
import fc from 'fast-check';
import { dicWith, pHOf, ROOM_PCO2, carbonateConstants, gasMmolPerL } from '../water/index.ts';
import { closedWater, stayClosed, toxicIn } from './bag.ts';
import { calculate, type BenchInput } from './compare.ts';
import { TOLERANCES } from './figures.ts';
import { massOf, type BagInput, type LotInput } from './input.ts';
import { ratesOf } from './metabolism.ts';
import { CASES } from './testCases.ts';

// Many cases: longer than others may take.
jest.setTimeout(600_000);

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const marine = CASES['marine, shipped low'];
const anyBag = fc.record({
  waterL: number(0.1, 10),
  gasL: number(0, 20),
  temperature: number(15, 32),
  salinity: number(0, 40),
  alkalinity: number(0.05, 5),
  closedHours: number(0, 60),
});
const anyLot = fc.record({ n: fc.integer({ min: 1, max: 40 }), lengthCm: number(1, 9) });
/** Loads for which the model was made. */
const bearable = (bag: Pick<BagInput, 'waterL'>, lot: LotInput) => massOf(lot) / bag.waterL < 40;

/** Carbon of water and gas: from the pH, which the search under test does not solve for, by Henry's law and the ideal gas law. */
function carbonOf(water: ReturnType<typeof closedWater>, gasL: number): number {
  const c = carbonateConstants(water);
  const h = 10 ** -pHOf(water).total;
  const dicKg = water.dic / c.kgPerL / 1000;
  const freeKg = (dicKg * h * h) / (h * h + c.k1 * h + c.k1 * c.k2);
  const atm = freeKg / c.k0;
  return water.dic * water.volumeL + atm * gasL * gasMmolPerL(1, water.temperature);
}

it('carbon is conserved to 1e-9 in 2,000 closed bags, the one whose search went in circles among them', () => {
  const check = (more: Partial<BagInput>, school: Partial<LotInput>) => {
    const bag = { ...marine.bag, ...more };
    const lot = { ...marine.lot, ...school };
    const c = carbonateConstants(bag);
    const breathed =
      ratesOf({ n: lot.n, gramsEach: massOf(lot) / lot.n, temperature: bag.temperature, fed: bag.fed, factor: 1 }).co2 * bag.closedHours;
    const packed = dicWith({ alkalinity: bag.alkalinity, pco2: ROOM_PCO2 }, c);
    const gas = ROOM_PCO2 * 1e-6 * bag.gasL * gasMmolPerL(1, bag.temperature);
    const expected = packed * bag.waterL + gas + breathed;
    expect(Math.abs(carbonOf(closedWater(bag, lot), bag.gasL) / expected - 1)).toBeLessThan(1e-9);
  };
  check(
    { waterL: 2.0363, gasL: 4.8943, temperature: 25.5718, salinity: 11.752, alkalinity: 2.48185, closedHours: 16.3 },
    { n: 2, lengthCm: 4.8 },
  );
  fc.assert(
    fc.property(anyBag, anyLot, (bag, lot) => check(bag, lot)),
    { seed: 13, numRuns: 2000 },
  );
});

it('a bag that goes on closed keeps its carbon too, warmed or cooled', () => {
  fc.assert(
    fc.property(anyBag, number(16, 31), (more, toC) => {
      const bag = { ...marine.bag, ...more };
      const water = closedWater(bag, { ...marine.lot, n: 0 });
      const fish = { n: 0, gramsEach: 1, fed: false };
      const on = stayClosed({ water, gasL: bag.gasL, fish, factor: 1, toC, hours: 1 });
      expect(Math.abs(carbonOf(on, bag.gasL) / carbonOf(water, bag.gasL) - 1)).toBeLessThan(1e-9);
    }),
    { seed: 14, numRuns: 500 },
  );
});

it('more hours, more fish, less water: never less ammonia or carbon dioxide, never more oxygen', () => {
  fc.assert(
    fc.property(anyBag, anyLot, fc.constantFrom('hours', 'fish', 'water' as const), (more, school, worse) => {
      const bag = { ...marine.bag, ...more };
      const lot = { ...marine.lot, ...school };
      const [bagWorse, lotWorse] = [
        { ...bag, ...(worse === 'hours' ? { closedHours: bag.closedHours + 2 } : worse === 'water' ? { waterL: bag.waterL * 0.9 } : {}) },
        worse === 'fish' ? { ...lot, n: lot.n + 1 } : lot,
      ];
      const [before, after] = [closedWater(bag, lot), closedWater(bagWorse, lotWorse)];
      expect(after.tan).toBeGreaterThanOrEqual(before.tan - 1e-9);
      expect(toxicIn(after).co2).toBeGreaterThanOrEqual(toxicIn(before).co2 * (1 - 1e-7));
      // A smaller share of water holds a larger share of the gas's oxygen: it is the oxygen in all that must not grow.
      if (worse !== 'water') expect(after.oxygen).toBeLessThanOrEqual(before.oxygen + 1e-9);
      else expect(after.oxygen * bagWorse.waterL).toBeLessThanOrEqual(before.oxygen * bag.waterL + 1e-9);
    }),
    { seed: 15, numRuns: 1000 },
  );
});

it('no cliff: a hundredth of anything moves no stress by more than 0.05 and a tenth of it', () => {
  const tolerances = TOLERANCES.ordinary;
  const nudges: ((input: Required<BenchInput>) => Required<BenchInput>)[] = [
    (bench) => ({ ...bench, bag: { ...bench.bag, closedHours: bench.bag.closedHours * 1.01 } }),
    (bench) => ({ ...bench, bag: { ...bench.bag, waterL: bench.bag.waterL * 1.01 } }),
    (bench) => ({ ...bench, lot: { ...bench.lot, massA: bench.lot.massA * 1.01 } }),
    (bench) => ({ ...bench, bag: { ...bench.bag, salinity: bench.bag.salinity + 0.01 * tolerances.salinityStepUp } }),
    (bench) => ({ ...bench, tank: { ...bench.tank, salinity: bench.tank.salinity + 0.01 * tolerances.salinityStepUp } }),
    (bench) => ({ ...bench, bag: { ...bench.bag, temperature: bench.bag.temperature + 0.01 * tolerances.temperatureStep } }),
    (bench) => ({ ...bench, tank: { ...bench.tank, hardness: bench.tank.hardness! + 0.01 * tolerances.hardnessStep } }),
    (bench) => ({ ...bench, bag: { ...bench.bag, pH: bench.bag.pH! + 0.01 } }),
  ];
  const any = fc.record({
    waterL: number(0.2, 6),
    gasL: number(0.1, 12),
    temperature: number(18, 29),
    salinity: number(0, 36),
    alkalinity: number(0.3, 4),
    closedHours: number(0.3, 48),
    hardness: number(1, 20),
    pH: number(6.3, 7.9),
    tankS: number(0, 36),
    tankT: number(20, 28),
    nudge: fc.constantFrom(...nudges),
  });
  fc.assert(
    fc.property(any, anyLot, ({ tankS, tankT, nudge, ...bag }, school) => {
      const lot = { ...marine.lot, ...school, bags: 2 };
      fc.pre(bearable(bag, lot));
      const input: Required<BenchInput> = {
        bag: { ...marine.bag, ...bag },
        tank: { ...marine.tank, salinity: tankS, temperature: tankT, hardness: 8, freshPpt: 0 },
        lot,
        controls: { bucketL: 12 },
      };
      const [before, after] = [calculate(input).results, calculate(nudge(input)).results];
      before.forEach(({ method, stresses, notOffered }, index) => {
        if (notOffered || after[index]!.notOffered) return;
        stresses.forEach(({ name, stress }) => {
          const shifted = after[index]!.stresses.find((stress) => stress.name === name)!.stress;
          if (Math.abs(shifted - stress) > 0.05 + 0.1 * stress) throw new Error(`${method} ${name}: ${stress} to ${shifted}`);
        });
      });
    }),
    { seed: 16, numRuns: 150 },
  );
});
