// A run as it is followed: its course by the factors that its readings tell, with bands from what is still in doubt of them.
import type { Sample } from '../bench/index.ts';
import { MINUTE_MS } from '../time/index.ts';
import {
  PARAMETERS,
  FIT_COARSE,
  FIT_TOLERANCE,
  FOLLOWED_QUANTITIES,
  estimateOf,
  NINE_IN_TEN,
  STEP,
  valueOf,
  type ParameterEstimate,
  type FollowedQuantity,
} from './estimate.ts';
import type { RunFacts } from './facts.ts';
import { trajectoryOf, type Trajectory, type VesselParameters } from './trajectory.ts';
import { asParameters, thetaOf } from './unknowns.ts';

/** A forecast holds for so long, or until something more is written: whoever asks within it is told the same minute. */
const FORECAST_EVERY_MS = 5 * MINUTE_MS;
/** An end lies between two samples, which may be further apart than those of a curve. */
const END_COARSE = 4;

export type CurveBand = Record<FollowedQuantity | 'nh3', { low: number; high: number }[]>;
export type Followed = Trajectory & {
  estimate: ParameterEstimate;
  /** Nine in ten at each sample. */
  band: CurveBand;
  /** Nine in ten of the end, minutes since it began; `late` undefined = perhaps not within a day of the plan. */
  endBand?: { early: number; late?: number };
};

/** What follows from each factor moved a little, in their order. */
function movedOf<T>(estimate: ParameterEstimate, pick: (parameters: VesselParameters) => T): T[] {
  const theta = thetaOf(estimate.parameters);
  return PARAMETERS.map((_, column) => pick(asParameters(theta.map((value, index) => (index === column ? value + STEP : value)))));
}

/** Deviation of something by how it answers to each factor and by what is still in doubt of them. */
const spreadBy =
  ({ covariance }: ParameterEstimate) =>
  (slopes: readonly number[]): number => {
    const sum = slopes.reduce(
      (all, value, row) => all + slopes.reduce((inner, otherValue, column) => inner + value * covariance[row]![column]! * otherValue, 0),
      0,
    );
    return Math.sqrt(Math.max(0, sum));
  };

/**
 * What a reading at `atMs` is to be expected to show, nine in ten, by a fit that does not know it. `by` = what it may differ in: all of it for what is believed,
 * less where a difference is to be asked about.
 */
export function expectAt(
  facts: RunFacts,
  atMs: number,
  { estimate, by = PARAMETERS }: { estimate: ParameterEstimate; by?: readonly (typeof PARAMETERS)[number][] },
): (quantity: FollowedQuantity) => { at: number; low: number; high: number } {
  const past = { now: atMs, tolerance: FIT_TOLERANCE, coarse: FIT_COARSE, pastOnly: true };
  const { now } = trajectoryOf(facts, { ...past, parameters: estimate.parameters });
  const moved = movedOf(estimate, (parameters) => trajectoryOf(facts, { ...past, parameters }).now);
  const spread = spreadBy(estimate);
  return (quantity) => {
    const middle = valueOf(now, quantity);
    const half =
      NINE_IN_TEN *
      spread(moved.map((otherSample, index) => (by.includes(PARAMETERS[index]!) ? (valueOf(otherSample, quantity) - middle) / STEP : 0)));
    return { at: middle, low: Math.max(0, middle - half), high: middle + half };
  };
}

/** The course as it is now believed, with bands from what is still in doubt. */
export function follow(facts: RunFacts, now: number, estimate: ParameterEstimate = estimateOf(facts)): Followed {
  const trajectory = trajectoryOf(facts, { now, parameters: estimate.parameters });
  const moved = movedOf(estimate, (parameters) => trajectoryOf(facts, { now, parameters, tolerance: FIT_TOLERANCE }));
  const spread = spreadBy(estimate);
  const beside = trajectory.samples.map(({ minute }) => moved.map((otherTrajectory) => sampleAt(otherTrajectory.samples, minute)));
  const bandOf = (valueAt: (sample: Sample) => number) =>
    trajectory.samples.map((sample, index) => {
      const middle = valueAt(sample);
      const half = NINE_IN_TEN * spread(beside[index]!.map((otherSample) => (valueAt(otherSample) - middle) / STEP));
      return { low: Math.max(0, middle - half), high: middle + half };
    });
  const band = {
    ...Object.fromEntries(FOLLOWED_QUANTITIES.map((quantity) => [quantity, bandOf((sample) => valueOf(sample, quantity))])),
    nh3: bandOf((sample) => sample.nh3),
  } as CurveBand;
  return { ...trajectory, ...forecastOf(facts, now, estimate), estimate, band };
}

/** From when it is forecast: the same for everybody within five minutes, and never before what was written last. */
function forecastFrom({ startedAtMs, actions, readings, tankSince, fewer }: RunFacts, now: number): number {
  const written = [actions, readings, tankSince, fewer].flatMap((list: readonly { atMs: number }[]) => list.map(({ atMs }) => atMs));
  const latest = Math.max(startedAtMs, ...written.filter((atMs) => atMs <= now));
  return Math.max(latest, Math.floor(now / FORECAST_EVERY_MS) * FORECAST_EVERY_MS);
}

/** Its end with the band, the one forecast that board, page, due things and pager have: a fifth of the work of following it. */
export function forecastOf(facts: RunFacts, now: number, estimate: ParameterEstimate): Pick<Followed, 'end' | 'endBand'> {
  const by = { now: forecastFrom(facts, now), tolerance: FIT_TOLERANCE, coarse: END_COARSE };
  const trajectory = trajectoryOf(facts, { ...by, parameters: estimate.parameters });
  const moved = movedOf(estimate, (parameters) => trajectoryOf(facts, { ...by, parameters }));
  return { end: trajectory.end, endBand: endBandOf(trajectory, moved, spreadBy(estimate)) };
}

function endBandOf(
  { end, now }: Trajectory,
  moved: readonly Trajectory[],
  spread: (slopes: readonly number[]) => number,
): Followed['endBand'] {
  if (!end) return undefined;
  const ends = moved.map((otherTrajectory) => otherTrajectory.end?.atMinute);
  if (ends.some((end) => end === undefined)) return { early: Math.max(now.minute, end.atMinute * 0.8) };
  const half = NINE_IN_TEN * spread(ends.map((otherEnd) => (otherEnd! - end.atMinute) / STEP));
  return { early: Math.max(now.minute, end.atMinute - half), late: end.atMinute + half };
}

/** The samples read between two: straight lines. */
export function sampleAt(samples: readonly Sample[], minute: number): Sample {
  let [low, high] = [0, samples.length - 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (samples[middle]!.minute <= minute) low = middle;
    else high = middle;
  }
  const [sample, next] = [samples[low]!, samples[high]!];
  const span = next.minute - sample.minute;
  const share = span > 0 ? Math.min(1, Math.max(0, (minute - sample.minute) / span)) : 1;
  const mix = (key: 'temperature' | 'salinity' | 'pH' | 'tan' | 'oxygen' | 'nh3') => sample[key] + (next[key] - sample[key]) * share;
  return {
    ...sample,
    minute,
    temperature: mix('temperature'),
    salinity: mix('salinity'),
    pH: mix('pH'),
    tan: mix('tan'),
    oxygen: mix('oxygen'),
    nh3: mix('nh3'),
  };
}
