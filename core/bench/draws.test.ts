import { advise } from './advice.ts';
import { rank, calculate, type BenchInput } from './compare.ts';
import { bandsOf, drawn, drawOne, gridOf, type Doubt } from './draws.ts';
import { turnsOf } from './settle.ts';
import { CASES } from './testCases.ts';

const marine = { ...CASES['marine, shipped low'], controls: {} };
const doubts: Doubt[] = [
  { of: 'bag.waterL', low: 0.18, high: 0.42 },
  { of: 'bag.salinity', low: 27, high: 30 },
];

function draws(input: Required<BenchInput>, count: number, doubted = doubts) {
  const grids = new Map(rank(calculate(input).results).map((result) => [result.method, gridOf(result)]));
  return bandsOf(
    Array.from({ length: count }, (_, index) => drawOne(input, doubted, { index, grids })),
    grids,
  );
}

it('draw number i is the same whatever came before, and nine in ten lie in their band', () => {
  expect(drawn(marine, doubts, 17)).toEqual(drawn(marine, doubts, 17));
  const litres = Array.from({ length: 2000 }, (_, index) => drawn(marine, doubts, index).input.bag.waterL);
  const inside = litres.filter((litre) => litre >= 0.18 && litre <= 0.42).length / litres.length;
  expect(inside).toBeGreaterThan(0.885);
  expect(inside).toBeLessThan(0.915);
  expect(Math.min(...litres)).toBeGreaterThan(0);
});

it('bands hold the point values between them, shares add up to all', () => {
  const bands = draws(marine, 60);
  expect(bands.best.reduce((sum, { share }) => sum + share, 0)).toBeLessThanOrEqual(1 + 1e-9);
  for (const { share, equal } of bands.best) expect(equal).toBeGreaterThanOrEqual(share);
  for (const { method, limiting, figures } of rank(calculate(marine).results)) {
    const { stress, curves, minutes } = bands.methods.get(method)!;
    expect(limiting.stress).toBeGreaterThanOrEqual(stress[0] * 0.98);
    expect(limiting.stress).toBeLessThanOrEqual(stress[1] * 1.02);
    expect(minutes.at(-1)).toBeCloseTo(figures.totalMinutes, 9);
    curves.nh3.low.forEach((low, index) => expect(low).toBeLessThanOrEqual(curves.nh3.high[index]!));
  }
  expect(bands.start.tan[0]).toBeLessThan(bands.start.tan[1]);
});

it('with nothing in doubt but chance the order is nearly sure where it is clear', () => {
  const conversion = { ...CASES['brackish conversion'], controls: { ammoniaBinder: true } };
  const two = ['long conversion', 'overnight conversion'];
  const share = draws(conversion, 40, []).best.reduce((sum, result) => (two.includes(result.method) ? sum + result.share : sum), 0);
  expect(share).toBeGreaterThan(0.9);
});

it('names the measurement that would turn the order, and the value holds', () => {
  const input = { ...marine, tank: { ...marine.tank, salinity: 29.2 } };
  const best = (bench: Required<BenchInput>) => {
    const advice = advise(rank(calculate(bench).results));
    return advice.is === 'advised' ? advice.method : undefined;
  };
  const turns = turnsOf(input, [{ of: 'bag.salinity', low: 25, high: 31 }]);
  expect(turns.length).toBeGreaterThan(0);
  for (const { at, side, then, now } of turns) {
    const beyond = side === 'above' ? 0.05 : -0.05;
    expect(best({ ...input, bag: { ...input.bag, salinity: at + beyond } })).toBe(then);
    expect(best({ ...input, bag: { ...input.bag, salinity: now } })).not.toBe(then);
  }
});
