import fc from 'fast-check';
import { STARTING_AMBIENT } from './ambient.ts';
import { closedBag, closedWater, stayClosed, toxicIn } from './bag.ts';
import { massOf } from './input.ts';
import { ratesOf } from './metabolism.ts';
import { startVessel } from './simulate.ts';
import { CASES } from './testCases.ts';

const overnight = CASES['fresh overnight, soft water'];
const marine = CASES['marine, shipped low'];

it('breathing: the book at 1 g and 25 °C, by mass, warmth and food', () => {
  const small = { n: 1, gramsEach: 1, temperature: 25, fed: false, factor: 1 };
  const at25 = ratesOf(small);
  expect(at25).toEqual({ oxygen: 0.35, ammonia: 0.35 * 0.0525, co2: (0.35 * 0.9) / 31.998, alkalinity: (0.35 * 0.0525) / 14.007 });
  expect(ratesOf({ ...small, temperature: 35 }).oxygen / at25.oxygen).toBeCloseTo(1.9, 9);
  expect(ratesOf({ ...small, gramsEach: 10 }).oxygen / at25.oxygen).toBeCloseTo(10 ** 0.8, 9);
  expect(ratesOf({ ...small, fed: true }).ammonia).toBe(2 * at25.ammonia);
  expect(massOf({ n: 2, lengthCm: 4, massA: 0.015, massB: 3 })).toBeCloseTo(1.92, 9);
});

it('a usual overnight load shows what testers find: TAN 3–6 mg/L, pH 6.5–7', () => {
  const { water, pH } = closedBag({ ...overnight.bag, fed: false, alkalinity: 1, waterL: 0.33 }, overnight.lot, 30);
  expect(water.tan).toBeGreaterThan(3);
  expect(water.tan).toBeLessThan(6.5);
  expect(pH).toBeGreaterThan(6.4);
  expect(pH).toBeLessThan(7);
});

it('nothing is lost: oxygen gone, carbon come and ammonia come are what the fish breathed', () => {
  const { bag, lot } = marine;
  const rates = ratesOf({ n: lot.n, gramsEach: massOf(lot) / lot.n, temperature: bag.temperature, fed: bag.fed, factor: 1 });
  const noGas = { ...bag, gasL: 0 };
  const [start, end] = [closedWater({ ...noGas, closedHours: 0 }, lot), closedWater({ ...noGas, closedHours: 0.2 }, lot)];
  expect((end.tan - start.tan) * bag.waterL).toBeCloseTo(rates.ammonia * 0.2, 9);
  expect((end.dic - start.dic) * bag.waterL).toBeCloseTo(rates.co2 * 0.2, 6);
  expect((end.alkalinity - start.alkalinity) * bag.waterL).toBeCloseTo(rates.alkalinity * 0.2, 9);
  expect((start.oxygen - end.oxygen) * bag.waterL).toBeCloseTo(rates.oxygen * 0.2, 9);
});

it('going on closed in small spans is the same as going on at once', () => {
  const { bag, lot } = marine;
  const fish = { n: lot.n, gramsEach: massOf(lot) / lot.n, fed: bag.fed };
  let water = closedWater({ ...bag, closedHours: 10 }, lot);
  for (let span = 0; span < 12; span += 1) water = stayClosed({ water, gasL: bag.gasL, fish, factor: 1, toC: bag.temperature, hours: 0.5 });
  const once = closedWater({ ...bag, closedHours: 16 }, lot);
  for (const key of ['dic', 'tan', 'oxygen', 'alkalinity'] as const) expect(water[key]).toBeCloseTo(once[key], 5);
});

it('what is measured replaces what was calculated', () => {
  const { bag, lot } = marine;
  const { water, pH } = closedBag({ ...bag, pH: 6.9, tan: 4.2, oxygen: 11 }, lot);
  expect(pH).toBeCloseTo(6.9, 6);
  expect([water.tan, water.oxygen]).toEqual([4.2, 11]);
});

it('says what gives out first from now on, with its band, or that nothing does', () => {
  const fresh = { ...marine.bag, closedHours: 2 };
  const small = closedBag({ ...fresh, waterL: 0.3, gasL: 0.1 }, marine.lot);
  expect(small.first).toMatchObject({ limit: 'carbon dioxide' });
  const [soonest, latest] = small.band.firstHours;
  expect(soonest!).toBeLessThan(small.first!.hours);
  expect(latest!).toBeGreaterThan(small.first!.hours);
  expect(closedBag({ ...fresh, waterL: 20, gasL: 40 }, marine.lot).first).toBeUndefined();
  const little = { ...fresh, gasL: 0.03 };
  const [air, oxygen] = [closedBag({ ...little, gas: 'air' }, marine.lot), closedBag(little, marine.lot)];
  expect(air.first!.limit).toBe('oxygen');
  expect(air.first!.hours).toBeLessThan(oxygen.first?.hours ?? 72);
});

