// Entries of healing, as the screens write them. No screen in here.
import type { HealedHow, HealingBy } from '#core/healing/index.ts';
import { newId, type Draft } from '../data/house.ts';
import { numberOf, type Values } from '../parts/PlainForm.tsx';

export const begunEntry = (lot: string, values: Values): Draft => ({
  kind: 'healing.begun',
  payload: {
    healing: newId(),
    lot,
    what: values.what!.trim(),
    by: values.by as HealingBy,
    until: numberOf(values.until),
    everyDays: numberOf(values.everyDays),
    ...(values.note ? { note: values.note } : {}),
  },
});
export const measuredEntry = (healing: string, value: number): Draft => ({ kind: 'healing.measured', payload: { healing, value } });
export const endedEntry = (healing: string, how: HealedHow): Draft => ({ kind: 'healing.ended', payload: { healing, how } });
