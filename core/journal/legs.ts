// Double entry: a movement is a list of legs whose counts sum to zero for each lot, so no fish is made or lost by writing.

/** `n` fish of `lot` come to (`n` > 0) or leave (`n` < 0) `place`. */
export type Leg = { lot: string; place: string; n: number };

/** `n` fish of one lot go from one place to another; no legs for none. */
export function move(lot: string, trip: { from: string; to: string; n: number }): Leg[] {
  if (trip.n === 0) return [];
  return [
    { lot, place: trip.from, n: -trip.n },
    { lot, place: trip.to, n: trip.n },
  ];
}

/** The legs that take these back. */
export function negate(legs: readonly Leg[]): Leg[] {
  return legs.map((leg) => ({ ...leg, n: -leg.n }));
}

/** The first lot whose legs do not sum to zero, if any. */
export function findUnbalancedLot(legs: readonly Leg[]): string | undefined {
  const sums = new Map<string, number>();
  for (const { lot, n } of legs) sums.set(lot, (sums.get(lot) ?? 0) + n);
  for (const [lot, sum] of sums) if (sum !== 0) return lot;
  return undefined;
}