it('what was measured says how long it lasts: pH 6.2 in sea water is over the limit of carbon dioxide now', () => {
  const roomy = { ...marine.bag, waterL: 6, gasL: 12 };
  expect(closedBag(roomy, marine.lot).first).toBeUndefined();
  const sour = closedBag({ ...roomy, pH: 6.2 }, marine.lot);
  expect(sour.co2).toBeGreaterThan(60);
  expect(sour.first).toEqual({ limit: 'carbon dioxide', hours: 0 });
  expect(closedBag({ ...roomy, oxygen: 1.5 }, marine.lot).first).toEqual({ limit: 'oxygen', hours: 0 });
});

it('a closed bag that cools in the room gives out by its temperature', () => {
  const lot = { ...marine.lot, temperatureC: { min: 22, max: 28 } };
  const roomy = { ...marine.bag, waterL: 6, gasL: 12, temperature: 25 };
  const cold = closedBag(roomy, lot, 5, { roomC: 12 });
  expect(cold.first!.limit).toBe('temperature');
  // Newton's law of cooling by hand: 25 towards 12 with tau = 6 h·(6/10)^(1/3) is 22 after tau·ln(13/10).
  expect(cold.first!.hours).toBeCloseTo(6 * Math.cbrt(0.6) * Math.log(13 / 10), 2);
  expect(closedBag(roomy, lot, 5, { roomC: 24 }).first).toBeUndefined();
});

it('foul water is outside the calculation: at least three times the estimate, inside its band, and nothing is said of how long', () => {
  const [clear, foul] = [closedBag(marine.bag, marine.lot), closedBag({ ...marine.bag, foul: true }, marine.lot)];
  expect(foul.water.tan).toBeCloseTo(3 * clear.water.tan, 9);
  expect(foul.band.tan[0]).toBeLessThan(foul.water.tan);
  expect(foul.band.tan[1]).toBeGreaterThan(foul.water.tan);
  expect([foul.outside, foul.first]).toEqual([true, undefined]);
  const tested = closedBag({ ...marine.bag, foul: true, tan: 2 }, marine.lot);
  expect([tested.water.tan, tested.outside, ...tested.band.tan]).toEqual([2, false, 2, 2]);
});

it('a pH typed for a bag opened hours ago is of now, and raises no oxygen', () => {
  const opened = { ...marine.bag, opening: { is: 'opened' as const, hours: 3 } };
  const ambient = { ...STARTING_AMBIENT };
  const [plain, read] = [startVessel(opened, marine.lot, { ambient }), startVessel({ ...opened, pH: 7.4 }, marine.lot, { ambient })];
  expect(read.water.oxygen).toBeCloseTo(plain.water.oxygen, 9);
  expect(toxicIn(read.water).pH).toBeCloseTo(7.4, 6);
});

it('a pH too high for so little alkalinity tells of more alkalinity, and is kept', () => {
  const soft = closedBag({ ...overnight.bag, alkalinity: 0.01, pH: 8.2 }, { ...overnight.lot, n: 0 });
  expect(soft.pH).toBeCloseTo(8.2, 6);
});

it('a bag without fish changes nothing; longer is never better; nothing is ever not a number', () => {
  const none = { ...marine.lot, n: 0 };
  const still = closedBag(marine.bag, none, 72);
  expect(still.water.tan).toBe(0.2);
  expect(still.first).toBeUndefined();
  fc.assert(
    fc.property(
      fc.record({
        waterL: fc.double({ min: 0.1, max: 20, noNaN: true }),
        gasL: fc.double({ min: 0, max: 40, noNaN: true }),
        alkalinity: fc.double({ min: 0, max: 5, noNaN: true }),
        salinity: fc.double({ min: 0, max: 40, noNaN: true }),
        temperature: fc.double({ min: 15, max: 32, noNaN: true }),
        hours: fc.double({ min: 0, max: 60, noNaN: true }),
      }),
      ({ hours, ...more }) => {
        const bag = { ...marine.bag, ...more };
        const [now, later] = [closedBag(bag, marine.lot, hours), closedBag(bag, marine.lot, hours + 2)];
        expect(later.water.oxygen).toBeLessThanOrEqual(now.water.oxygen);
        expect(later.co2).toBeGreaterThan(now.co2);
        expect(later.water.tan).toBeGreaterThan(now.water.tan);
        for (const value of [now.pH, now.nh3, ...Object.values({ ...now.water, hardness: 0 })]) expect(Number.isFinite(value)).toBe(true);
      },
    ),
    { seed: 7, numRuns: 60 },
  );
});

it('toxic ammonia stays low while the bag is closed: the carbon dioxide shields it', () => {
  const { bag, lot } = overnight;
  const closed = closedBag(bag, lot);
  const open = toxicIn({ ...closed.water, dic: closed.water.alkalinity });
  expect(open.nh3).toBeGreaterThan(10 * closed.nh3);
});

it.each([() => closedBag({ ...marine.bag, waterL: 0 }, marine.lot), () => closedBag(marine.bag, marine.lot, -1)])(
  'refuses what cannot be (%#)',
  (wrong) => expect(wrong).toThrow(RangeError),
);
