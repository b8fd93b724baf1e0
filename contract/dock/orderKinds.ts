// Kinds of entries about wishes and orders.
import { string } from 'yup';
import { SEXES_WANTED, type OrderEntries, type OrderLine } from '#core/dock/index.ts';
import { ORIGINS } from '#core/lots/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, count, id, instant, list, note, text } from '../basics/fields.ts';
import { centimetres, schemaOf } from '../basics/shapes.ts';
import { currency, price } from './money.ts';

export const orderKinds: Kinds<OrderEntries> = {
  'order.placed': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock'],
    schema: {
      order: id(),
      supplier: id(),
      currency: currency().optional(),
      wantedAtMs: instant().optional(),
      copiedFrom: string().max(64).optional(),
      note: note(),
      lines: list(
        schemaOf<OrderLine>({
          line: id(),
          species: id().optional(),
          heardAs: text().optional(),
          n: count(1),
          sizeCm: centimetres().optional(),
          sex: choice(SEXES_WANTED).optional(),
          origin: choice(ORIGINS).optional(),
          price: price().optional(),
          forWhom: text().optional(),
          wish: string().max(64).optional(),
        }),
        { min: 1, max: 300 },
      ),
    },
    example: {
      order: 'order-1',
      supplier: 'pelican-yard',
      currency: 'EUR',
      wantedAtMs: AT + 72 * HOUR_MS,
      note: 'no six-lines this time',
      lines: [
        { line: 'line-1', species: 'green-chromis', n: 12, sizeCm: 4, origin: 'wild', price: 3.2, wish: 'wish-1' },
        { line: 'line-2', heardAs: 'a pair of clowns', n: 2, sex: 'pairs', forWhom: 'Mossbank school' },
      ],
    },
  }),
  'order.dropped': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock'],
    schema: { order: id(), why: text(300) },
    example: { order: 'order-1', why: 'they have none before spring' },
  }),
  'wish.noted': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['dock'],
    schema: {
      wish: id(),
      species: id().optional(),
      heardAs: text().optional(),
      n: count(1),
      sizeCm: centimetres().optional(),
      sex: choice(SEXES_WANTED).optional(),
      forWhom: text().optional(),
      note: note(),
    },
    example: { wish: 'wish-1', species: 'green-chromis', n: 12, forWhom: 'the Bay Window', note: 'small ones' },
  }),
  'wish.dropped': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock'],
    schema: { wish: id(), why: text(300) },
    example: { wish: 'wish-1', why: 'they bought elsewhere' },
  }),
};
