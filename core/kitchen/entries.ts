// What is written down in the kitchen: medicated mixes as their labels say, batches as they are thawed, strained and soaked, courses of medicated food. Never a dose of ours.
import type { Changed } from '../journal/index.ts';
import type { MedicationFamily } from '../species/index.ts';

export const LABEL_UNITS = ['mg', 'g', 'mL', 'drops'] as const;
export type LabelUnit = (typeof LABEL_UNITS)[number];
/** What a label counts its amount for: each gram of food, or each kilogram of fish a day. */
export const LABEL_PER = ['g of food', 'kg of fish a day'] as const;
export type LabelPer = (typeof LABEL_PER)[number];

/** `amount` of `unit` `per` what, as the keeper read it on the label; Given at so many meals a day, `days` in a row, then a break. `first` = newcomers get it from their first meal on. `family` is left out where it is none of the list: then nobody knows whom it harms. */
export type MixFields = {
  name: string;
  family?: MedicationFamily;
  amount: number;
  unit: LabelUnit;
  per: LabelPer;
  timesADay: number;
  days: number;
  breakDays: number;
  first: boolean;
  /** As it is printed there. */
  labelSays?: string;
  gone?: boolean;
};
export type MixAdded = { mix: string } & MixFields;
export type MixChanged = { mix: string; basedOn: string; fields: Changed<MixFields> };
export type MixFacts = { id: string } & MixFields;

/** So many grams of one food; with medicine by a label, its amount, and for how much fish where the label counts fish. */
export type BatchLine = { food: string; g: number; mix?: { mix: string; amount: number; fishG?: number } };
/** Food for the meals at `forMs`. `soak` = what it is soaked in besides. */
export type BatchBegun = { batch: string; forMs: number; lines: BatchLine[]; soak?: string };
export const BATCH_STEPS = ['thawed', 'strained', 'soaked', 'thrown away'] as const;
export type BatchStep = (typeof BATCH_STEPS)[number];
/** Of one food of the batch; what is left of it is thrown away as a whole. */
export type BatchStepped = { batch: string; food: string; step: BatchStep };

/** A lot gets a mix again, from this day on: only on signs. */
export type CourseBegun = { course: string; lot: string; mix: string; why: string };
/** A lot gets a mix no longer, or not at all. */
export type CourseStopped = { lot: string; mix: string; why: string };

export interface KitchenEntries {
  'mix.added': MixAdded;
  'mix.changed': MixChanged;
  'batch.begun': BatchBegun;
  'batch.stepped': BatchStepped;
  'course.begun': CourseBegun;
  'course.stopped': CourseStopped;
}
