// What the screens read of quarantines with their clocks. Instants are UTC ms, quantities SI.
import type { HoldClock, HoldPolicy, HoldZero } from '#core/quarantine/index.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { SpeciesName } from '../species/views.ts';

/** A hold with its clock as it stands. */
export type HoldCard = {
  hold: string;
  lot: string;
  label: string;
  species?: SpeciesName;
  n: number;
  tanks: { id: string; code: string }[];
  policy: HoldPolicy;
  opened: { zero: HoldZero; atMs: number };
  clock: HoldClock;
};

export type HoldsView = { seq: number; holds: HoldCard[] };

export type QuarantineViews = { holds: HoldsView };
export const quarantineViewTopics: TopicsOf<QuarantineViews> = {
  holds: ['stock', 'rounds', 'house', 'exposure'],
};
