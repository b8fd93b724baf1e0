export { holdDay } from './day.ts';
export type { HoldEntries, HoldFacts, HoldOpened, HoldSignedOff } from './entries.ts';
export { holdOf, holdRules } from './rules.ts';
