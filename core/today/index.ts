export {
  AHEAD_MS,
  deriveDue,
  dueId,
  FOLLOW_UP_HOURS,
  isSettledByHand,
  stateOf,
  type Due,
  type DueFacts,
  type DueRule,
  type DueState,
  type Walk,
} from './due.ts';
export type { DueDone, DueSkipped, DueSnoozed, TodayEntries } from './entries.ts';
export { LONGEST_SNOOZE_MS, todayRules } from './rules.ts';
