export type { CourseFacts, RemedyBegun, RemedyEnded, RemedyEntries } from './entries.ts';
export { remedyRules } from './rules.ts';
export { TREATMENTS_REFUSALS } from './refusals.ts';
export type { TreatmentState } from './state.ts';
