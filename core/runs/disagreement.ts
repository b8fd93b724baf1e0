// When what was read and what was calculated have parted: how far, and what that may mean. Said before the vessel is followed there, since a
// slipped hose and a meter out of true look the same in one number.
import { estimateOf, isFollowedQuantity, NINE_IN_TEN, spreadOf, type FollowedQuantity } from './estimate.ts';
import type { RunFacts, TimedReading } from './facts.ts';
import { expectAt } from './follow.ts';

/** Further apart than so many deviations of reading and calculating together is no accident. */
const DISAGREES = 2.5;

/** How vessels differ in the ordinary way. A room, a tank, a bag or a meter that is not as assumed is what somebody should look at, so it explains nothing away. */
const OF_THE_VESSEL = ['tau', 'flow', 'exchange', 'tan', 'dic'] as const;

export type Meaning =
  | 'drip slower'
  | 'drip faster'
  | 'meter out'
  | 'source not the tank'
  | 'bag not as assumed'
  | 'breathes more'
  | 'air stopped'
  | 'air stronger'
  | 'room colder'
  | 'room warmer'
  | 'skin not water'
  | 'fed or foul'
  | 'test upset'
  | 'less than calculated';
export type Disagreement = {
  reading: TimedReading;
  quantity: FollowedQuantity;
  calculated: number;
  low: number;
  high: number;
  deviations: number;
  mayMean: Meaning[];
};

/**
 * The latest reading of each quantity against what the readings before it let expect. Empty while they agree. `binder` upsets a test of ammonia.
 */
export function disagreementsOf(facts: RunFacts, { ammoniaBinder = false } = {}): Disagreement[] {
  const latest = new Map<FollowedQuantity, TimedReading>();
  for (const reading of [...facts.readings].sort((a, b) => a.atMs - b.atMs))
    if (isFollowedQuantity(reading.quantity)) latest.set(reading.quantity, reading);
  // Quantities read at the same time are expected from the same readings before them.
  const expected = new Map<number, ReturnType<typeof expectAt>>();
  const expectFor = (atMs: number) => {
    const known = expected.get(atMs);
    if (known) return known;
    const before = { ...facts, readings: facts.readings.filter((reading) => reading.atMs < atMs) };
    const fresh = expectAt(before, atMs, { estimate: estimateOf(before), by: OF_THE_VESSEL });
    expected.set(atMs, fresh);
    return fresh;
  };
  return [...latest].flatMap(([quantity, reading]): Disagreement[] => {
    const { at, low, high } = expectFor(reading.atMs)(quantity);
    const deviation = Math.hypot((high - low) / (2 * NINE_IN_TEN), spreadOf({ ...reading, quantity }));
    const deviations = (reading.value - at) / deviation;
    if (Math.abs(deviations) < DISAGREES) return [];
    // Nothing of it was read before: the start may have been another, and is refitted like the rest.
    const first = !facts.readings.some((earlier) => earlier.quantity === quantity && earlier.atMs < reading.atMs);
    const mayMean = meanings({ quantity, facts, reading, at, ammoniaBinder });
    if (first && reading.method !== 'on the bag' && quantity !== 'oxygen') mayMean.unshift('bag not as assumed');
    return [{ reading, quantity, calculated: at, low, high, deviations, mayMean }];
  });
}

type Case = { quantity: FollowedQuantity; facts: RunFacts; reading: TimedReading; at: number; ammoniaBinder: boolean };
function meanings({ quantity, facts, reading, at, ammoniaBinder }: Case): Meaning[] {
  const higher = reading.value > at;
  switch (quantity) {
    case 'salinity': {
      const rising = facts.started.water.salinity > at;
      return [rising === higher ? 'drip faster' : 'drip slower', 'meter out', 'source not the tank'];
    }
    case 'temperature':
      return reading.method === 'on the bag'
        ? ['skin not water', higher ? 'room warmer' : 'room colder']
        : [higher ? 'room warmer' : 'room colder', 'meter out'];
    case 'pH':
      return higher ? ['air stronger', 'meter out'] : ['breathes more', 'air stopped', 'meter out'];
    case 'ammonia':
      return higher
        ? ['fed or foul', 'breathes more', ...(ammoniaBinder ? (['test upset'] as const) : [])]
        : ['less than calculated', 'test upset'];
    case 'oxygen':
      return higher ? ['air stronger', 'meter out'] : ['air stopped', 'breathes more'];
  }
}
