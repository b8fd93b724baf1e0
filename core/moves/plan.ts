// Families of moves: in which order they can be done, what blocks each now, and when a chased fish is left alone until tomorrow.
import { houseDay, startOfHouseDay } from '../time/index.ts';
import type { Slip, SlipFacts } from './entries.ts';

/** A round of slips that wait for each other, first and last the same; undefined when every slip can be done in some order. */
export function findRound(slips: readonly Pick<Slip, 'slip' | 'after'>[]): string[] | undefined {
  const after = new Map(slips.map(({ slip, after: list }) => [slip, list]));
  const done = new Set<string>();
  const visit = (slip: string, path: string[]): string[] | undefined => {
    const seen = path.indexOf(slip);
    if (seen >= 0) return [...path.slice(seen), slip];
    if (done.has(slip)) return undefined;
    for (const before of after.get(slip) ?? []) {
      const round = visit(before, [...path, slip]);
      if (round) return round;
    }
    done.add(slip);
    return undefined;
  };
  for (const { slip } of slips) {
    const round = visit(slip, []);
    if (round) return round;
  }
  return undefined;
}

/** Slips in an order in which they can be done: each after those that it waits for, else as they were written. No rounds. */
export function inDoingOrder<S extends Pick<Slip, 'slip' | 'after'>>(slips: readonly S[]): S[] {
  const byId = new Map(slips.map((one) => [one.slip, one]));
  const ordered = new Set<S>();
  const put = (one: S | undefined) => {
    if (!one || ordered.has(one)) return;
    one.after.forEach((before) => put(byId.get(before)));
    ordered.add(one);
  };
  slips.forEach(put);
  return [...ordered];
}

export type Block =
  { why: 'after'; slip: string } | { why: 'waits'; what: string; untilMs?: number } | { why: 'resting'; untilMs: number; tries: number };
type Standing = Pick<SlipFacts, 'slip' | 'after' | 'waitsFor' | 'tries' | 'freed'>;

/** What stands between now and a slip; empty = hands may begin. `isOpen` = whether another slip is still to be done. */
export function blocksOf(
  slip: Standing,
  isOpen: (slip: string) => boolean,
  at: { now: number; zone: string; triesBeforeRest: number },
): Block[] {
  const blocks: Block[] = slip.after.filter(isOpen).map((one) => ({ why: 'after', slip: one }));
  if (slip.waitsFor && !slip.freed) blocks.push({ why: 'waits', ...slip.waitsFor });
  const untilMs = restUntil(slip.tries, at);
  if (untilMs !== undefined) blocks.push({ why: 'resting', untilMs, tries: dipsToday(slip.tries, at) });
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
