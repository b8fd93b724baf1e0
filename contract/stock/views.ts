// What the screens read of how many fish stand in which stage, and one lot with all that became of it. Instants are UTC ms, quantities SI.
import type { Condition } from '#core/healing/index.ts';
import type { Origin, Certainty } from '#core/lots/index.ts';
import type { Vessel } from '#core/room/index.ts';
import type { StageCounts } from '#core/stock/index.ts';
import type { Gap } from '#core/time/index.ts';
import type { BehaviourCard, SexesCard } from '../noted/views.ts';
import type { HealingCard } from '../healing/views.ts';
import type { PhotoCard } from '../photos/views.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { TimelineEntry } from '../notebook/views.ts';
import type { QuarantineCard } from '../quarantine/views.ts';
import type { SpeciesName } from '../species/views.ts';

export type StreamView = StageCounts & { seq: number; expected: number; /** Died or put down in the last 7 days. */ lost7: number };

/** An arrangement with an end whose fish are still there. */
export type StayLimitCard = {
  stayLimit: string;
  lot: string;
  lotLabel: string;
  n: number;
  tank: string;
  tankCode: string;
  vessel: Vessel;
  sinceMs: number;
  untilMs?: number;
  untilCm?: number;
  sizeCm?: number;
  why: string;
};

/** Fish in a bucket, box or behind a divider, with the hour at which they are to be out. */
export type TemporaryStay = {
  stayLimit: string;
  lot: string;
  lotLabel: string;
  n: number;
  tank: string;
  tankCode: string;
  sinceMs: number;
  untilMs: number;
};

export type Sharing = { lot: string; label: string; place: string; fromMs: number; untilMs?: number };

export type LotView = {
  seq: number;
  lot?: {
    id: string;
    label: string;
    species?: SpeciesName;
    origin: Origin;
    supplier?: string;
    crate?: string;
    sizeCm?: number;
    /** How sure of the species, and by what, where somebody said so. */
    sure?: Certainty;
    evidence?: string;
    /** Foods that some of it took, since when. */
    eats: { food: string; sinceMs: number }[];
    /** Ready for medicine or not, where it lives in a tank. */
    condition?: Condition;
    /** As seen at the landing of its bags. */
    sexes: string[];
    /** As somebody said since, the latest. */
    sexed?: SexesCard;
    /** Settled behaviour that was seen, latest first. */
    behaviours: BehaviourCard[];
    /** Its line of the order, where that was for somebody. */
    orderedFor?: { n: number; forWhom: string };
    inHouse: number;
    promised: { promise: string; n: number; forWhom: string }[];
    cutFrom: { lot: string; label: string; n: number; atMs: number; how: 'cut' | 'joined' | 'born' }[];
    cutInto: { lot: string; label: string; n: number; atMs: number; how: 'cut' | 'joined' | 'born' }[];
  };
  now: { place: string; name: string; tank: boolean; n: number }[];
  /** `as` = while it was part of that lot still. */
  been: { place: string; name: string; tank: boolean; fromMs: number; untilMs?: number; peak: number; as?: string }[];
  left: { place: string; n: number }[];
  shared: Sharing[];
  quarantines: QuarantineCard[];
  gaps: (Gap & { place: string })[];
  /** Latest first. */
  healings: HealingCard[];
  /** Of it, and of the bags that it came in. */
  photos: PhotoCard[];
  timeline: TimelineEntry[];
  names: Record<string, string>;
};

export type StockViews = { stream: StreamView; lot: LotView };
export const stockViewTopics: TopicsOf<StockViews> = {
  stream: ['stock', 'dock', 'bench', 'house'],
  lot: ['stock', 'rounds', 'dock', 'bench', 'moves', 'exposure', 'house'],
};
