// What is written down about water: readings, each with its provenance.
import type { KitAdded, KitChanged } from './kits.ts';
import type { Quantity, Reading } from './units.ts';

/** A value read at a bag, of a system (all tanks on one sump are one system) or in the vessel of a run; `instrument` = the meter that showed it, `kit` = one of the house's. */
export type ReadingTaken = {
  subject: { kind: 'bag' | 'system' | 'run'; id: string };
  quantity: Quantity;
  reading: Reading;
  instrument?: string;
  kit?: string;
};

export interface WaterEntries {
  'reading.taken': ReadingTaken;
  'kit.added': KitAdded;
  'kit.changed': KitChanged;
}
