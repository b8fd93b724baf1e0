// What comes back every so many days: due so many days after it was done last, at the first light of a house day.
import { houseDay } from './zone.ts';

export type EveryStand = { is: 'done' | 'later' | 'due' | 'overdue'; dueDay: number };

/** A quarter of its interval later it is overdue; what is daily, a day later. */
const SLACK = 0.25;
export const graceDays = (everyDays: number): number => Math.floor(everyDays * SLACK);

/** `sinceMs` = since when it is asked: until it was done once it is due since then. */
export function standEvery(
  { everyDays, sinceMs, lastMs }: { everyDays: number; sinceMs: number; lastMs?: number },
  { now, zone }: { now: number; zone: string },
): EveryStand {
  const today = houseDay(now, zone);
  const dueDay = lastMs === undefined ? houseDay(sinceMs, zone) : houseDay(lastMs, zone) + everyDays;
  if (dueDay > today) return { is: lastMs !== undefined && houseDay(lastMs, zone) === today ? 'done' : 'later', dueDay };
  return { is: today > dueDay + graceDays(everyDays) ? 'overdue' : 'due', dueDay };
}
