// Meters err. A check in what is known tells by how much; between two checks the error is taken to have grown evenly, and readings are
// set right by it. The reading itself stays in the journal as it was shown.
import { HOUR_MS } from '../time/index.ts';
import type { Quantity } from '../water/index.ts';
import type { TimedReading } from './facts.ts';

export type Check = {
  entry: string;
  atMs: number;
  instrument: string;
  quantity: Quantity;
  shown: number;
  truth: number;
  adjusted: boolean;
};
/** `error` = shown less true. */
export type Corrected = TimedReading & { shown: number; error: number };

/** What each kind of meter is checked in. Names are what stands on a bench, SI. */
export const REFERENCES_OF: Partial<Record<Quantity, { truth: number; in: string }>> = {
  salinity: { truth: 35, in: '35 ppt reference water' },
  pH: { truth: 7, in: 'buffer of pH 7.00' },
  temperature: { truth: 25, in: 'a bath at 25.0 °C by the house thermometer' },
};
/** Out by more than this it is set right before it is believed. */
export const METER_OUT_FROM: Partial<Record<Quantity, number>> = { salinity: 0.5, pH: 0.15, temperature: 0.5 };

export const isOut = ({ quantity, shown, truth }: Pick<Check, 'quantity' | 'shown' | 'truth'>): boolean =>
  Math.abs(shown - truth) > (METER_OUT_FROM[quantity] ?? Infinity);

/** What a meter makes of the truth: shown = gain × true + offset. */
type Makes = { gain: number; offset: number };
const TRUE: Makes = { gain: 1, offset: 0 };
/** Checks this near in time, at points this far apart, are one check at two points. */
const SAME_CHECK_MS = HOUR_MS;
const TWO_POINTS_PPT = 5;
/** Below this a check is one of the zero. */
const ZERO_PPT = 0.5;

/**
 * Readings set right by what their meter was out. A salinity comes of a conductivity: one check tells a slope (a check near zero an offset), two at different
 * points tell both. Temperature and pH are out by so much everywhere. Right after a check that set it right the meter is true, after one that did not it is
 * what was seen; from there to the next check it goes in a straight line; beyond the last check it stays. A meter never checked is believed. No value comes
 * out below zero.
 */
export function corrected(readings: readonly TimedReading[], checks: readonly Check[]): Corrected[] {
  return readings.map((reading) => {
    const value = trueValue(reading, checks);
    return { ...reading, shown: reading.value, value, error: reading.value - value };
  });
}

/** What a meter's value was in truth, as its checks tell. */
export function trueValue(reading: Pick<TimedReading, 'instrument' | 'quantity' | 'atMs' | 'value'>, checks: readonly Check[]): number {
  const { gain, offset } = makesAt(reading, checks);
  return gain === 1 && offset === 0 ? reading.value : Math.max(0, (reading.value - offset) / gain);
}

function makesAt({ instrument, quantity, atMs }: Pick<TimedReading, 'instrument' | 'quantity' | 'atMs'>, checks: readonly Check[]): Makes {
  if (instrument === undefined) return TRUE;
  const own = checks.filter((check) => check.instrument === instrument && check.quantity === quantity).sort((a, b) => a.atMs - b.atMs);
  const before = own.findLast((check) => check.atMs <= atMs);
  const after = own.find((check) => check.atMs > atMs);
  const left = before === undefined || before.adjusted ? TRUE : madeAt(before, own);
  if (!after) return left;
  const found = madeAt(after, own);
  // Before its first check nobody knows since when it drifted: what was found then is taken for all of it.
  if (!before) return own.some((check) => Math.abs(check.atMs - after.atMs) <= SAME_CHECK_MS && isOut(check)) ? found : TRUE;
  const share = (atMs - before.atMs) / (after.atMs - before.atMs);
  return { gain: left.gain + (found.gain - left.gain) * share, offset: left.offset + (found.offset - left.offset) * share };
}

/** What a check tells of its meter, with another point of the same check where there is one. */
function madeAt(check: Check, all: readonly Check[]): Makes {
  const { shown, truth, quantity } = check;
  if (quantity !== 'salinity') return { gain: 1, offset: shown - truth };
  const otherCheck = all.find(
    (earlier) => Math.abs(earlier.atMs - check.atMs) <= SAME_CHECK_MS && Math.abs(earlier.truth - truth) >= TWO_POINTS_PPT,
  );
  if (otherCheck) {
    const gain = (shown - otherCheck.shown) / (truth - otherCheck.truth);
    // Points that show the same, or the wrong way round, tell nothing of a slope.
    if (gain > 0.2 && gain < 5) return { gain, offset: shown - gain * truth };
  }
  return truth < ZERO_PPT || shown <= 0 ? { gain: 1, offset: shown - truth } : { gain: shown / truth, offset: 0 };
}
