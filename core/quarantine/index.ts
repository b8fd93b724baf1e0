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
export { holdOf } from './links.ts';
export { againstSignOff, holdRules } from './rules.ts';
export { QUARANTINE_REFUSALS } from './refusals.ts';
export type { QuarantineState } from './state.ts';
export { STARTING_QUARANTINE, type QuarantineSettings } from './settings.ts';
