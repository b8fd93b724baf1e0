// What is written down about remedies so far: that a water is under one, from when to when. Never a dose.
import type { RemedyFamily } from '../species/index.ts';

export type RemedyBegun = { course: string; system: string; family: RemedyFamily; note?: string };
export type RemedyEnded = { course: string; system: string; note?: string };

export interface RemedyEntries {
  'remedy.begun': RemedyBegun;
  'remedy.ended': RemedyEnded;
}

export type CourseFacts = { id: string; system: string; family: RemedyFamily; begunAtMs: number };
