// Kinds of entries about lots: moved, counted, cut and joined, promised.
import { ORIGINS, CERTAINTIES } from '#core/lots/index.ts';
import { string } from 'yup';
import { BORN_WHERE, SPLIT_WHYS, type Move, type StockEntries } from '#core/stock/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, count, id, instant, list, maybe, note, place, text } from '../basics/fields.ts';
import { centimetres, schemaOf } from '../basics/shapes.ts';

export const stockKinds: Kinds<StockEntries> = {
  'lot.opened': defineKind({
    minRole: 'lead',
    undo: 'lead',
    topics: ['stock', 'rounds'],
    schema: {
      lot: id(),
      species: id(),
      label: text(),
      tank: id(),
      n: count(1),
      between: maybe({ min: count(1).required(), max: count(1).required() }),
      sizeCm: centimetres().optional(),
      origin: choice(ORIGINS),
      supplier: id().optional(),
    },
    example: { lot: 'lot-3', species: 'firefish', label: 'firefish', tank: 'G1', n: 3, sizeCm: 6, origin: 'bred' },
  }),
  'lot.born': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock', 'rounds'],
    schema: {
      lot: id(),
      child: id(),
      label: text(),
      tank: id(),
      n: count(1),
      between: maybe({ min: count(1).required(), max: count(1).required() }),
      where: choice(BORN_WHERE).optional(),
      quarantine: id().optional(),
      note: note(),
    },
    example: {
      lot: 'lot-3',
      child: 'lot-9',
      label: 'young firefish',
      tank: 'G1',
      n: 20,
      between: { min: 10, max: 30 },
      where: 'in the tank',
    },
  }),
  'stock.moved': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock', 'rounds', 'moves'],
    schema: {
      moves: list(
        schemaOf<Move>({
          lot: id(),
          from: id(),
          to: place(['sold', 'given', 'returned', 'culled', 'put-down'] as const),
          n: count(1),
          arrived: count().optional(),
        }),
        { min: 1 },
      ),
      why: note(),
      task: id().optional(),
    },
    example: { moves: [{ lot: 'lot-3', from: 'G1', to: 'G2', n: 3, arrived: 2 }], why: 'the bully', task: 'slip-1' },
  }),
  'stock.counted': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock', 'rounds', 'bench'],
    inHistoryByLinks: true,
    schema: {
      place: id(),
      lot: id(),
      found: count(),
      onRecord: count(),
      against: choice(['discrepancy', 'missing'] as const),
      note: note(),
    },
    example: { place: 'G1', lot: 'lot-3', found: 2, onRecord: 3, against: 'missing' },
  }),
  'lot.split': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock', 'rounds'],
    schema: {
      lot: id(),
      child: id(),
      label: text(),
      place: id(),
      n: count(1),
      why: choice(SPLIT_WHYS),
      quarantine: id().optional(),
      note: note(),
    },
    example: {
      lot: 'lot-3',
      child: 'lot-3b',
      label: 'firefish',
      place: 'G1',
      n: 1,
      why: 'another system',
      quarantine: 'hold-3b',
      note: 'the small one',
    },
  }),
  'lot.joined': defineKind({
    minRole: 'lead',
    undo: 'lead',
    topics: ['stock', 'rounds'],
    schema: { lot: id(), into: id(), place: id(), n: count(1), why: text(300) },
    example: { lot: 'lot-3b', into: 'lot-3', place: 'G1', n: 1, why: 'one crate after all' },
  }),
  'lot.named': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['stock', 'rounds', 'dock', 'bench'],
    inHistoryByLinks: true,
    schema: { lot: id(), species: id(), label: text(), sure: string().oneOf(CERTAINTIES).optional(), note: note() },
    example: { lot: 'lot-3', species: 'firefish', label: 'firefish', sure: 'likely', note: 'by the fin' },
  }),
  'lot.measured': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['stock'],
    notInHistory: 'it belongs to the lot, not of the tank in which it was measured',
    schema: { lot: id(), place: id(), sizeCm: centimetres(), n: count(1).optional(), note: note() },
    example: { lot: 'lot-3', place: 'G1', sizeCm: 6.2, n: 2, note: 'against the ruler on the glass' },
  }),
  'stay.limited': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock', 'today'],
    schema: {
      stayLimit: id(),
      lot: id(),
      place: id(),
      untilMs: instant().optional(),
      untilCm: centimetres().optional(),
      why: text(300),
    },
    example: { stayLimit: 'stay-1', lot: 'lot-3', place: 'box-1', untilMs: AT + 3 * DAY_MS, untilCm: 7, why: 'a bully, three days' },
  }),
  'lot.promised': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock', 'dock'],
    schema: { promise: id(), lot: id(), n: count(1), forWhom: text() },
    example: { promise: 'promise-1', lot: 'lot-3', n: 2, forWhom: 'Mossbank school' },
  }),
  'promise.lifted': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock'],
    schema: { promise: id(), lot: id(), why: note() },
    example: { promise: 'promise-1', lot: 'lot-3', why: 'fetched' },
  }),
};
