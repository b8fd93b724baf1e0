// What is about to be said of a lot, turned into the entries of one act: out of the house, spoken for, cut, joined, named.
import type { LotView } from '#contract/views.ts';
import type { Certainty } from '#core/lots/index.ts';
import type { SplitWhy } from '#core/stock/index.ts';
import { newId, type Draft } from '../data/house.ts';

type Lot = NonNullable<LotView['lot']>;
export type Stand = { place: string; name: string; n: number };

export const WAYS_OUT = ['sold', 'given away', 'returned', 'put down', 'promised'] as const;
export type WayOut = (typeof WAYS_OUT)[number];
const OUTSIDE = { sold: 'sold', 'given away': 'given', returned: 'returned', 'put down': 'put-down' } as const;

/** To whom something is promised, and why a fish is put down, is not left out. */
export const asksWhy = (way: WayOut): boolean => way === 'promised' || way === 'put down';

type Out = { lot: Pick<Lot, 'id'>; way: WayOut; from: Stand; n: number; why: string };

/** `n` of it leave the house from that tank, or stay there promised to somebody. `why` = a note, or to whom. */
export function outEntry({ lot, way, from, n, why: typed }: Out): Draft {
  const why = typed.trim();
  if (way === 'promised') return promisedEntry({ lot: lot.id, n, forWhom: why });
  return { kind: 'stock.moved', payload: { moves: [{ lot: lot.id, from: from.place, to: OUTSIDE[way], n }], ...(why ? { why } : {}) } };
}

export const promisedEntry = (kept: { lot: string; n: number; forWhom: string }): Draft => ({
  kind: 'lot.promised',
  payload: { promise: newId(), ...kept },
});

type Kept = { lot: Pick<Lot, 'id'>; promise: Lot['promised'][number] };

export const liftedEntry = ({ lot, promise }: Kept, why: string): Draft => ({
  kind: 'promise.lifted',
  payload: { promise: promise.promise, lot: lot.id, why },
});

/** Fetched: the promise ends and they are sold out of that tank, in one act. */
export const fetchedEntries = (kept: Kept, from: Stand): Draft[] => [
  liftedEntry(kept, 'fetched'),
  outEntry({ lot: kept.lot, way: 'sold', from, n: kept.promise.n, why: kept.promise.forWhom }),
];

type Cut = {
  lot: Pick<Lot, 'id' | 'label'>;
  place: string;
  n: number;
  why: SplitWhy;
  label: string;
  inQuarantine: boolean;
  child?: string;
};

/** Some of them become a lot of their own; the clock of fish in quarantine goes on as one of theirs. */
export const splitEntry = ({ lot, place, n, why, label, inQuarantine, child = newId() }: Cut): Draft => ({
  kind: 'lot.split',
  payload: {
    lot: lot.id,
    child,
    label: label.trim() || lot.label,
    place,
    n,
    why,
    ...(inQuarantine ? { quarantine: newId() } : {}),
  },
});

type Join = { lot: Pick<Lot, 'id'>; into: string; place: string; n: number; why: string };

export const joinEntry = ({ lot, into, place, n, why }: Join): Draft => ({
  kind: 'lot.joined',
  payload: { lot: lot.id, into, place, n, why: why.trim() },
});

type Named = { lot: Pick<Lot, 'id'>; species: { id: string; common: string }; sure: Certainty; note: string };

export function namedEntry({ lot, species, sure, note }: Named): Draft {
  const known = note.trim();
  return {
    kind: 'lot.named',
    payload: { lot: lot.id, species: species.id, label: species.common, sure, ...(known ? { note: known } : {}) },
  };
}

/** They get a mix, from today on. */
export const courseEntry = (lot: string, mix: string, why: string): Draft => ({
  kind: 'course.begun',
  payload: { course: newId(), lot, mix, why },
});
