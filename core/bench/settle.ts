// Which measurement would settle the choice, and at which value the order turns. Every estimate is moved across its band, the others held.
import { advise } from './advice.ts';
import { rank, calculate, type BenchInput } from './compare.ts';
import { valueOf, withValue, type Bands, type Doubt, type DoubtOf } from './draws.ts';
import type { AcclimationMethod } from './methods.ts';

export type SettleBy = DoubtOf;
/** Measured at or beyond `at`, `then` is advised, or none when left out; `side` = beyond which way. */
export type Turn = {
  of: SettleBy;
  now: number;
  at: number;
  side: 'above' | 'below';
  then?: AcclimationMethod;
  /** How far off, as a share of the half band; the least likely last. */ off: number;
};

/** Undefined = cannot be computed there. */
type Best = AcclimationMethod | 'none' | undefined;

const POINTS = 4;
const HALVINGS = 6;
const TOLERANCE = { relative: 1e-4, absolute: 1e-6 };

/**
 * Turns within nine-in-ten bands, the likeliest first. `bands` gives what a pH or ammonia test would show; without it only the doubts are
 * asked. About 60 comparisons.
 */
export function turnsOf(input: Required<BenchInput>, doubts: readonly Doubt[], bands?: Bands): Turn[] {
  const bestOf = (bench: Required<BenchInput>): Best => {
    try {
      const advice = advise(rank(calculate(bench, { coarse: 4, tolerance: TOLERANCE }).results));
      return advice.is === 'advised' ? advice.method : 'none';
    } catch (error) {
      if (error instanceof RangeError) return undefined;
      throw error;
    }
  };
  const usual = bestOf(input);
  const asked: { of: SettleBy; now: number; low: number; high: number }[] = doubts.flatMap(({ of, low, high }) => {
    const now = valueOf(input, of);
    return now === undefined ? [] : [{ of, now, low, high }];
  });
  if (bands) {
    const { start } = calculate(input, { coarse: 4, tolerance: TOLERANCE });
    if (input.bag.pH === undefined) asked.push({ of: 'bag.pH', now: start.pH, low: bands.start.pH[0], high: bands.start.pH[1] });
    if (input.bag.tan === undefined) asked.push({ of: 'bag.tan', now: start.tan, low: bands.start.tan[0], high: bands.start.tan[1] });
  }
  const turns: Turn[] = [];
  for (const { of, now, low, high } of asked) {
    for (const [end, side] of [
      [low, 'below'],
      [high, 'above'],
    ] as const) {
      const turn = firstTurn((value) => bestOf(withValue(input, of, value)), { now, end, usual });
      if (turn)
        turns.push({
          of,
          now,
          side,
          at: turn.at,
          then: turn.then === 'none' ? undefined : turn.then,
          off: Math.abs(turn.at - now) / Math.abs(end - now),
        });
    }
  }
  return turns.sort((a, b) => a.off - b.off);
}

function firstTurn(best: (value: number) => Best, { now, end, usual }: { now: number; end: number; usual: Best }) {
  if (Math.abs(end - now) < 1e-9) return undefined;
  let before = now;
  for (let point = 1; point <= POINTS; point += 1) {
    const value = now + ((end - now) * point) / POINTS;
    let then = best(value);
    if (then === undefined || then === usual) {
      before = value;
      continue;
    }
    let [same, flips] = [before, value];
    for (let turn = 0; turn < HALVINGS; turn += 1) {
      const middle = (same + flips) / 2;
      const found = best(middle);
      if (found === usual || found === undefined) same = middle;
      else [flips, then] = [middle, found];
    }
    return { at: flips, then };
  }
  return undefined;
}
