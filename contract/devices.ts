// The bench meter stand-in: how it may be dipped, and what it shows. SI.
import type { FollowedQuantity } from '#core/runs/index.ts';
import type { ReadingMethod } from '#core/water/index.ts';

export const METER = 'bench meter';
/** The probe in the water, or the infrared eye on the vessel's skin; the strip for ammonia. */
export const METER_WAYS = ['probe', 'infrared', 'strip'] as const;
export type InstrumentType = (typeof METER_WAYS)[number];
export type MeterSubject = { kind: 'run' | 'system'; id: string };
export type MeterShown = {
  quantity: FollowedQuantity;
  value: number;
  typed: string;
  method: ReadingMethod;
  instrument: string;
  atMs: number;
};
