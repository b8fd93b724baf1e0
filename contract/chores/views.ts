// What the screens read of chores. Instants are UTC ms, water in L and ppt.
import type { ChoreFacts, ChoreStand, KitLine } from '#core/chores/index.ts';
import type { WaterType } from '#core/species/index.ts';
import type { Item, Piles } from '#core/supplies/index.ts';
import type { TopicsOf } from '../basics/topics.ts';

export type ChorePlaceCard = ChoreStand & {
  id: string;
  name: string;
  /** The first of its tanks, for what is written down by tank. */
  tank: string;
  last?: { atMs: number; by: string };
  water?: ChoreWater;
};
/** Of a chore of water: all of it, what it is meant to be, what was read of it last, and how much it took the last time. */
export type ChoreWater = {
  type: WaterType;
  volumeL: number;
  targetPpt: number;
  temperatureC: number;
  readPpt?: number;
  readMs?: number;
  lastL?: number;
  /** Its salinity is another on purpose: plain water alone replaces what went off. */
  held?: 'treatment' | 'match';
  /** One tank of several on it: litres are of the tank. */
  part?: true;
};
/** `next` = how many of its places are not due, and the first day on which one is. */
export type ChoreAt = { chore: string; places: ChorePlaceCard[]; next?: { n: number; dueDay: number } };
export type ChoreCard = ChoreFacts & { entry: string; whose?: string };
export type KitCard = KitLine & { name: string; unit: Item['unit']; here?: number };
export type HeapCard = Piles & { item: string; name: string };

/** `racks` in walking order, each with what is due there or was done today. `kit` = what they take. */
export type ChoresView = {
  seq: number;
  day: number;
  /** The first instant of that day: what is written down of before it is not done today. */
  dayFromMs: number;
  chores: ChoreCard[];
  racks: { id: string; name: string; chores: ChoreAt[] }[];
  kit: KitCard[];
  heaps: HeapCard[];
  /** What water is mixed from here. */
  salt?: { item: string; unit: Item['unit'] };
  people: { id: string; name: string }[];
};

export type ChoresViews = { chores: ChoresView };
export const choresViewTopics: TopicsOf<ChoresViews> = {
  chores: ['rounds', 'house', 'today', 'water', 'exposure', 'people'],
};
