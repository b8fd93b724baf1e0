// Families of moves: in which order they can be done, what blocks each now, and when a chased fish is left alone until tomorrow.
import { houseDay, startOfHouseDay } from '../time/index.ts';
import type { TransferTask, TransferTaskFacts } from './entries.ts';

/** A round of slips that wait for each other, first and last the same; undefined when every slip can be done in some order. */
export function findRound(tasks: readonly Pick<TransferTask, 'task' | 'after'>[]): string[] | undefined {
  const after = new Map(tasks.map(({ task, after: list }) => [task, list]));
  const done = new Set<string>();
  const visit = (task: string, path: string[]): string[] | undefined => {
    const seen = path.indexOf(task);
    if (seen >= 0) return [...path.slice(seen), task];
    if (done.has(task)) return undefined;
    for (const before of after.get(task) ?? []) {
      const round = visit(before, [...path, task]);
      if (round) return round;
    }
    done.add(task);
    return undefined;
  };
  for (const { task } of tasks) {
    const round = visit(task, []);
    if (round) return round;
  }
  return undefined;
}

/** Tasks in an order in which they can be done: each after those that it waits for, else as they were written. No rounds. */
export function inDoingOrder<S extends Pick<TransferTask, 'task' | 'after'>>(tasks: readonly S[]): S[] {
  const byId = new Map(tasks.map((task) => [task.task, task]));
  const ordered = new Set<S>();
  const put = (step: S | undefined) => {
    if (!step || ordered.has(step)) return;
    step.after.forEach((before) => put(byId.get(before)));
    ordered.add(step);
  };
  tasks.forEach(put);
  return [...ordered];
}

export type Block =
  { why: 'after'; task: string } | { why: 'waits'; what: string; untilMs?: number } | { why: 'resting'; untilMs: number; tries: number };
type Standing = Pick<TransferTaskFacts, 'task' | 'after' | 'waitsFor' | 'tries' | 'unblocked'>;

/** What stands between now and a slip; empty = hands may begin. `isOpen` = whether another slip is still to be done. */
export function blocksOf(
  task: Standing,
  isOpen: (task: string) => boolean,
  given: { now: number; zone: string; triesBeforeRest: number },
): Block[] {
  const blocks: Block[] = task.after.filter(isOpen).map((task) => ({ why: 'after', task }));
  if (task.waitsFor && !task.unblocked) blocks.push({ why: 'waits', ...task.waitsFor });
  const untilMs = restUntil(task.tries, given);
  if (untilMs !== undefined) blocks.push({ why: 'resting', untilMs, tries: dipsToday(task.tries, given) });
  return blocks;
}

/** Each dip scares them more: after so many in one house day they are left alone until the next begins. */
export function restUntil(
  tries: readonly number[],
  { now, zone, triesBeforeRest }: { now: number; zone: string; triesBeforeRest: number },
): number | undefined {
  return dipsToday(tries, { now, zone }) >= triesBeforeRest ? startOfHouseDay(houseDay(now, zone) + 1, zone) : undefined;
}

const dipsToday = (tries: readonly number[], { now, zone }: { now: number; zone: string }): number =>
  tries.filter((atMs) => atMs <= now && houseDay(atMs, zone) === houseDay(now, zone)).length;

export type NetAdvice = { widthCm: number; meshMm: number; cup: boolean };

/**
 * A net for fish of this length: its frame four body lengths wide (10 to 30 cm), its mesh a tenth of the body (0.5 to 4 mm): finer
 * drags and chases, coarser wounds the small. Out of a round bucket, and for what must stay wet, a cup. Rules of thumb of the trade.
 * @example netFor({ sizeCm: 5 }).widthCm === 20
 */
export function netFor({ sizeCm, round = false }: { sizeCm: number; round?: boolean }): NetAdvice {
  const widthCm = Math.min(30, Math.max(10, Math.round((sizeCm * 4) / 5) * 5));
  const meshMm = Math.min(4, Math.max(0.5, Math.round(sizeCm * 2) / 2));
  return { widthCm, meshMm, cup: round };
}
