// What the screens read of quarantines with their clocks. Instants are UTC ms, quantities SI.
import type { QuarantineClock, QuarantinePolicy, QuarantineZero } from '#core/quarantine/index.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { SpeciesName } from '../species/views.ts';

/** A quarantine with its clock as it stands. */
export type QuarantineCard = {
  quarantine: string;
  lot: string;
  label: string;
  species?: SpeciesName;
  n: number;
  tanks: { id: string; code: string }[];
  policy: QuarantinePolicy;
  opened: { zero: QuarantineZero; atMs: number };
  clock: QuarantineClock;
};

export type QuarantineView = { seq: number; quarantines: QuarantineCard[] };

export type QuarantineViews = { quarantine: QuarantineView };
export const quarantineViewTopics: TopicsOf<QuarantineViews> = {
  quarantine: ['stock', 'rounds', 'house', 'exposure'],
};
