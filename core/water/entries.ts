// What is written down about water: readings, each with its provenance.
import type { Quantity, Reading } from './units.ts';

/** A value read at a bag or of a water (all tanks on one sump are one water). */
export type ReadingTaken = { subject: { kind: 'bag' | 'water'; id: string }; quantity: Quantity; reading: Reading };

export interface WaterEntries {
  'reading.taken': ReadingTaken;
}
