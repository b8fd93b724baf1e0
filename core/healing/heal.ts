// Where a healing stands: the last measure, whether it may return, whether it gets worse, when it is measured next.
import { DAY_MS } from '../time/index.ts';
import type { HealingBegun } from './entries.ts';

export type Measure = { atMs: number; value: number };
export type HealingNow = { last?: Measure; met: boolean; worse: boolean; nextMs: number };

/** Two hands measure a wound by so much apart. */
const WORSE_SHARE = 0.1;

/** `measures` in the order of their instants. */
export function healingNow(
  { by, until, everyDays }: Pick<HealingBegun, 'by' | 'until' | 'everyDays'>,
  begunMs: number,
  measures: readonly Measure[],
): HealingNow {
  const [last, before] = [measures.at(-1), measures.at(-2)];
  if (!last) return { met: false, worse: false, nextMs: begunMs };
  const met = by === 'mm' ? last.value <= until : last.value >= until;
  const back = before === undefined ? 0 : by === 'mm' ? last.value - before.value : before.value - last.value;
  const worse = before !== undefined && back > Math.max(WORSE_SHARE * before.value, 1e-9);
  return { last, met, worse, nextMs: last.atMs + everyDays * DAY_MS };
}
