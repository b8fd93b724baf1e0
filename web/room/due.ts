// What is due in each tank, in the few words that fit into its picture.
import type { MovesView } from '#contract/views.ts';
import { DAY_MS } from '#core/time/index.ts';

const SHOWN_AHEAD_MS = DAY_MS;

export function dueByTank(moves: MovesView | undefined, now: number, time: (ms: number) => string): Map<string, string> {
  const due = new Map<string, string>();
  for (const { tank, untilMs, untilCm, sizeCm } of moves?.stayLimits ?? []) {
    if (untilMs !== undefined && untilMs - now < SHOWN_AHEAD_MS) due.set(tank, untilMs <= now ? 'out now' : `out ${time(untilMs)}`);
    else if (untilCm !== undefined && sizeCm !== undefined && sizeCm >= untilCm) due.set(tank, 'outgrown');
  }
  for (const { from, n, done, dropped } of moves?.tasks ?? []) if (!done && !dropped && !due.has(from)) due.set(from, `${n} to catch`);
  return due;
}
