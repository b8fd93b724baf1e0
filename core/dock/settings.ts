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
};
export const STARTING_DOCK: DockSettings = { lateAfterH: 6, longClosedH: 36, triage: STARTING_TRIAGE, cleanWaterMin: 15 };
