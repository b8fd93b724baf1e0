// How the one at this screen reads and types quantities. Everything shown or typed with a unit goes through here.
import { use, useMemo } from 'react';
import {
  bareUnit,
  formatQuantity,
  formatStep,
  METRIC,
  parseQuantity,
  type Parsed,
  type Preference,
  type Quantity,
} from '#core/water/index.ts';
import { MeContext } from './me.ts';

export type Units = {
  /** An SI value with its unit: `25.4 °C`, `77.7 °F`. */
  say: (quantity: Quantity, value: number) => string;
  /** The same without the unit, as it is put into a field to be changed. */
  bare: (quantity: Quantity, value: number) => string;
  /** A difference of temperatures, given in °C. */
  sayStep: (differenceC: number) => string;
  /** `temperatureC` = of the water, for raw conductivity. */
  read: (quantity: Quantity, text: string, temperatureC?: number) => Parsed;
  /** The unit of a number typed without one. */
  unit: (quantity: Quantity) => string;
};

export function makeUnits(preference: Preference): Units {
  return {
    say: (quantity, value) => formatQuantity(quantity, value, preference),
    bare: (quantity, value) => String(Number.parseFloat(formatQuantity(quantity, value, preference).replace(/^pH /, ''))),
    sayStep: (differenceC) => formatStep(differenceC, preference),
    read: (quantity, text, temperatureC) => parseQuantity(quantity, text, preference, temperatureC),
    unit: (quantity) => bareUnit(quantity, preference),
  };
}

export const METRIC_UNITS = makeUnits(METRIC);

/** Metric before sign-in. */
export function useUnits(): Units {
  const { temperature, volume } = use(MeContext)?.prefers ?? METRIC;
  return useMemo(() => makeUnits({ temperature, volume }), [temperature, volume]);
}
