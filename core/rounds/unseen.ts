// Fish that were not seen: only a count tells, a look does not. After so many rounds short they are offered as missing; missing is not dead.

/** A count of a lot in a tank on one round, the latest first. */
export type HeadCount = { day: number; round: 'morning' | 'evening'; expected: number; seen: number };
/** `n` were seen on none of `rounds` counts in a row. */
export type Unseen = { n: number; rounds: number };

/** Of several counts on one round the latest holds. Nothing where the latest count found all. */
export function unseenBy(counts: readonly HeadCount[]): Unseen | undefined {
  let n = Infinity;
  let rounds = 0;
  let last: string | undefined;
  for (const { day, round, expected, seen } of counts) {
    const name = `${day} ${round}`;
    if (name === last) continue;
    last = name;
    const short = expected - seen;
    if (short <= 0) break;
    n = Math.min(n, short);
    rounds += 1;
  }
  return rounds === 0 ? undefined : { n, rounds };
}
