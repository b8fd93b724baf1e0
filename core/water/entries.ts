// What is written down about water: readings, each with its provenance.
import type { Quantity, Reading } from './units.ts';

/** A value read at a bag, of a system (all tanks on one sump are one system) or in the vessel of a run; `instrument` = the meter that showed it. */
export type ReadingTaken = {
  subject: { kind: 'bag' | 'system' | 'run'; id: string };
  quantity: Quantity;
  reading: Reading;
  instrument?: string;
};

export interface WaterEntries {
  'reading.taken': ReadingTaken;
}
