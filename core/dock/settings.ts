// What a lead decides of crates; judgements to start from.

import { STARTING_TRIAGE, type TriageRules } from './triage.ts';

export type DockSettings = {
  /** A crate this late, or closed this long, is worked first. */
  lateAfterH: number;
  longClosedH: number;
  /** Where each fact about a bag sends it. */
  triage: TriageRules;
  /** Fish in clean water are looked at, and moved on, within so many minutes. */
  cleanWaterMin: number;
  /** Hands and places at the unpacking, and minutes of a person for each part of it. */
  unpack: {
    people: number;
    buckets: number;
    /** A tank takes a floating bag for so many litres of it. */
    litresAPlace: number;
    landMin: number;
    putMin: number;
    pourMin: number;
    netMin: number;
  };
};
export const STARTING_DOCK: DockSettings = {
  lateAfterH: 6,
  longClosedH: 36,
  triage: STARTING_TRIAGE,
  cleanWaterMin: 15,
  unpack: { people: 2, buckets: 3, litresAPlace: 15, landMin: 1.5, putMin: 0.5, pourMin: 3, netMin: 2 },
};
