// What the screens read of the walk. Instants are UTC ms, quantities SI.
import type { HealingBy } from '#core/healing/index.ts';
import type { Fast, FoodForm, Meal } from '#core/feeding/index.ts';
import type { HeldBack } from '#core/kitchen/index.ts';
import type { Purpose } from '#core/room/index.ts';
import type { Chase, Response, RoundName, Sign, SignSeen, Unseen, Usual } from '#core/rounds/index.ts';
import type { Quantity } from '#core/water/index.ts';
import type { Used } from '#core/supplies/index.ts';
import type { SpeciesAdded } from '#core/species/index.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { SpeciesName } from '../species/views.ts';

/** What a lot is to be given next, whether that is due, else when. `batch` = the one that is ready of it. */
export type PlannedMeal = Meal & { due: boolean; nextMs?: number; batch?: string; medicated?: MedicatedMeal };
/** Medicine is in this meal by its course, or something holds it back. */
export type MedicatedMeal = { mix: string; name: string; day: number; of: number; is: 'given' | 'not ready' | HeldBack };

export type RoundTank = {
  id: string;
  code: string;
  rack: string;
  system: string;
  suspect: boolean;
  purpose: Purpose;
  lots: {
    lot: string;
    label: string;
    species?: SpeciesName;
    n: number;
    sinceMs?: number;
    inQuarantine?: true;
    /** Fish, shrimp, snail …: what is looked for in it. */
    is?: SpeciesAdded['is'];
    lastFed?: { food: string; response: Response; atMs: number };
    /** Since its last meal, or its release. */
    fast?: Fast;
    meal: PlannedMeal;
    /** What its last check said, of yesterday or today. */
    before?: { atMs: number; signs: SignSeen[] };
    /** Signs that it shows by nature: on so many of the days on which it was looked at. */
    usual?: ({ sign: Sign } & Usual)[];
    /** All signs of a fortnight. */
    lately?: Sign[];
    /** When it came to the house, within the last weeks. */
    cameMs?: number;
    /** That the last counts did not find. */
    unseen?: Unseen;
    /** Followed until it may return: the last measure, and whether another is due. */
    healings?: { healing: string; what: string; by: HealingBy; until: number; last?: number; due: boolean }[];
    /** On record as missing, from wherever. */
    missing?: number;
  }[];
  /** Seen in the last two days, latest first. */
  chases: { chaser: string; chased: string; chaserLabel: string; chasedLabel: string; how: Chase; atMs: number }[];
  checkedBy?: string;
  checkedAtMs?: number;
  allWell?: boolean;
  /** What was odd here in the last two days, latest first. */
  odd: Oddity[];
  /** What wants mending, first noticed first; until when somebody put it off. */
  faults: { what: string; atMs: number; putOffUntilMs?: number }[];
  /** Due at this tank, by name; what each takes. */
  chores: { chore: string; name: string; takes: (Used & { name: string })[] }[];
  /** Of its water: what is to be tested (at the first tank of a system), what is over its limit and unanswered, what asks for feeding less. */
  water?: { due: Quantity[]; over: Quantity[]; feedLess?: Quantity };
};

/** `left` = tanks still to be looked at today, by round; `current` = the round that the clock is in. */
export type RoundsView = {
  seq: number;
  day: number;
  round: RoundName;
  current: RoundName;
  left: Record<RoundName, number>;
  /** Tanks in which a meal is due. */
  toFeed: number;
  /** By name, of those that are kept here. */
  foods: { name: string; form: FoodForm; prepared?: string; leaveInH?: number }[];
  tanks: RoundTank[];
};

export type Oddity = { lot: string; what: string; atMs: number; signs: Sign[]; missing: number; died: number };

export type RoundsViews = { rounds: RoundsView };
export const roundsViewTopics: TopicsOf<RoundsViews> = {
  rounds: ['rounds', 'stock', 'house', 'species', 'water'],
};
