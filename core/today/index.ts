export {
  AHEAD_MS,
  deriveDue,
  FOLLOW_UP_HOURS,
  FOLLOW_UP_LAPSES_MS,
  isForLead,
  isSettledByHand,
  stateOf,
  type DueFacts,
  type DueState,
} from './due.ts';
export { MISSING_LAPSES_MS, type MissingFact, type StayFact, type WaitingFact } from './stays.ts';
export { dueId, sourceOf, type Due, type DueRule, type Settled, type Walk } from './thing.ts';
export type { DueDone, DueSkipped, DueSnoozed, TodayEntries } from './entries.ts';
export { LONGEST_SNOOZE_MS, todayRules } from './rules.ts';
export { TODAY_REFUSALS } from './refusals.ts';
export type { TodayState } from './state.ts';
