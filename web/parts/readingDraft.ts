// A value that somebody read of some water, as the entry that says so.
import type { Payloads } from '#core/catalogue/index.ts';
import type { Parsed, Quantity, ReadingMethod } from '#core/water/index.ts';
import type { Draft } from '../data/house.ts';

type Read = { subject: Payloads['reading.taken']['subject']; quantity: Quantity; method: ReadingMethod; instrument?: string; kit?: string };

/** Measured, with what was typed and by which reference; `instrument` = the meter's name, when a meter read it. */
export const readingEntry = ({ subject, quantity, method, instrument, kit }: Read, read: Extract<Parsed, { ok: true }>): Draft => ({
  kind: 'reading.taken',
  payload: {
    subject,
    quantity,
    reading: {
      value: read.value,
      typed: read.typed,
      method,
      source: 'measured',
      ...(read.reference ? { reference: read.reference } : {}),
    },
    ...(instrument === undefined ? {} : { instrument }),
    ...(kit === undefined ? {} : { kit }),
  },
});
