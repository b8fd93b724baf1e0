// What is to be carried on the walk: of everything so many, by what the due places take, against what is clean and here.
import type { Used } from '../supplies/index.ts';

export type KitLine = { item: string; amount: number; /** Missing here; undefined where nobody counts it. */ short?: number };

/** Sums by thing, in the order in which they are met first. `here` = how much of it is ready to be used. */
export function kitOf(takes: readonly Used[], here: ReadonlyMap<string, number>): KitLine[] {
  const sums = new Map<string, number>();
  for (const { item, amount } of takes) sums.set(item, (sums.get(item) ?? 0) + amount);
  return [...sums].map(([item, amount]) => {
    const ready = here.get(item);
    return ready === undefined || ready >= amount ? { item, amount } : { item, amount, short: amount - ready };
  });
}
