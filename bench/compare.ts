// The bench's computation: one comparison of all methods, 200 draws, a day of overflow; and a general-purpose ODE package on the same problem.
import { createRequire } from 'node:module';
import {
  compareMethods,
  rank,
  calculate,
  bandsOf,
  drawOne,
  gridOf,
  integrate,
  simulate,
  startVessel,
  tankWater,
  turnsOf,
} from '#core/bench/index.ts';
import { CASES } from '#core/bench/testCases.ts';
import { ms, quantile } from './measure.ts';

// Required, not imported: its types are sources that do not pass our compiler's settings.
type Odex = {
  Solver: new (size: number) => {
    relativeTolerance: number;
    absoluteTolerance: number;
    solve(f: (x: number, y: number[]) => number[], x: number, y: number[], end: number): { y: number[] };
  };
};
const { Solver } = createRequire(import.meta.url)('odex') as Odex;

function time(what: () => unknown, { turns, warm }: { turns: number; warm: number }): number[] {
  for (let turn = 0; turn < warm; turn += 1) what();
  return Array.from({ length: turns }, () => {
    const began = performance.now();
    what();
    return performance.now() - began;
  });
}
const say = (name: string, took: number[]) => console.log(`${name}: median ${ms(quantile(took, 0.5))}, p95 ${ms(quantile(took, 0.95))}`);

const marine = { ...CASES['marine, shipped low'], controls: {} };
const mono = CASES['brackish conversion'];
// The machine's own pace, to compare runs by.
say(
  'a million exponentials',
  time(
    () => {
      let sum = 0;
      for (let i = 0; i < 1e6; i += 1) sum += Math.exp(-i * 1e-6);
      return sum;
    },
    { turns: 15, warm: 3 },
  ),
);
say(
  'one comparison of all methods',
  time(() => compareMethods(marine), { turns: 60, warm: 80 }),
);

const grids = new Map(rank(calculate(marine).results).map((result) => [result.method, gridOf(result)]));
const doubts = [
  { of: 'bag.waterL', low: 0.18, high: 0.42 },
  { of: 'bag.salinity', low: 26.5, high: 29.5 },
] as const;
const draws = (count: number) =>
  bandsOf(
    Array.from({ length: count }, (_, index) => drawOne(marine, doubts, { index, grids })),
    grids,
  );
say(
  'the first 20 draws, with their bands',
  time(() => draws(20), { turns: 10, warm: 1 }),
);
say(
  '200 draws, with their bands',
  time(() => draws(200), { turns: 5, warm: 1 }),
);
say(
  'what would turn the order',
  time(() => turnsOf(marine, doubts, draws(20)), { turns: 3, warm: 1 }),
);

const options = { ambient: mono.tank };
const vessel = { ...startVessel(mono.bag, mono.lot, options), closed: undefined, inRoom: true, capacityL: mono.bag.waterL };
say(
  'a day of overflow',
  time(() => simulate(vessel, tankWater(mono.tank), [{ do: 'run', mLPerMin: 5, minutes: 1440 }], options), { turns: 60, warm: 60 }),
);

// The same nonlinear vessel in both: salt mixing, carbon dioxide leaving by what is free of it.
const rates = (y: ArrayLike<number>, into: { [index: number]: number }) => {
  into[0] = 0.5 * (31 - y[0]!);
  into[1] = 0.5 * (2.2 - y[1]!) - 1.5 * (y[1]! * y[1]! * 0.02 - 0.012);
  into[2] = 0.5 * -y[2]! + 0.02;
};
const start = [28, 3, 4];
const own = (relative: number) => {
  const y = Float64Array.from(start);
  integrate({ rates: (_t, now, into) => rates(now, into), y, until: 8, tolerance: { relative, absolute: relative / 100 } });
  return [...y];
};
const odex = (relative: number): number[] => {
  const solver = new Solver(3);
  solver.relativeTolerance = relative;
  solver.absoluteTolerance = relative / 100;
  const f = (_t: number, y: number[]) => {
    const into: number[] = [];
    rates(y, into);
    return into;
  };
  return solver.solve(f, 0, start, 8).y;
};
const exact = own(1e-13);
const error = (got: number[]) => Math.max(...got.map((value, index) => Math.abs(value / exact[index]! - 1)));
const [ours, theirs] = [time(() => own(1e-6), { turns: 200, warm: 300 }), time(() => odex(1e-6), { turns: 200, warm: 300 })];
say(`our integrator at 1e-6 (off by ${error(own(1e-6)).toExponential(1)})`, ours);
say(`odex at 1e-6 (off by ${error(odex(1e-6)).toExponential(1)})`, theirs);
console.log(`ratio of medians, ours to odex: ${(quantile(ours, 0.5) / quantile(theirs, 0.5)).toFixed(2)}`);
