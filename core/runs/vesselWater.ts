// The water of a vessel as it is believed at an instant: measured just now, else by its course with the band that its readings leave.
import { exactly, type Change, type Within } from '../bench/index.ts';
import { MINUTE_MS } from '../time/index.ts';
import { trajectoryOf } from './trajectory.ts';
import { mustBeFollowed, type RunFacts } from './facts.ts';
import { estimateOf } from './estimate.ts';
import { expectAt } from './follow.ts';

/** A reading this young is the water's own, ms. */
const FRESH_MS = 30 * MINUTE_MS;

/** Of a vessel whose actions no computation can follow nothing is known: any water. */
const ANY: Change = {
  salinity: { value: 30, low: 0, high: 60, open: true },
  temperature: { value: 21, low: 2, high: 40, open: true },
  alkalinity: 2,
};

/** The vessel's water: what was read within the last half hour, else its course, else any water. About 10 ms. */
export function vesselWater(facts: RunFacts, atMs: number): Change {
  const past = { ...facts, readings: facts.readings.filter((reading) => reading.atMs <= atMs) };
  const calculated = calculatedWater(past, atMs);
  const within = (quantity: 'salinity' | 'temperature'): Within => {
    const read = past.readings.findLast(
      (reading) => reading.quantity === quantity && reading.method !== 'on the bag' && atMs - reading.atMs <= FRESH_MS,
    );
    return read ? exactly(read.value) : calculated[quantity];
  };
  return { ...calculated, salinity: within('salinity'), temperature: within('temperature') };
}

/** As its course says it, with the band that its readings leave; any water where no course can be followed. */
function calculatedWater(past: RunFacts, atMs: number): Change {
  try {
    mustBeFollowed(past, atMs);
    const estimate = estimateOf(past);
    const expect = expectAt(past, atMs, { estimate });
    const within = (quantity: 'salinity' | 'temperature'): Within => {
      const { at, low, high } = expect(quantity);
      return { value: at, low, high, open: true };
    };
    const { now } = trajectoryOf(past, { now: atMs, parameters: estimate.parameters, pastOnly: true });
    return { salinity: within('salinity'), temperature: within('temperature'), alkalinity: now.alkalinity };
  } catch (error) {
    if (error instanceof RangeError) return ANY;
    throw error;
  }
}
