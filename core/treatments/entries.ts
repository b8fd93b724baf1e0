// What is written down about treatments so far: that a system is under one, from when to when. Never a dose.
import type { MedicationFamily } from '../species/index.ts';

export type TreatmentBegun = { treatment: string; system: string; family: MedicationFamily; note?: string };
export type TreatmentEnded = { treatment: string; system: string; note?: string };

export interface TreatmentEntries {
  'treatment.begun': TreatmentBegun;
  'treatment.ended': TreatmentEnded;
}

export type TreatmentFacts = { id: string; system: string; family: MedicationFamily; begunAtMs: number };
