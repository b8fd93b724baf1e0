// Following reality: how this vessel differs from the book, as its readings tell. Maximum a posteriori by damped Gauss–Newton (Levenberg
// 1944, Marquardt 1963; slopes kept up to date as Broyden 1965 did) on logarithms of the factors; the band is the Laplace approximation. Readings far off count less (Huber 1964).
import type { Tolerance, Sample } from '../bench/index.ts';
import type { ReadingMethod, Quantity } from '../water/index.ts';
import type { RunFacts, TimedReading } from './facts.ts';
import { invert, solve } from './linear.ts';
import { trajectoryOf, type VesselParameters } from './trajectory.ts';
import { asParameters, PARAMETERS, fromTheta, NINE_IN_TEN, priorOf, UNKNOWNS, type Unknown } from './unknowns.ts';

export { asParameters, PARAMETERS, NINE_IN_TEN, priorOf } from './unknowns.ts';

/** A quantity that the course tells and a meter reads. */
export const FOLLOWED_QUANTITIES = ['temperature', 'salinity', 'pH', 'ammonia', 'oxygen'] as const satisfies readonly Quantity[];
export type FollowedQuantity = (typeof FOLLOWED_QUANTITIES)[number];
const OF: Record<FollowedQuantity, (sample: Sample) => number> = {
  temperature: (sample) => sample.temperature,
  salinity: (sample) => sample.salinity,
  pH: (sample) => sample.pH,
  ammonia: (sample) => sample.tan,
  oxygen: (sample) => sample.oxygen,
};
export const isFollowedQuantity = (quantity: Quantity): quantity is FollowedQuantity =>
  (FOLLOWED_QUANTITIES as readonly Quantity[]).includes(quantity);
export const valueOf = (sample: Sample, quantity: FollowedQuantity): number => OF[quantity](sample);

/** Deviation of one reading, SI: a judgement of what a bench meter, a strip and a wet hand make of it. */
export function spreadOf({ quantity, value, method }: { quantity: FollowedQuantity; value: number; method: ReadingMethod }): number {
  switch (quantity) {
    case 'temperature':
      return method === 'on the bag' ? 1.2 : 0.2;
    case 'salinity':
      return method === 'by eye' ? 2 : 0.25 + 0.01 * value;
    case 'pH':
      return method === 'test' ? 0.25 : 0.08;
    case 'ammonia':
      return 0.15 + 0.2 * value;
    case 'oxygen':
      return 0.4;
  }
}

export type ParameterEstimate = {
  parameters: VesselParameters;
  /** Nine in ten, of each factor and offset. */
  band: Record<Unknown, { low: number; high: number }>;
  /** How much smaller the doubt became by reading: 1 = not at all, 0 = known. */
  left: Record<Unknown, number>;
  /** Of theta, in the order of {@link UNKNOWNS}. */
  covariance: number[][];
};

/** Slopes are taken over so much of a factor’s logarithm. */
export const STEP = 0.02;
/** Slopes are calculated anew so often, and brought up to date between. */
const ROUNDS = 2;
const TURNS = 5;
/** Slopes hold while no factor has moved by more than this share. */
const SLOPES_HOLD = 0.3;
/** A change of a factor by less than this share of it moves no end and no line. */
const NEAR_ENOUGH = 0.01;
const HUBER = 2;
/** Nobody's vessel is further from the book than this. */
const FARTHEST = Math.log(6);
export const FIT_TOLERANCE: Tolerance = { relative: 1e-4, absolute: 1e-6 };
/** Only the instants of readings matter. */
export const FIT_COARSE = 1000;

type Seen = { reading: TimedReading & { quantity: FollowedQuantity }; index: number };
export const seenOf = (readings: readonly TimedReading[]): Seen[] =>
  readings.flatMap((reading, index) =>
    isFollowedQuantity(reading.quantity) ? [{ reading: { ...reading, quantity: reading.quantity }, index }] : [],
  );

/**
 * The factors that this vessel's readings make likeliest, with their band. Without readings it is the book. Never throws for readings that can
 * be; about 10 ms for a day's conversion read ten times.
 */
