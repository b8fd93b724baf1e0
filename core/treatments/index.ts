export type { TreatmentFacts, TreatmentBegun, TreatmentEnded, TreatmentEntries } from './entries.ts';
export { treatmentRules } from './rules.ts';
export { TREATMENTS_REFUSALS } from './refusals.ts';
export type { TreatmentState } from './state.ts';
