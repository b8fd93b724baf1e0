// What the screens read of the kitchen. Instants are UTC ms, amounts grams unless a unit stands beside them.
import type { CourseNow, FoodWay, HeldBack, MixFacts, StepDone, Sheet, SheetLine } from '#core/kitchen/index.ts';
import type { Item, OnHand } from '#core/supplies/index.ts';
import type { TopicsOf } from '../basics/topics.ts';

export type BatchCard = {
  batch: string;
  entry: string;
  actId: string;
  by: string;
  begunMs: number;
  forMs: number;
  soak?: string;
  foods: BatchFood[];
};
/** `way` and `done`: how far it is follows from them and the clock. */
export type BatchFood = {
  food: string;
  name: string;
  g: number;
  mixes: { mix: string; g: number; amount: number }[];
  way: FoodWay;
  done: StepDone[];
};
/** `food` = its id. `here` = what is left of it, where somebody keeps count. `begun` = so many grams are in a batch for this meal. */
export type KitchenLine = SheetLine & {
  id: string;
  portionG?: number;
  thawH?: number;
  strain?: boolean;
  soakMin?: number;
  prepared?: string;
  here?: OnHand;
  begunG: number;
};
export type CourseCard = {
  lot: string;
  label: string;
  n: number;
  tanks: string[];
  mix: string;
  now: CourseNow;
  timesToday: number;
  held?: HeldBack;
};
export type SupplyCard = Item & { entry: string; here?: OnHand };

/** `meals` = the meals of today and tomorrow that lie ahead or are not over; `atMs` = the one that is shown. */
export type KitchenView = {
  seq: number;
  meals: number[];
  atMs?: number;
  lines: KitchenLine[];
  tanks: Sheet['tanks'];
  batches: BatchCard[];
  mixes: (MixFacts & { entry: string })[];
  courses: CourseCard[];
  /** Nobody has written down what is fed here. */
  noFoods: boolean;
};

export type KitchenViews = { kitchen: KitchenView };
export const kitchenViewTopics: TopicsOf<KitchenViews> = {
  kitchen: ['rounds', 'stock', 'house', 'species', 'today', 'water', 'dock', 'bench'],
};
