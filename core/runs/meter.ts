// Meters err. A check in what is known tells by how much; between two checks the error is taken to have grown evenly, and readings are
// set right by it. The reading itself stays in the journal as it was shown.
import type { Quantity } from '../water/units.ts';
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
export const BEARS: Partial<Record<Quantity, number>> = { salinity: 0.5, pH: 0.15, temperature: 0.5 };

export const isOut = ({ quantity, shown, truth }: Pick<Check, 'quantity' | 'shown' | 'truth'>): boolean =>
  Math.abs(shown - truth) > (BEARS[quantity] ?? Infinity);

/**
 * Readings less what their meter was out by. Right after a check that set it right the error is nothing, after one that did not it is what was seen;
 * from there to the next check it goes in a straight line; beyond the last check it stays. A meter never checked is believed.
 */
export function corrected(readings: readonly TimedReading[], checks: readonly Check[]): Corrected[] {
  return readings.map((reading) => {
    const error = errorAt(reading, checks);
    return { ...reading, shown: reading.value, value: reading.value - error, error };
  });
}

/** Shown less true of a meter at an instant, as its checks tell. @see corrected */
export function errorAt(
  { instrument, quantity, atMs }: Pick<TimedReading, 'instrument' | 'quantity' | 'atMs'>,
  checks: readonly Check[],
): number {
  if (instrument === undefined) return 0;
  const of = checks
    .filter((check) => check.instrument === instrument && check.quantity === quantity)
    .sort((one, other) => one.atMs - other.atMs);
  const before = of.findLast((check) => check.atMs <= atMs);
  const after = of.find((check) => check.atMs > atMs);
  const leftAt = before === undefined || before.adjusted ? 0 : before.shown - before.truth;
  if (!after) return leftAt;
  const foundAt = after.shown - after.truth;
  // Before its first check nobody knows since when it drifted: what was found then is taken for all of it.
  if (!before) return isOut(after) ? foundAt : 0;
  return leftAt + ((foundAt - leftAt) * (atMs - before.atMs)) / (after.atMs - before.atMs);
}
