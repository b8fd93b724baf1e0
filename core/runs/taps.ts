// A drip measured by tapping along with its drops. Fingers miss and double; what does not fit the rest is left out.
import { MINUTE_MS } from '../time/index.ts';
import { DROPS_BAND, DROPS_PER_ML, flowFromDrops } from '../water/index.ts';

/** So many drops tell a rate; fewer do not. */
export const DROPS_WANTED = 10;
/** An interval further from the middle than so many deviations (by the median, Rousseeuw & Croux 1993: 1.4826 · MAD) is a slip. */
const SLIP = 3.5;
/** Even a steady hand is so uneven, share of the interval. */
const LEAST_SPREAD = 0.05;
/** A measure and a watch are read to a twentieth. */
const CAUGHT_BAND = 0.05;
/** Nine in ten within. */
const NINE_IN_TEN = 1.645;

export type Taps = {
  mLPerMin: number;
  /** Nine in ten: the hand's unevenness and the drop's own size. */
  low: number;
  high: number;
  dropsPerMin: number;
  /** Intervals used, and left out as slips. */
  used: number;
  slips: number;
  /** So many drops more make it worth writing down. */
  wanting: number;
};

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
};

/**
 * The flow from instants of taps (ms, rising), `perML` drops in a millilitre; `perMLBand` = its doubt as a share (0.3 for an airline that nobody
 * caught, 0.05 once it was). Undefined with fewer than three taps. Slips (a drop missed, a tap doubled) are left out.
 */
export function flowFromTaps(tapsMs: readonly number[], { perML = DROPS_PER_ML, perMLBand = DROPS_BAND } = {}): Taps | undefined {
  const intervals = tapsMs
    .slice(1)
    .map((atMs, index) => atMs - tapsMs[index]!)
    .filter((gap) => gap > 0);
  if (intervals.length < 2) return undefined;
  const middle = median(intervals);
  const spread = Math.max(LEAST_SPREAD * middle, 1.4826 * median(intervals.map((interval) => Math.abs(interval - middle))));
  const kept = intervals.filter((interval) => Math.abs(interval - middle) <= SLIP * spread);
  const mean = kept.reduce((sum, gap) => sum + gap, 0) / kept.length;
  const variance = kept.reduce((sum, gap) => sum + (gap - mean) ** 2, 0) / Math.max(1, kept.length - 1);
  const uneven = (NINE_IN_TEN * Math.sqrt(variance / kept.length)) / mean;
  const share = Math.hypot(uneven, perMLBand);
  const { mLPerMin } = flowFromDrops({ drops: 1, seconds: mean / 1000, perML });
  return {
    mLPerMin,
    low: mLPerMin * Math.max(0, 1 - share),
    high: mLPerMin * (1 + share),
    dropsPerMin: MINUTE_MS / mean,
    used: kept.length,
    slips: intervals.length - kept.length,
    wanting: Math.max(0, DROPS_WANTED - 1 - kept.length),
  };
}

/** Caught in a measure: mL in seconds, good to a twentieth. Throws a RangeError on what is not above 0. @example flowFromCatch({ mL: 30, seconds: 60 }).mLPerMin === 30 */
export function flowFromCatch({ mL, seconds }: { mL: number; seconds: number }): { mLPerMin: number; low: number; high: number } {
  if (!(mL > 0 && seconds > 0 && Number.isFinite(mL / seconds))) throw new RangeError('catch more than nothing in more than no time');
  const mLPerMin = (mL * 60) / seconds;
  return { mLPerMin, low: mLPerMin * (1 - CAUGHT_BAND), high: mLPerMin * (1 + CAUGHT_BAND) };
}

/** A rate tapped and one caught so soon after each other were of the same drip, ms. */
const SAME_DRIP_MS = 10 * MINUTE_MS;

/**
 * Drops in a millilitre of this airline: learnt when a rate was tapped and then caught (or the other way round) within ten minutes; until then the
 * book's, ± 30 %.
 */
export function airlineOf(actions: readonly { atMs: number; did: { do: string; mLPerMin?: number; from?: string } }[]): {
  perML: number;
  perMLBand: number;
} {
  let known = { perML: DROPS_PER_ML, perMLBand: DROPS_BAND };
  const flows = actions.filter(({ did }) => did.do === 'flow' && (did.mLPerMin ?? 0) > 0);
  flows.forEach((flow, index) => {
    const otherFlow = flows[index - 1];
    if (!otherFlow || flow.atMs - otherFlow.atMs > SAME_DRIP_MS) return;
    const [tapped, caught] = flow.did.from === 'caught' ? [otherFlow, flow] : [flow, otherFlow];
    if (tapped.did.from !== 'taps' || caught.did.from !== 'caught') return;
    known = { perML: (known.perML * tapped.did.mLPerMin!) / caught.did.mLPerMin!, perMLBand: CAUGHT_BAND };
  });
  return known;
}

export type Turn = { turn: 'looser' | 'tighter' | 'as it is'; toMLPerMin: number; factor: number };
/** Within this share of what is wanted nobody touches a knot. */
const NEAR = 0.1;

/** Which way to turn the knot and how far: `factor` = times the present rate. */
export function turnTo(isMLPerMin: number, wantedMLPerMin: number): Turn {
  const factor = isMLPerMin > 0 ? wantedMLPerMin / isMLPerMin : Infinity;
  const turn = Math.abs(factor - 1) <= NEAR ? 'as it is' : factor > 1 ? 'looser' : 'tighter';
  return { turn, toMLPerMin: wantedMLPerMin, factor };
}
