// How far a hold has come, in house days: a day of a clock change counts as one.
import { houseDay } from '../time/index.ts';
import type { HoldFacts } from './entries.ts';

/**
 * Day of a hold at `now`, counted from 0 on the house day it was opened; `over` once its days have passed.
 * Throws a RangeError on a zone that is none (core/time).
 * @example a hold of 14 days opened on 1 March is at day 13 on 14 March, and over on 15 March
 */
export function holdDay(
  { openedAtMs, days }: Pick<HoldFacts, 'openedAtMs' | 'days'>,
  now: number,
  zone: string,
): { day: number; over: boolean } {
  const day = houseDay(now, zone) - houseDay(openedAtMs, zone);
  return { day, over: day >= days };
}