export function estimateOf(facts: RunFacts): ParameterEstimate {
  const prior = priorOf(facts);
  const seen = seenOf(facts.readings);
  const weights = UNKNOWNS.map((name) => prior[name] ** -2);
  const diagonal = weights.map((weight, row) => weights.map((_, column) => (row === column ? weight : 0)));
  if (seen.length === 0)
    return told(
      UNKNOWNS.map(() => 0),
      invert(diagonal),
      prior,
    );
  const now = Math.max(...facts.readings.map(({ atMs }) => atMs));
  const samplesAt = (theta: readonly number[]): Sample[] =>
    trajectoryOf(facts, { now, parameters: asParameters(theta), tolerance: FIT_TOLERANCE, coarse: FIT_COARSE, pastOnly: true }).atReadings;
  const against = (samples: readonly Sample[], theta: readonly number[]): number[] =>
    seen.map(
      ({ reading, index }) => (shownBy(theta, reading, valueOf(samples[index]!, reading.quantity)) - reading.value) / spreadOf(reading),
    );
  const residualsAt = (theta: readonly number[]): number[] => against(samplesAt(theta), theta);
  const costOf = (theta: readonly number[], residuals: readonly number[]): number =>
    residuals.reduce((sum, residual) => sum + huber(residual), 0) +
    theta.reduce((sum, residual, index) => sum + weights[index]! * residual * residual, 0);

  let theta = UNKNOWNS.map(() => 0);
  let residuals = residualsAt(theta);
  let cost = costOf(theta, residuals);
  let damping = 1e-3;
  let hessian = diagonal;
  let slopesAt = theta;
  for (let round = 0; round < ROUNDS; round += 1) {
    // Not far from where they were taken, slopes brought up to date serve as well as new ones.
    if (round > 0 && Math.max(...theta.map((value, index) => Math.abs(value - slopesAt[index]!))) < SLOPES_HOLD) break;
    slopesAt = theta;
    const here = samplesAt(theta);
    let slopes = UNKNOWNS.map((_, column) => {
      const stepped = theta.map((value, index) => (index === column ? value + STEP : value));
      // What a meter makes of it moves no vessel: the course need not be calculated for it.
      const moved = column < PARAMETERS.length ? residualsAt(stepped) : against(here, stepped);
      return moved.map((value, index) => (value - residuals[index]!) / STEP);
    });
    for (let turn = 0; turn < TURNS; turn += 1) {
      const counts = residuals.map((residual) => Math.min(1, HUBER / Math.max(1e-9, Math.abs(residual))));
      const dot = (a: readonly number[], b: readonly number[]) =>
        a.reduce((sum, value, index) => sum + counts[index]! * value * b[index]!, 0);
      hessian = slopes.map((slope, row) =>
        slopes.map((otherSlope, column) => dot(slope, otherSlope) + (row === column ? weights[row]! : 0)),
      );
      const gradient = slopes.map((slope, row) => dot(slope, residuals) + weights[row]! * theta[row]!);
      const damped = hessian.map((row, index) => row.map((value, column) => (index === column ? value * (1 + damping) : value)));
      const step = solve(damped, gradient).map((value) => -value);
      const next = theta.map((value, index) => Math.max(-FARTHEST, Math.min(FARTHEST, value + step[index]!)));
      const nextResiduals = residualsAt(next);
      const nextCost = costOf(next, nextResiduals);
      slopes = broyden(slopes, {
        moved: next.map((value, index) => value - theta[index]!),
        change: nextResiduals.map((residual, index) => residual - residuals[index]!),
      });
      if (nextCost > cost) {
        damping *= 10;
        continue;
      }
      [theta, residuals, cost] = [next, nextResiduals, nextCost];
      damping = Math.max(1e-6, damping / 5);
      if (Math.max(...step.map(Math.abs)) < NEAR_ENOUGH) break;
    }
  }
  // Readings further off than meters and all unknowns explain say that something else is amiss: then less is known than the slopes say.
  const misfit = residuals.reduce((sum, value) => sum + huber(value), 0) / residuals.length;
  const doubt = Math.max(1, misfit);
  return told(
    theta,
    invert(hessian).map((row) => row.map((value) => value * doubt)),
    prior,
  );
}

const GAIN = UNKNOWNS.indexOf('ppt gain');
const PPT = UNKNOWNS.indexOf('ppt offset');
const PH = UNKNOWNS.indexOf('pH offset');
/** What a meter shows of a true value. */
function shownBy(
  theta: readonly number[],
  { quantity, method }: { quantity: FollowedQuantity; method: ReadingMethod },
  value: number,
): number {
  if (method !== 'meter') return value;
  if (quantity === 'salinity') return value * fromTheta('ppt gain', theta[GAIN]!) + fromTheta('ppt offset', theta[PPT]!);
  return quantity === 'pH' ? value + fromTheta('pH offset', theta[PH]!) : value;
}

/** Slopes brought up to date by what a step showed (Broyden 1965), for the price of none. `slopes[unknown][reading]`. */
function broyden(slopes: readonly number[][], { moved, change }: { moved: readonly number[]; change: readonly number[] }): number[][] {
  const length = moved.reduce((sum, value) => sum + value * value, 0);
  if (length < 1e-12) return [...slopes];
  const missed = change.map((value, reading) => value - slopes.reduce((sum, slope, unknown) => sum + slope[reading]! * moved[unknown]!, 0));
  return slopes.map((slope, unknown) => slope.map((value, reading) => value + (missed[reading]! * moved[unknown]!) / length));
}

function huber(residual: number): number {
  const size = Math.abs(residual);
  return size <= HUBER ? size * size : 2 * HUBER * size - HUBER * HUBER;
}

function told(theta: readonly number[], covariance: number[][], prior: Record<Unknown, number>): ParameterEstimate {
  const deviation = (index: number) => Math.sqrt(covariance[index]![index]!);
  const each = <T>(build: (name: Unknown, index: number) => T) =>
    Object.fromEntries(UNKNOWNS.map((name, index) => [name, build(name, index)])) as Record<Unknown, T>;
  return {
    parameters: asParameters(theta),
    band: each((name, index) => ({
      low: fromTheta(name, theta[index]! - NINE_IN_TEN * deviation(index)),
      high: fromTheta(name, theta[index]! + NINE_IN_TEN * deviation(index)),
    })),
    left: each((name, index) => deviation(index) / prior[name]),
    covariance,
  };
}
