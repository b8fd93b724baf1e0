export type { DayMark } from './days.ts';
export { quarantineClock, type Blocker, type QuarantineClock, type Restart, type RestartCause } from './clock.ts';
export type { QuarantineEntries, QuarantineFacts, QuarantineOpened, QuarantineSignedOff } from './entries.ts';
export {
  checkKey,
  type ClockEvent,
  type ClockFacts,
  type TreatmentCourse,
  type QuarantineRows,
  type QuarantineZero,
  type Occupancy,
} from './facts.ts';
export { gatherFacts, ancestry, systemHistory, occupanciesByLot } from './gather.ts';
export {
  QUARANTINE_CLASSES,
  quarantineClassOf,
  LONGEST_QUARANTINE_DAYS,
  plainPolicy,
  RESTARTS_ON_ALL,
  STARTING_QUARANTINES,
  type QuarantineClass,
  type QuarantinePolicies,
  type QuarantinePolicy,
} from './policy.ts';
export { whoMeets, whoRestarts, type ContactOutcome, type Placed } from './restarts.ts';
export { quarantineOf } from './links.ts';
export { againstSignOff, quarantineRules } from './rules.ts';
export { QUARANTINE_REFUSALS } from './refusals.ts';
export type { QuarantineState } from './state.ts';
export { STARTING_QUARANTINE, type QuarantineSettings } from './settings.ts';
