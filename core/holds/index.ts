export type { HoldEntries, HoldFacts, HoldOpened } from './entries.ts';
export { holdOf, holdRules } from './rules.ts';
