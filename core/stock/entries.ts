// What is written down about stock itself: what was there when the books opened, moves, counts, promises.
import type { OutsidePlace } from './places.ts';

export type Origin = 'wild' | 'bred' | 'farmed' | 'unknown';
export const ORIGINS: readonly Origin[] = ['wild', 'bred', 'farmed', 'unknown'];

/** Fish that were here before the notebook was: a new lot on the books. `cleared` = its hold was done before. */
export type LotOpened = {
  lot: string;
  species: string;
  label: string;
  tank: string;
  n: number;
  sizeCm: number;
  origin: Origin;
  supplier?: string;
};

/** Fish of lots go from tank to tank, or out of the house. */
export type StockMoved = { moves: { lot: string; from: string; to: string; n: number }[]; why?: string };

/** Hands counted and found other than the books say; the difference is posted, never adjusted silently. */
export type StockCounted = {
  place: string;
  lot: string;
  found: number;
  book: number;
  against: Extract<OutsidePlace, 'discrepancy' | 'missing'>;
  note?: string;
};

/** So many of a lot are spoken for. */
export type LotPromised = { promise: string; lot: string; n: number; forWhom: string };

export interface StockEntries {
  'lot.opened': LotOpened;
  'stock.moved': StockMoved;
  'stock.counted': StockCounted;
  'lot.promised': LotPromised;
}

/** What is known of a lot; `species` is missing when a surprise bag held fish that nobody could name. */
export type LotFacts = {
  id: string;
  label: string;
  species?: string;
  heardAs?: string;
  sizeCm?: number;
  origin: Origin;
  supplier?: string;
};
