// How a number of the house's rules is asked for.
import type { FormField } from '../parts/PlainForm.tsx';

type Number = Extract<FormField, { type: 'number' }>;
export const number = (name: string, label: string, [min, max]: readonly [number, number], more: Partial<Number> = {}): FormField => ({
  name,
  type: 'number',
  label,
  min,
  max,
  ...more,
});
export const whole = { whole: true };
