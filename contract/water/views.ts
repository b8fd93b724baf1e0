// What the screens read of readings and systems. Instants are UTC ms, quantities SI.
import type { WaterType } from '#core/species/index.ts';
import type { ReadingMethod, Quantity, Source } from '#core/water/index.ts';

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
