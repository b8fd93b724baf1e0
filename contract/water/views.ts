// What the screens read of readings and systems. Instants are UTC ms, quantities SI.
import type { WaterType } from '#core/species/index.ts';
import type { KitFacts, ReadingMethod, Quantity, Source } from '#core/water/index.ts';
import type { Beside, Limited, Range, SystemSet } from '#core/waterTests/index.ts';
import type { TopicsOf } from '../basics/topics.ts';

/** The latest reading of each quantity. */
export type Readings = Partial<Record<Quantity, { value: number; method: ReadingMethod; source: Source; atMs: number }>>;

export type SystemCard = {
  id: string;
  entry: string;
  name: string;
  type: WaterType;
  temperatureC: number;
  salinityPpt: number;
  volumeL: number;
  tanks: number;
};

export type ReadBefore = { value: number; typed: string; method: ReadingMethod; atMs: number; by: string };
/** Of one system the latest measurements of each quantity, newest first. */
export type ReadingsView = {
  seq: number;
  system?: Pick<SystemCard, 'id' | 'name' | 'type' | 'temperatureC' | 'salinityPpt'>;
  readings: { quantity: Quantity; latest: ReadBefore[] }[];
  kits: KitFacts[];
  /** What a value means here. `beside` = read within these two hours. */
  judging?: { set: SystemSet; limits: Partial<Record<Limited, Range>>; beside: Beside };
  /** What may upset a test of ammonia here. */
  disturbed?: 'binder' | 'copper';
};

export type WaterViews = { readings: ReadingsView };
export const waterViewTopics: TopicsOf<WaterViews> = { readings: ['water', 'house', 'exposure'] };
