// What the screens read of getting ready for crates. Instants are UTC ms, quantities SI.
import type { CrateCard } from '../dock/views.ts';
import type { Done } from '../notebook/views.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { Refusal } from '#core/journal/index.ts';
import type { LaidMatch, MatchOffer, PrepLine, SettledStep } from '#core/prepare/index.ts';

/** `ticked` = done, or left out for a reason. */
export type PrepLineCard = PrepLine & { ticked?: Done & { left?: string } };
/** A system that some of it is meant for: as it stands, what a match would be, and the one that is laid down. */
export type PrepSystemCard = {
  system: string;
  name: string;
  volumeL: number;
  tanks: number;
  salinityPpt: number;
  /** When it was read last; missing = never: as it is set to. */
  readMs?: number;
  residents: string[];
  offer?: MatchOffer;
  laid?: LaidMatch &
    Done & {
      /** Steps that are done or left out. */ settled: SettledStep[];
      /** Why the next is not to be made as it was laid down. */ against: Pick<Refusal, 'code' | 'facts'>[];
    };
};
export type PreparedCrate = Pick<CrateCard, 'crate' | 'label' | 'supplier' | 'promisedAtMs' | 'stated'> & { bags: number; heads: number };
/** The crates that are on their way, the next one first; of the one that is asked for, or the next, its lines, the first due first. */
export type PrepareView = {
  seq: number;
  crates: { crate: string; label: string; promisedAtMs: number; open: number }[];
  crate?: PreparedCrate;
  lines: PrepLineCard[];
  systems: PrepSystemCard[];
};
export type PrepareViews = { prepare: PrepareView };
export const prepareViewTopics: TopicsOf<PrepareViews> = {
  prepare: ['dock', 'bench', 'water', 'species', 'stock', 'rounds', 'house', 'exposure', 'moves', 'today'],
};
