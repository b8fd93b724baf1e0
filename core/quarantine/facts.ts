// What a hold clock is told: where the lot stood, who looked, what happened in its waters. Facts only; the clock judges.
import type { Cause, Sign } from '../rounds/index.ts';

/** A stretch of time in which some of the lot stood in a place. Without `untilMs` it stands there still. */
export type Stay = { place: string; system: string; fromMs: number; untilMs?: number };

type Event = { entry: string; atMs: number; place: string; lot: string; label: string };
export type ClockEvent =
  | (Event & { kind: 'sign'; sign: Sign })
  | (Event & { kind: 'death'; cause: Cause; n: number })
  /** A look that counted fewer than are on record; `noted` = it said why, `all` = it saw none of them. */
  | (Event & { kind: 'unseen'; n: number; noted: boolean; all?: boolean })
  /** A lot came to the water. `clear` = it carried its own finished quarantine; `met` = lots there already that did not; `along` = lots of its old water that came with it. What stood before the act decides. */
  | (Event & { kind: 'arrival'; clear: boolean; along: readonly string[]; met: readonly { lot: string; label: string }[] })
  /** A wet tool, or water, came into `place` from fish on hold; `lot` and `label` = the tool, or the word water. */
  | (Event & { kind: 'contact'; by: 'tool' | 'water'; from: string; sources: readonly string[] });

/** A remedy in a water, from its beginning to its end. */
export type Course = { entry: string; family: string; fromMs: number; untilMs?: number; endEntry?: string };

export type HoldZero = 'arrival' | 'contact' | 'taken over';

export type ClockFacts = {
  lot: string;
  /** The lot itself and the lots that it was cut from or joined of, each until the instant up to which what happened to it is its own. */
  kin: ReadonlyMap<string, number>;
  zone: string;
  opened: { entry: string; atMs: number; zero: HoldZero };
  /** Of the lot and its kin, since the hold opened or longer. */
  stays: readonly Stay[];
  /** When somebody looked at a place, by house day; see {@link lookKey}. */
  looks: Looks;
  /** What happened, by water. */
  events: ReadonlyMap<string, readonly ClockEvent[]>;
  courses: ReadonlyMap<string, readonly Course[]>;
  /** When it was last seen to eat. */
  ateMs?: number;
};

/** Instants of looks, by place and house day. */
export type Looks = ReadonlyMap<string, readonly number[]>;
/** What happened to a lot where there is no system, in a bag or a vessel, stands under this. */
export const outsideOf = (lot: string): string => `outside ${lot}`;
export const lookKey = (place: string, day: number): string => `${place}|${day}`;

/** Rows of one window of time, all of it told for the waters that matter; instants in UTC ms. */
export type HoldRows = {
  zone: string;
  /** The window begins here: what stands in a tank then has stood there since before. */
  sinceMs: number;
  /** Every span in which a lot was on hold; a clock is told for those that are `wanted`. */
  holds: readonly { lot: string; entry: string; openedAtMs: number; endedAtMs?: number; zero: HoldZero }[];
  labels: ReadonlyMap<string, string>;
  /** Heads now, and movements since the window began, at tanks only. */
  balances: readonly { lot: string; place: string; n: number }[];
  legs: readonly { entry: string; lot: string; place: string; n: number; atMs: number }[];
  /** When each tank came to a water. */
  plumbing: readonly { tank: string; system: string; atMs: number }[];
  codes: ReadonlyMap<string, string>;
  /** A lot was cut from, or joined of, another: until then the other's history is its own. */
  lineage: readonly { lot: string; from: string; atMs: number }[];
  looks: Looks;
  signs: readonly { entry: string; atMs: number; place: string; lot: string; sign: Sign }[];
  unseen: readonly { entry: string; atMs: number; place: string; lot: string; n: number; noted: boolean; all?: boolean }[];
  deaths: readonly { entry: string; atMs: number; place: string; lot: string; cause: Cause; n: number }[];
  /** A tool or some water went from one tank to another. */
  contacts: readonly { entry: string; atMs: number; from: string; fromMs: number; to: string; by: 'tool' | 'water'; name: string }[];
  courses: readonly (Course & { system: string })[];
  /** When each lot on hold was last seen to eat, as itself or as what it was cut from until then. */
  ate: ReadonlyMap<string, number>;
  /** Lots that a lead entered as cleared when the house was set up. */
  opening: ReadonlySet<string>;
};
