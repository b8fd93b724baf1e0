// The arithmetic of a label, and nothing else: what it says for a gram of food or a kilogram of fish, times what there is.
import type { MixFields } from './entries.ts';

type Label = Pick<MixFields, 'amount' | 'unit' | 'per' | 'timesADay'>;

/** Amount of medicine for `g` of food, given to `fishG` of fish at one of the meals of a day; undefined where the label counts fish and nobody knows how heavy they are. @example 5 mg per g of food, 14 g: 70 mg */
export function amountFor({ amount, per, timesADay }: Label, { g, fishG }: { g: number; fishG?: number }): number | undefined {
  if (per === 'g of food') return amount * g;
  return fishG === undefined ? undefined : (amount * fishG) / 1000 / timesADay;
}

/** Screens write the sum as it is made; who rounds it keeps two figures of it. What a scale cannot read is for more food to solve, not for another dose. */
const SAME = 0.02;
/** As the label makes it. */
export function isByLabel(label: Label, line: { g: number; fishG?: number }, amount: number): boolean {
  const due = amountFor(label, line);
  return due !== undefined && Math.abs(amount - due) <= due * SAME;
}
