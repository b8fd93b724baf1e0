// What a quarantine clock is told: where the lot stood, who looked, what happened in its systems. Facts only; the clock judges.
import type { Cause, Sign } from '../rounds/index.ts';

/** A stretch of time in which some of the lot stood in a place. Without `untilMs` it stands there still. */
export type Occupancy = { place: string; system: string; fromMs: number; untilMs?: number };

type Event = { entry: string; atMs: number; /** The house day of `atMs`. */ day: number; place: string; lot: string; label: string };
export type ClockEvent =
  | (Event & { kind: 'sign'; sign: Sign })
  | (Event & { kind: 'death'; cause: Cause; n: number })
  /** A look that counted fewer than are on record; `noted` = it said why, `all` = it saw none of them. */
  | (Event & { kind: 'unseen'; n: number; noted: boolean; all?: boolean })
  /**
   * A lot came to the water. `clear` = it carried its own finished quarantine; `met` = lots there already that did not; `along` = lots of its old water that came with it.
   * What stood before the act decides. Whom it met concerns its own clock alone, and is worked out when that asks.
   */
  | (Event & { kind: 'arrival'; clear: boolean; along: readonly string[]; met(): readonly { lot: string; label: string }[] })
  /** A wet tool, or water, came into `place` from fish in quarantine; `lot` and `label` = the tool, or the word water. */
  | (Event & { kind: 'contact'; by: 'tool' | 'water'; from: string; sources: readonly string[] });

/** A treatment in a system, from its beginning to its end. */
export type TreatmentCourse = { entry: string; family: string; fromMs: number; untilMs?: number; endEntry?: string };

export type QuarantineZero = 'arrival' | 'contact' | 'taken over';

export type ClockFacts = {
  lot: string;
  /** The lot itself and the lots that it was cut from or joined of, each until the instant up to which what happened to it is its own. */
  kin: ReadonlyMap<string, number>;
  zone: string;
  opened: { entry: string; atMs: number; zero: QuarantineZero };
  /** Of the lot and its kin, since the quarantine opened or longer. */
  occupancies: readonly Occupancy[];
  /** When somebody looked at a place, by house day; see {@link checkKey}. */
  checks: HealthChecks;
  /** What happened, by water, in order of time. */
  events: ReadonlyMap<string, readonly ClockEvent[]>;
  treatments: ReadonlyMap<string, readonly TreatmentCourse[]>;
  /** When it was last seen to eat; and when a tap for its whole tank said so last, which nobody watched. */
  ateMs?: number;
  fedMs?: number;
};

/** Instants of looks, by place and house day. */
export type HealthChecks = ReadonlyMap<string, readonly number[]>;
/** What happened to a lot where there is no system, in a bag or a vessel, stands under this. */
export const outsideOf = (lot: string): string => `outside ${lot}`;
export const checkKey = (place: string, day: number): string => `${place}|${day}`;

/** Rows of one window of time, all of it told for the systems that matter; instants in UTC ms. */
export type QuarantineRows = {
  zone: string;
  /** The window begins here: what stands in a tank then has stood there since before. */
  sinceMs: number;
  /** Every span in which a lot was in quarantine; a clock is told for those that are `wanted`. */
  quarantines: readonly { lot: string; entry: string; openedAtMs: number; endedAtMs?: number; zero: QuarantineZero }[];
  labels: ReadonlyMap<string, string>;
  /** Heads now, and movements since the window began, at tanks only. */
  balances: readonly { lot: string; place: string; n: number }[];
  legs: readonly { entry: string; lot: string; place: string; n: number; atMs: number }[];
  /** When each tank came to a system. */
  systemsSince: readonly { tank: string; system: string; atMs: number }[];
  codes: ReadonlyMap<string, string>;
  /** A lot was cut from, or joined of, another: until then the other's history is its own. */
  lineage: readonly { lot: string; from: string; atMs: number }[];
  checks: HealthChecks;
  signs: readonly { entry: string; atMs: number; place: string; lot: string; sign: Sign }[];
  unseen: readonly { entry: string; atMs: number; place: string; lot: string; n: number; noted: boolean; all?: boolean }[];
  deaths: readonly { entry: string; atMs: number; place: string; lot: string; cause: Cause; n: number }[];
  /** A tool or some water went from one tank to another. */
  contacts: readonly { entry: string; atMs: number; from: string; fromMs: number; to: string; by: 'tool' | 'water'; name: string }[];
  treatments: readonly (TreatmentCourse & { system: string })[];
  /** When each lot in quarantine was last seen to eat, as itself or as what it was cut from until then; and was said to have, for its whole tank by one tap. */
  ate: ReadonlyMap<string, number>;
  fed?: ReadonlyMap<string, number>;
  /** Lots that a lead entered as cleared when the house was set up. */
  opening: ReadonlySet<string>;
};
