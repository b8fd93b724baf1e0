export { clearedMet, leftCleared, type Met } from './again.ts';
export type { DayMark } from './days.ts';
export { holdClock, type Blocker, type HoldClock, type Restart, type RestartCause } from './clock.ts';
export type { HoldEntries, HoldFacts, HoldOpened, HoldSignedOff } from './entries.ts';
export { lookKey, type ClockEvent, type ClockFacts, type Course, type HoldRows, type HoldZero, type Stay } from './facts.ts';
export { gatherFacts, kinOf, plumber, staysByLot } from './gather.ts';
export {
  HOLD_CLASSES,
  holdClassOf,
  LONGEST_HOLD_DAYS,
  plainPolicy,
  RESTARTS_ON_ALL,
  STARTING_HOLDS,
  type HoldClass,
  type HoldPolicies,
  type HoldPolicy,
} from './policy.ts';
export { whoMeets, whoRestarts, type Meeting, type Placed } from './restarts.ts';
export { againstSignOff, holdOf, holdRules } from './rules.ts';
