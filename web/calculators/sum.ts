// A sum of the drawer: what goes in, what comes out, and the arithmetic as it is done. All calculating is core's.
import type { Quantity } from '#core/water/index.ts';
import type { Units } from '../data/units.ts';

/** A plain number in the unit of its label, unless it is a quantity (`kind`), which is read in any of its units. */
export type CalculatorField = { name: string; label: string; start: string; kind?: Quantity; options?: readonly string[] };
export type Values = Readonly<Record<string, number>> & { readonly chosen: Readonly<Record<string, string>> };
/** `lines` = what comes out, the first in large type; `how` = the arithmetic. */
export type Outcome = { lines: string[]; how: string };
export type Sum = {
  title: string;
  fields: readonly CalculatorField[];
  caution?: string;
  calculate: (values: Values, units: Units, dateIn: (days: number) => string) => Outcome;
};

export const fix = (value: number, decimals: number): string => String(Number(value.toFixed(decimals)));
