// A run as it is followed: its course by the factors that its readings tell, with bands from what is still in doubt of them.
import type { Sample } from '../bench/index.ts';
import { courseOf, type Course, type Differs } from './course.ts';
import { MINUTE_MS } from '../time/index.ts';
import type { RunFacts } from './facts.ts';
import { DIFFERS, FIT_COARSE, FIT_TOLERANCE, FITTED, fitOf, NINE_IN_TEN, STEP, valueOf, type Fit, type Fitted } from './fit.ts';
import { asDiffers, thetaOf } from './unknowns.ts';

/** A forecast holds for so long, or until something more is written: whoever asks within it is told the same minute. */
const FORECAST_EVERY_MS = 5 * MINUTE_MS;
/** An end lies between two samples, which may be further apart than those of a curve. */
const END_COARSE = 4;

export type CurveBand = Record<Fitted | 'nh3', { low: number; high: number }[]>;
export type Followed = Course & {
  fit: Fit;
  /** Nine in ten at each sample. */
  band: CurveBand;
  /** Nine in ten of the end, minutes since it began; `late` undefined = perhaps not within a day of the plan. */
  endBand?: { early: number; late?: number };
};

/** What follows from each factor moved a little, in their order. */
function movedOf<T>(fit: Fit, of: (differs: Differs) => T): T[] {
  const theta = thetaOf(fit.differs);
  return DIFFERS.map((_, column) => of(asDiffers(theta.map((one, index) => (index === column ? one + STEP : one)))));
}

/** Deviation of something by how it answers to each factor and by what is still in doubt of them. */
const spreadBy =
  ({ covariance }: Fit) =>
  (slopes: readonly number[]): number => {
    const sum = slopes.reduce(
      (all, one, row) => all + slopes.reduce((inner, other, column) => inner + one * covariance[row]![column]! * other, 0),
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
  { fit, by = DIFFERS }: { fit: Fit; by?: readonly (typeof DIFFERS)[number][] },
): (quantity: Fitted) => { at: number; low: number; high: number } {
  const past = { now: atMs, tolerance: FIT_TOLERANCE, coarse: FIT_COARSE, pastOnly: true };
  const { now } = courseOf(facts, { ...past, differs: fit.differs });
  const moved = movedOf(fit, (differs) => courseOf(facts, { ...past, differs }).now);
  const spread = spreadBy(fit);
  return (quantity) => {
    const at = valueOf(now, quantity);
    const half =
      NINE_IN_TEN * spread(moved.map((other, index) => (by.includes(DIFFERS[index]!) ? (valueOf(other, quantity) - at) / STEP : 0)));
    return { at, low: Math.max(0, at - half), high: at + half };
  };
}

/** The course as it is now believed, with bands from what is still in doubt. */
export function follow(facts: RunFacts, now: number, fit: Fit = fitOf(facts)): Followed {
  const course = courseOf(facts, { now, differs: fit.differs });
  const moved = movedOf(fit, (differs) => courseOf(facts, { now, differs, tolerance: FIT_TOLERANCE }));
  const spread = spreadBy(fit);
  const beside = course.samples.map(({ minute }) => moved.map((other) => sampleAt(other.samples, minute)));
  const bandOf = (of: (sample: Sample) => number) =>
    course.samples.map((sample, index) => {
      const middle = of(sample);
      const half = NINE_IN_TEN * spread(beside[index]!.map((other) => (of(other) - middle) / STEP));
      return { low: Math.max(0, middle - half), high: middle + half };
    });
  const band = {
    ...Object.fromEntries(FITTED.map((quantity) => [quantity, bandOf((sample) => valueOf(sample, quantity))])),
    nh3: bandOf((sample) => sample.nh3),
  } as CurveBand;
  return { ...course, ...forecastOf(facts, now, fit), fit, band };
}

/** From when it is forecast: the same for everybody within five minutes, and never before what was written last. */
function forecastFrom({ startedAtMs, deeds, readings, tankSince, fewer }: RunFacts, now: number): number {
  const written = [deeds, readings, tankSince, fewer].flatMap((list: readonly { atMs: number }[]) => list.map(({ atMs }) => atMs));
  const latest = Math.max(startedAtMs, ...written.filter((atMs) => atMs <= now));
  return Math.max(latest, Math.floor(now / FORECAST_EVERY_MS) * FORECAST_EVERY_MS);
}

/** Its end with the band, the one forecast that board, page, due things and pager have: a fifth of the work of following it. */
export function forecastOf(facts: RunFacts, now: number, fit: Fit): Pick<Followed, 'end' | 'endBand'> {
  const by = { now: forecastFrom(facts, now), tolerance: FIT_TOLERANCE, coarse: END_COARSE };
  const course = courseOf(facts, { ...by, differs: fit.differs });
  const moved = movedOf(fit, (differs) => courseOf(facts, { ...by, differs }));
  return { end: course.end, endBand: endBandOf(course, moved, spreadBy(fit)) };
}

function endBandOf({ end, now }: Course, moved: readonly Course[], spread: (slopes: readonly number[]) => number): Followed['endBand'] {
  if (!end) return undefined;
  const ends = moved.map((other) => other.end?.atMinute);
  if (ends.some((one) => one === undefined)) return { early: Math.max(now.minute, end.atMinute * 0.8) };
  const half = NINE_IN_TEN * spread(ends.map((one) => (one! - end.atMinute) / STEP));
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
  const [one, next] = [samples[low]!, samples[high]!];
  const span = next.minute - one.minute;
  const share = span > 0 ? Math.min(1, Math.max(0, (minute - one.minute) / span)) : 1;
  const mix = (key: 'temperature' | 'salinity' | 'pH' | 'tan' | 'oxygen' | 'nh3') => one[key] + (next[key] - one[key]) * share;
  return {
    ...one,
    minute,
    temperature: mix('temperature'),
    salinity: mix('salinity'),
    pH: mix('pH'),
    tan: mix('tan'),
    oxygen: mix('oxygen'),
    nh3: mix('nh3'),
  };
}
