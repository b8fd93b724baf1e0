// What the screens read of what a search finds. Instants are UTC ms, quantities SI.
import type { TopicsOf } from '../basics/topics.ts';

export type Hit = {
  what: 'lot' | 'tank' | 'crate' | 'supplier' | 'customer' | 'system' | 'person';
  id: string;
  name: string;
  detail: string;
  lots: { lot: string; label: string; n: number; places: string[]; supplier?: string; cameAtMs?: number }[];
};

export type FindView = { seq: number; hits: Hit[] };

export type FindViews = { find: FindView };
export const findViewTopics: TopicsOf<FindViews> = {
  find: ['stock', 'dock', 'house', 'species', 'people'],
};
