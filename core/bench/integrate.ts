// One integrator for everything that changes in an open vessel: Dormand & Prince (1980), orders 5 and 4, adaptive steps.

export type Rates = (t: number, y: Float64Array, into: Float64Array) => void;
export type Tolerance = { relative: number; absolute: number };
export const TOLERANCE: Tolerance = { relative: 1e-6, absolute: 1e-8 };
const MOST_STEPS = 20_000;

/** The stages' weights, row after row. */
const A = Float64Array.of(
  1 / 5,
  ...[3 / 40, 9 / 40],
  ...[44 / 45, -56 / 15, 32 / 9],
  ...[19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729],
  ...[9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656],
  ...[35 / 384, 0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84],
);
const C = [1 / 5, 3 / 10, 4 / 5, 8 / 9, 1, 1] as const;
/** Fifth minus fourth order. */
const E = [71 / 57600, 0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40] as const;

/**
 * Integrates y from t = 0 to `until` in place; calls `at` with each of `times` (rising, within the span), the state there by
 * cubic interpolation inside an accepted step. Error of each step within relative · |y| + absolute. Throws when it would need
 * more than 20,000 steps or a rate is not a number. Cost: six calls of `rates` a step.
 */
export function integrate(problem: {
  rates: Rates;
  y: Float64Array;
  until: number;
  times?: readonly number[];
  at?: (t: number, y: Float64Array, index: number) => void;
  tolerance?: Tolerance;
}): void {
  const { rates, y, until, times = [], at, tolerance = TOLERANCE } = problem;
  const size = y.length;
  const k = Array.from({ length: 7 }, () => new Float64Array(size));
  const trial = new Float64Array(size);
  const between = new Float64Array(size);
  let t = 0;
  let asked = 0;
  while (asked < times.length && times[asked]! <= 0) at?.(0, y, asked++);
  if (until <= 0) return;
  rates(0, y, k[0]!);
  let step = Math.min(until, firstStep(y, k[0]!, until));
  for (let turn = 0; t < until; turn += 1) {
    if (turn > MOST_STEPS) throw new Error(`the integration stuck at ${t} h`);
    step = Math.min(step, until - t);
    for (let stage = 0, row = 0; stage < 6; stage += 1) {
      trial.set(y);
      for (let j = 0; j <= stage; j += 1) {
        const weight = step * A[row + j]!;
        const slope = k[j]!;
        for (let i = 0; i < size; i += 1) trial[i] = trial[i]! + weight * slope[i]!;
      }
      row += stage + 1;
      rates(t + C[stage]! * step, trial, k[stage + 1]!);
    }
    // The last stage was taken at the fifth-order answer itself.
    let worst = 0;
    for (let i = 0; i < size; i += 1) {
      let error = 0;
      for (let j = 0; j < 7; j += 1) error += E[j]! * k[j]![i]!;
      const scale = tolerance.absolute + tolerance.relative * Math.max(Math.abs(y[i]!), Math.abs(trial[i]!));
      worst = Math.max(worst, Math.abs(step * error) / scale);
    }
    if (Number.isNaN(worst)) throw new Error('a rate of change is not a number');
    if (worst <= 1) {
      const end = t + step >= until - 1e-12 ? until : t + step;
      while (asked < times.length && times[asked]! <= end) {
        interpolate({ from: y, to: trial, slopeFrom: k[0]!, slopeTo: k[6]!, step, share: (times[asked]! - t) / step }, between);
        at?.(times[asked]!, between, asked);
        asked += 1;
      }
      t = end;
      y.set(trial);
      k[0]!.set(k[6]!);
    }
    step *= Math.min(5, Math.max(0.2, 0.9 * Math.max(worst, 1e-10) ** -0.2));
  }
}

function firstStep(y: Float64Array, rate: Float64Array, until: number): number {
  let least = until;
  for (let i = 0; i < y.length; i += 1) {
    const speed = Math.abs(rate[i]!);
    if (speed > 0) least = Math.min(least, (0.01 * (Math.abs(y[i]!) + 1e-3)) / speed);
  }
  return Math.max(least, until * 1e-6);
}

type Span = { from: Float64Array; to: Float64Array; slopeFrom: Float64Array; slopeTo: Float64Array; step: number; share: number };

/** Cubic Hermite. */
function interpolate({ from, to, slopeFrom, slopeTo, step, share: s }: Span, into: Float64Array): void {
  const a = (1 + 2 * s) * (1 - s) * (1 - s);
  const b = s * (1 - s) * (1 - s) * step;
  const c = s * s * (3 - 2 * s);
  const d = s * s * (s - 1) * step;
  for (let i = 0; i < into.length; i += 1) into[i] = a * from[i]! + b * slopeFrom[i]! + c * to[i]! + d * slopeTo[i]!;
}
