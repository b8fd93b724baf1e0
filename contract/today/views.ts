// What the screens read of what is due. Instants are UTC ms, quantities SI.
import type { Due } from '#core/today/index.ts';
import type { TopicsOf } from '../basics/topics.ts';

export type TodayView = { seq: number; due: Due[] };

export type TodayViews = { today: TodayView };
export const todayViewTopics: TopicsOf<TodayViews> = {
  today: ['today', 'dock', 'bench', 'rounds', 'stock', 'house', 'moves'],
};
