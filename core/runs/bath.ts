// The first-aid bath: how much of what the label says, in how much water, and for whom not. No dose of ours: the label's value, as the keeper
// enters it, times the litres.
import { LIKE_THEIRS, type Fact, withinOf } from '../bench/index.ts';
import type { Condition } from '../dock/index.ts';
import { refuse, type Refusal } from '../journal/index.ts';
import type { Bath, BathKind, LabelUnit } from './entries.ts';

/** Mild enough for a weak fish; the others only for fish in good shape. */
const MILD: ReadonlySet<BathKind> = new Set(['dye']);
const WEAK: ReadonlySet<Condition> = new Set(['tired', 'poor', 'critical']);
/** Half an hour, with a look every five minutes. */
export const BATH_MINUTES = 30;
export const BATH_CHECK_MIN = 5;
export const LONGEST_BATH_MIN = 120;

const PER: Record<LabelUnit, { litres: number; unit: 'mL' | 'mg' | 'g' | 'drops' }> = {
  'mL for each 10 L': { litres: 10, unit: 'mL' },
  'mL for each L': { litres: 1, unit: 'mL' },
  'mg for each L': { litres: 1, unit: 'mg' },
  'g for each 10 L': { litres: 10, unit: 'g' },
  'drops for each L': { litres: 1, unit: 'drops' },
};

/** How much goes in, with the arithmetic to show. Throws a RangeError on what is not above 0. @example bathDose({ value: 1, unit: 'mL for each 10 L' }, 5).amount === 0.5 */
export function bathDose({ value, unit }: Bath['dose'], litres: number): { amount: number; unit: string; arithmetic: string } {
  if (!(value > 0 && litres > 0 && Number.isFinite(value * litres))) throw new RangeError('label value and litres must be above 0');
  const per = PER[unit];
  const amount = (value * litres) / per.litres;
  return {
    amount,
    unit: per.unit,
    arithmetic: `${value} ${per.unit} × ${litres} L ÷ ${per.litres} L = ${Number(amount.toPrecision(3))} ${per.unit}`,
  };
}

/** Why the clean water of a bath is not the water these fish come from, as the house knows it: what nobody measured counts as the worse end of what it may be. */
export function againstBathWater({ matched }: Bath, facts: readonly Fact[]): Refusal[] {
  const off = (path: 'bag.temperature' | 'bag.salinity', bath: number): number => {
    const { low, high } = withinOf(facts.find((fact) => fact.of === path)!);
    return Math.max(Math.abs(bath - low), Math.abs(bath - high));
  };
  return notMatched(off('bag.temperature', matched.temperature.bath), off('bag.salinity', matched.salinity.bath));
}

const notMatched = (offC: number, offPpt: number): Refusal[] =>
  offC > LIKE_THEIRS.temperature || offPpt > LIKE_THEIRS.salinity
    ? refuse('bath.notMatched', 'bath.matched', { offC, offPpt }, 'lead')
    : [];

/** Why these fish may not have this bath. Invertebrates never; harsher ones for a weak fish only if a lead says so. */
export function againstBath(bath: Bath, { invertebrate }: { invertebrate: boolean }): Refusal[] {
  const { temperature, salinity } = bath.matched;
  return [
    ...(invertebrate ? refuse('bath.invertebrate', 'bath') : []),
    ...(!MILD.has(bath.is) && WEAK.has(bath.condition)
      ? refuse('bath.harsh', 'bath.is', { is: bath.is, condition: bath.condition }, 'lead')
      : []),
    ...notMatched(Math.abs(temperature.bath - temperature.fish), Math.abs(salinity.bath - salinity.fish)),
  ];
}
