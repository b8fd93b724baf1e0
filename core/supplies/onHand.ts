// How much of a thing is here: what was counted last, and what came and went since; and what of it is past its date.

export type Delivery = { amount: number; bestBeforeMs?: number };
export type OnHand = {
  amount: number;
  /** It is time to order. */
  low: boolean;
  /** Past its date by now, and the next date of what is not. */
  past: number;
  nextDateMs?: number;
};

/** `elsewhere` = dirty, or not brought back: nothing to use now, and nothing to order. `amount` that is here, of these deliveries, used in the order of their dates: what has the latest date is left. Nobody counted it by date, so it is for eyes on the shelf to say. */
export function onHand(
  amount: number,
  deliveries: readonly Delivery[],
  { reorderAt, now, elsewhere = 0 }: { reorderAt?: number; now: number; elsewhere?: number },
): OnHand {
  let left = Math.max(0, amount);
  let past = 0;
  let nextDateMs: number | undefined;
  for (const { amount: came, bestBeforeMs } of deliveries.toSorted((a, b) => (b.bestBeforeMs ?? Infinity) - (a.bestBeforeMs ?? Infinity))) {
    const still = Math.min(left, came);
    left -= still;
    if (still <= 0 || bestBeforeMs === undefined) continue;
    if (bestBeforeMs <= now) past += still;
    else nextDateMs = bestBeforeMs;
  }
  return {
    amount: Math.max(0, amount),
    low: reorderAt !== undefined && amount + elsewhere - past <= reorderAt,
    past,
    ...(nextDateMs === undefined ? {} : { nextDateMs }),
  };
}
