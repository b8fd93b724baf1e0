// When a chore is due at a place: so many days after it was done last, at the first light of a house day.
import { DAY_MS, houseDay } from '../time/index.ts';

export type Done = { atMs: number; by: string };
/** `waits` = a treatment is in that water. */
export type ChoreStand = { is: 'done' | 'later' | 'due' | 'overdue' | 'waits'; dueDay: number };

/** A day or a quarter of its interval later it is overdue. */
const SLACK = 0.25;

/** `plannedMs` = since when it is planned: until it was done once it is due since then. */
export function choreStand(
  { everyDays, plannedMs, lastMs, treated = false }: { everyDays: number; plannedMs: number; lastMs?: number; treated?: boolean },
  { now, zone }: { now: number; zone: string },
): ChoreStand {
  const today = houseDay(now, zone);
  const dueDay = lastMs === undefined ? houseDay(plannedMs, zone) : houseDay(lastMs, zone) + everyDays;
  if (dueDay > today) return { is: lastMs !== undefined && houseDay(lastMs, zone) === today ? 'done' : 'later', dueDay };
  if (treated) return { is: 'waits', dueDay };
  return { is: today > dueDay + graceDays(everyDays) ? 'overdue' : 'due', dueDay };
}

export const graceDays = (everyDays: number): number => Math.floor(everyDays * SLACK);

/** Done twice within so long it may be two people who do not know of each other. */
export const twiceWithinMs = (everyDays: number): number => Math.min(everyDays / 2, 2) * DAY_MS;
