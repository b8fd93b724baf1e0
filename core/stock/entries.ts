// What is written down about stock itself: what was there when the records opened, moves, counts, promises, lots cut and joined.
import type { Origin, Certainty } from '../lots/index.ts';
import type { Range } from '../species/index.ts';
import type { OutsidePlace } from './places.ts';

/** Fish that were here before the notebook was: a new lot on the records. `cleared` = its quarantine was done before. */
export type LotOpened = {
  lot: string;
  species: string;
  label: string;
  tank: string;
  n: number;
  /** Nobody counted them out: somewhere between, `n` in the middle. */
  between?: Range;
  /** Not known when left out. */
  sizeCm?: number;
  origin: Origin;
  supplier?: string;
};

/** `n` left `from`; `arrived` of them were counted at the other end, all of them when it is left out. */
export type Move = { lot: string; from: string; to: string; n: number; arrived?: number };
/** Fish of lots go from tank to tank, or out of the house. `slip` = the catch slip that it carries out. */
export type StockMoved = { moves: Move[]; why?: string; task?: string };

/** Hands counted and found other than the records say; the difference is posted, never adjusted silently. */
export type StockCounted = {
  place: string;
  lot: string;
  found: number;
  onRecord: number;
  against: Extract<OutsidePlace, 'discrepancy' | 'missing'>;
  note?: string;
};

/** So many of a lot are spoken for. */
export type LotPromised = { promise: string; lot: string; n: number; forWhom: string };

/** A promise is no more: handed over, or not wanted. */
export type PromiseLifted = { promise: string; lot: string; why?: string };

/** Why some of a lot become a lot of their own. */
export const SPLIT_WHYS = ['another system', 'identity', 'history', 'promise', 'followed singly'] as const;
export type SplitWhy = (typeof SPLIT_WHYS)[number];
/** `n` of `lot` at `place` are lot `child` from here on; `hold` = the child's own hold, with the parent's clock so far, while that is open. */
export type LotSplit = {
  lot: string;
  child: string;
  label: string;
  place: string;
  n: number;
  why: SplitWhy;
  quarantine?: string;
  note?: string;
};
export const BORN_WHERE = ['in the tank', 'in the filter', 'in the sump'] as const;
export type BornWhere = (typeof BORN_WHERE)[number];
/** Young of `lot`, a lot of their own in `tank` from here on: about `n`, somewhere between. `quarantine` = their own, with the parents' clock so far, while that is open. */
export type LotBorn = {
  lot: string;
  child: string;
  label: string;
  tank: string;
  n: number;
  between?: Range;
  where?: BornWhere;
  quarantine?: string;
  note?: string;
};
/** Everything of `lot` at `place` becomes part of `into`, of the same kind. */
export type LotJoined = { lot: string; into: string; place: string; n: number; why: string };
/** Somebody could name them, or is surer now: what was heard or guessed before is that species from here on, and is called `label`. `note` = by what it is known. */
export type LotNamed = { lot: string; species: string; label: string; sure?: Certainty; note?: string };
/** Somebody measured: the length of a typical one, cm; `n` = how many were measured. */
export type LotMeasured = { lot: string; place: string; sizeCm: number; n?: number; note?: string };

/** An arrangement that must end: the lot leaves the place at an hour, or when it has grown to a length. */
export type StayLimited = { stayLimit: string; lot: string; place: string; untilMs?: number; untilCm?: number; why: string };

export interface StockEntries {
  'lot.opened': LotOpened;
  'lot.born': LotBorn;
  'stock.moved': StockMoved;
  'stock.counted': StockCounted;
  'lot.promised': LotPromised;
  'promise.lifted': PromiseLifted;
  'lot.split': LotSplit;
  'lot.joined': LotJoined;
  'lot.named': LotNamed;
  'lot.measured': LotMeasured;
  'stay.limited': StayLimited;
}
