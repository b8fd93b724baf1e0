// What is written down about things that are due. The due things themselves are derived; only what people decide of them is kept.

/** The id of a due thing: the entry it comes of, the rule that makes it, the step of that rule. Stable, so replay finds it again. */
export type DueId = string;

export type DueDone = { due: DueId; note?: string };
/** To be shown again at `untilMs`. */
export type DueSnoozed = { due: DueId; untilMs: number; why: string };
export type DueSkipped = { due: DueId; why: string };
/** Whose it is; nobody's (`null`) again. */
export type DueAssigned = { due: DueId; person: string | null };

/** A shift handed over as it stood: everything recorded until then since the one before. `worries` = what no record tells. */
export type ShiftHanded = { shift: string; worries?: string };
/** Read and taken over, by somebody else than who handed it. */
export type ShiftTaken = { shift: string; note?: string };

export interface TodayEntries {
  'shift.handed': ShiftHanded;
  'shift.taken': ShiftTaken;
  'due.done': DueDone;
  'due.snoozed': DueSnoozed;
  'due.skipped': DueSkipped;
  'due.assigned': DueAssigned;
}
