// When a chore is due at a place: so many days after it was done last; not while a treatment is in the water that it would take out.
import { DAY_MS, standEvery, type EveryStand } from '../time/index.ts';

export type Done = { atMs: number; by: string };
/** `waits` = a treatment is in that water. */
export type ChoreStand = { is: EveryStand['is'] | 'waits'; dueDay: number };

/** `plannedMs` = since when it is planned. */
export function choreStand(
  { everyDays, plannedMs, lastMs, treated = false }: { everyDays: number; plannedMs: number; lastMs?: number; treated?: boolean },
  at: { now: number; zone: string },
): ChoreStand {
  const stand = standEvery({ everyDays, sinceMs: plannedMs, lastMs }, at);
  return treated && (stand.is === 'due' || stand.is === 'overdue') ? { ...stand, is: 'waits' } : stand;
}

/** Done twice within so long it may be two people who do not know of each other. */
export const twiceWithinMs = (everyDays: number): number => Math.min(everyDays / 2, 2) * DAY_MS;
