export { beginBy, lineNow, stepsOf, type FoodWay, type LineNow, type StepDone } from './batch.ts';
export { courseNow, type CourseFacts, type CourseNow } from './course.ts';
export { amountFor, isByLabel } from './dose.ts';
export {
  BATCH_STEPS,
  LABEL_PER,
  LABEL_UNITS,
  type BatchBegun,
  type BatchStep,
  type KitchenEntries,
  type LabelUnit,
  type MixFacts,
  type MixFields,
} from './entries.ts';
export { HELD_BACK, medicatedIn, type Eater, type HeldBack } from './medicated.ts';
export { gramsOfLength, rationG, STARTING_KITCHEN_RULES, type KitchenRules } from './ration.ts';
export { KITCHEN_REFUSALS } from './refusals.ts';
export { kitchenRules } from './rules.ts';
export { STARTING_KITCHEN, type KitchenSettings } from './settings.ts';
export { kitchenSheet, taken, type Portion, type Sheet, type SheetLine, type SheetLot, type SheetTank } from './sheet.ts';
export type { BatchFacts, KitchenState } from './state.ts';
