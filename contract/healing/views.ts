// What the screens read of healing; part of the views of a lot and of the walk.
import type { HealedHow, HealingBegun, HealingNow } from '#core/healing/index.ts';

/** `measures` in the order of their instants. */
export type HealingCard = Omit<HealingBegun, 'lot' | 'note'> & {
  begunMs: number;
  note?: string;
  measures: { atMs: number; value: number; by: string; note?: string }[];
  now: HealingNow;
  ended?: { how: HealedHow; atMs: number; by: string; why?: string };
};
