// The house clock, the server's one owner of time: real time plus an offset. Only a demo house may shift it, forward only.
export type HouseClock = {
  now(): number;
  readonly frozen: boolean;
  /** Moves a demo house forward; throws a RangeError on a step back. */
  shift(byMs: number): void;
};

/** `startAtMs` = the house time to begin at (default: real time); `freeze` holds it there. `realNow` is swapped in tests. */
export function makeClock({
  startAtMs,
  freeze = false,
  realNow = Date.now,
}: { startAtMs?: number; freeze?: boolean; realNow?: () => number } = {}): HouseClock {
  let offset = startAtMs === undefined ? 0 : startAtMs - realNow();
  let frozenAt = startAtMs ?? realNow();
  const now = () => (freeze ? frozenAt : realNow() + offset);
  return {
    now,
    frozen: freeze,
    shift(byMs) {
      if (byMs < 0) throw new RangeError('the house clock goes forward only');
      offset += byMs;
      frozenAt += byMs;
    },
  };
}
