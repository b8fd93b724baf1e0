// The water of a vessel as it is believed at an instant: measured just now, else by its course with the band that its readings leave.
import { exactly, type Change, type Within } from '../bench/release.ts';
import type { RunFacts, TimedReading } from './facts.ts';
import { courseOf } from './course.ts';
import { fitOf } from './fit.ts';
import { expectAt } from './follow.ts';

/** A reading this young is the water's own, ms. */
const FRESH_MS = 30 * 60_000;

/** What changes at a release; what was not read for half an hour counts by its band. About 10 ms. */
export function vesselWater(facts: RunFacts, atMs: number): Change {
  const past = { ...facts, readings: facts.readings.filter((reading) => reading.atMs <= atMs) };
  const fit = fitOf(past);
  const expect = expectAt(past, atMs, fit);
  const read = (quantity: TimedReading['quantity']) =>
    past.readings.findLast(
      (reading) => reading.quantity === quantity && reading.method !== 'on the bag' && atMs - reading.atMs <= FRESH_MS,
    );
  const within = (quantity: 'salinity' | 'temperature'): Within => {
    const reading = read(quantity);
    if (reading) return exactly(reading.value);
    const { at, low, high } = expect(quantity);
    return { value: at, low, high, open: true };
  };
  const { now } = courseOf(past, { now: atMs, differs: fit.differs, pastOnly: true });
  return { salinity: within('salinity'), temperature: within('temperature'), alkalinity: now.alkalinity };
}
