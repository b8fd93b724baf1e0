// Entries about how much of a thing is here. No screen in here.
import type { Draft } from '../data/house.ts';
import { instantOf } from '../parts/crateFacts.ts';
import { numberOf, type Values } from '../parts/PlainForm.tsx';

/** `until` = the day that is printed on it, by the house's own zone; its first instant. */
export function cameEntry(item: string, { amount, until = '' }: Values, zone: string): Draft {
  const bestBeforeMs = until === '' ? undefined : instantOf(`${until}T00:00`, zone);
  return {
    kind: 'supply.received',
    payload: { item, amount: numberOf(amount), ...(bestBeforeMs === undefined ? {} : { bestBeforeMs }) },
  };
}

export const countedEntry = (item: string, { amount, dirty }: Values): Draft => ({
  kind: 'supply.counted',
  payload: { item, amount: numberOf(amount), ...(dirty ? { dirty: numberOf(dirty) } : {}) },
});
