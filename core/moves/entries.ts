// What is written down about moves that are planned: catch slips, alone or in groups where one waits for another.

export const CAUGHT_BY = ['net', 'cup', 'poured'] as const;
/** A round bucket and a square net do not meet: there it is a cup. */
export type CaughtBy = (typeof CAUGHT_BY)[number];
export const SEXES = ['any', 'male', 'female'] as const;
export const SIZES = ['any', 'largest', 'smallest'] as const;

/** A catch slip: what hands are to do, once. */
export type TransferTask = {
  task: string;
  lot: string;
  from: string;
  to: string;
  n: number;
  /** Which of them, when it matters. */
  sex: (typeof SEXES)[number];
  size: (typeof SIZES)[number];
  who?: string;
  by: CaughtBy;
  tool?: string;
  /** Tasks that must be done before this one. */
  after: string[];
  /** Something that must be here first, and when it should come. */
  waitsFor?: { what: string; untilMs?: number };
  /** Displaced: they are to come back to where they were taken from. */
  comesBack: boolean;
  why?: string;
};
/** One slip, or a family of them, planned together. */
export type MovesPlanned = { plan: string; name: string; tasks: TransferTask[] };
/** The net was in and nothing was caught, or not enough. */
export type TransferTried = { task: string; note?: string };
/** What the slip waited for is here. */
export type TransferUnblocked = { task: string };
export type TransferDropped = { task: string; why: string };

export interface MoveEntries {
  'moves.planned': MovesPlanned;
  'transfer.tried': TransferTried;
  'transfer.unblocked': TransferUnblocked;
  'transfer.dropped': TransferDropped;
}

type By = { by: string; atMs: number };
export type TransferTaskFacts = TransferTask & { plan: string; tries: number[]; done?: By; dropped?: By; unblocked?: By };
