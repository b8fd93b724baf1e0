// The arithmetic of a label, and nothing else: what it says for a gram of food or a kilogram of fish, times what there is.
import type { MixFields } from './entries.ts';

type Label = Pick<MixFields, 'amount' | 'unit' | 'per' | 'timesADay'>;

/** Amount of medicine for `g` of food, given to `fishG` of fish at one of the meals of a day; undefined where the label counts fish and nobody knows how heavy they are. @example 5 mg per g of food, 14 g: 70 mg */
export function amountFor({ amount, per, timesADay }: Label, { g, fishG }: { g: number; fishG?: number }): number | undefined {
  if (per === 'g of food') return amount * g;
  return fishG === undefined ? undefined : (amount * fishG) / 1000 / timesADay;
}

/** Scales in a kitchen read no finer, and drops are whole. */
const SAME = 0.01;
const FINEST = { mg: 0.5, g: 0.005, mL: 0.05, drops: 0.5 } as const;
/** As the label makes it, within what scales read. */
export function isByLabel(label: Label, line: { g: number; fishG?: number }, amount: number): boolean {
  const due = amountFor(label, line);
  return due !== undefined && Math.abs(amount - due) <= Math.max(due * SAME, FINEST[label.unit]);
}
