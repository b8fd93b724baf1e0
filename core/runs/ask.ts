// Readings that can hardly be: a digit or a unit slipped. Asked about before they are written, with what was likely meant.
import { PLAUSIBLE, salinityFromSpecificGravity, type Quantity } from '../water/index.ts';

export type Ask = { meant: number; typed: string } | { meant: undefined };

/** So far from what is calculated a reading is asked about. SI. */
const FAR: Partial<Record<Quantity, number>> = { salinity: 6, temperature: 6, pH: 1.2, oxygen: 5 };
/** So near to it something else was likely meant. */
const NEAR_SHARE = 0.5;

/**
 * What to ask of a reading before it is written: undefined = nothing. A `25` where 33 is calculated may be a specific gravity of 1.025; a `26` where 78 °F
 * was meant is told by its distance alone (`meant` undefined).
 * @example askOf({ quantity: 'salinity', value: 25, calculated: 33 })?.meant is near 33
 */
export function askOf({ quantity, value, calculated }: { quantity: Quantity; value: number; calculated: number }): Ask | undefined {
  const far = FAR[quantity];
  if (far === undefined || Math.abs(value - calculated) <= far) return undefined;
  const near = far * NEAR_SHARE;
  const others: { meant: number; typed: string }[] = [];
  if (quantity === 'salinity' && Number.isInteger(value) && value > 0 && value < 40) {
    const gravity = 1 + value / 1000;
    others.push({ meant: salinityFromSpecificGravity(gravity), typed: gravity.toFixed(3) });
  }
  if (quantity === 'temperature') others.push({ meant: ((value - 32) * 5) / 9, typed: `${value}F` });
  for (const factor of [10, 0.1]) others.push({ meant: value * factor, typed: String(Number((value * factor).toPrecision(6))) });
  const { min, max } = PLAUSIBLE[quantity];
  const likely = others.find(({ meant }) => meant >= min && meant <= max && Math.abs(meant - calculated) <= near);
  return likely ?? { meant: undefined };
}
