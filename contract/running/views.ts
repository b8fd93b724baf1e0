// What the running strip shows: whatever has an end that hands must not miss. Instants are UTC ms.
import type { TopicsOf } from '../basics/topics.ts';
import type { Afloat } from '../bench/views.ts';
import type { VesselTimer } from '../runs/views.ts';
import type { TemporaryStay } from '../stock/views.ts';

export type RunningView = {
  seq: number;
  floats: Afloat[];
  vessels: VesselTimer[];
  stays: TemporaryStay[];
  claims: ClaimTimer[];
  clean: CleanTimer[];
  /** Food that thaws or soaks, and food that is to come out of a tank again. */
  kitchen: KitchenTimer[];
  stillIn: StillIn[];
};
export type KitchenTimer = { batch: string; food: string; name: string; is: 'thawing' | 'soaking'; fromMs: number; untilMs: number };
export type StillIn = { entry: string; tankCode: string; what: string; atMs: number; outMs: number };
/** Fish of a bag in clean water, to be looked at and moved on. */
export type CleanTimer = {
  bag: string;
  label: string;
  lotLabel: string;
  n: number;
  sinceMs: number;
  dueAtMs: number;
  /** Who gave it, and who was called last because nobody came. */ by: string;
  paged?: string;
};
/** The hours in which a claim may be made, while they run. */
export type ClaimTimer = { crate: string; label: string; n: number; startMs: number; endMs: number };

export type RunningViews = { running: RunningView };
export const runningViewTopics: TopicsOf<RunningViews> = {
  running: ['bench', 'stock', 'water', 'dock', 'rounds', 'today', 'house'],
};
