// What the screens read of what is due. Instants are UTC ms, quantities SI.
import type { Due } from '#core/today/index.ts';
import type { Afloat } from '../bench/views.ts';
import type { Done, TimelineEntry } from '../notebook/views.ts';
import type { ClaimTimer, CleanTimer } from '../running/views.ts';
import type { VesselTimer } from '../runs/views.ts';
import type { TemporaryStay } from '../stock/views.ts';
import type { TopicsOf } from '../basics/topics.ts';

/** `people` = who may be given a thing. */
export type TodayView = { seq: number; due: Due[]; people: { id: string; name: string }[] };

export type ShiftCard = Done & { shift: string; worries?: string; taken?: Done & { note?: string } };
/** A lot in quarantine, by its clock: clear days and how many are asked for. */
export type CountedDays = { lot: string; label: string; n: number; tanks: string[]; clear: number; required: number; notEating: boolean };
/** All that whoever comes needs to know: what was recorded since the last hand-over, and what stands now. */
export type HandoverView = {
  seq: number;
  /** The latest one, taken over or not. */
  last?: ShiftCard;
  /** Since when: the last one that was taken over, or a day. */
  sinceMs: number;
  /** Latest first; rounds that were all well, meals and readings are counted. */
  happened: TimelineEntry[];
  /** Only the latest of them are in it. */
  more?: true;
  names: Record<string, string>;
  counted: { checks: number; meals: number; readings: number };
  due: Due[];
  vessels: VesselTimer[];
  floats: Afloat[];
  clean: CleanTimer[];
  stays: TemporaryStay[];
  claims: ClaimTimer[];
  days: CountedDays[];
};

export type TodayViews = { today: TodayView; handover: HandoverView };
export const todayViewTopics: TopicsOf<TodayViews> = {
  handover: ['today', 'dock', 'bench', 'rounds', 'stock', 'house', 'moves', 'water', 'exposure', 'people', 'species'],
  today: ['today', 'dock', 'bench', 'rounds', 'stock', 'house', 'moves', 'species', 'water', 'exposure', 'people'],
};
