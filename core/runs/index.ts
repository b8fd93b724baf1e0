export { againstBath, bathDose, BATH_CHECK_MIN, BATH_MINUTES, LONGEST_BATH_MIN, MATCHED } from './bath.ts';
export { beginOf, pooledBag } from './begin.ts';
export { AS_RECKONED, courseOf, type Course, type Differs, type End } from './course.ts';
export {
  BATH_KINDS,
  CHECKS,
  EXPECTED_SIGNS,
  FLOW_FROM,
  LABEL_UNITS,
  OVERFLOWS,
  RUN_DEEDS,
  RUN_RELEASE_BY,
  RUN_SIGNS,
  STOP_SIGNS,
  VESSEL_WATERS,
  type Bath,
  type BathKind,
  type Check as RunCheck,
  type FlowFrom,
  type LabelUnit,
  type LightsDimmed,
  type MeterChecked,
  type Overflow,
  type PageSent,
  type RunChecked,
  type RunDeed,
  type RunEntries,
  type RunHanded,
  type RunMethod,
  type RunNoticed,
  type RunReleaseBy,
  type RunReleased,
  type RunSign,
  type RunStarted,
  type RunWorked,
  type SideBySide,
  type Vessel,
  type VesselWater,
} from './entries.ts';
export {
  minuteOf,
  mustBeFollowed,
  reachedLine,
  tankBy,
  type RunFacts,
  type TankSince,
  type TimedDeed,
  type TimedReading,
} from './facts.ts';
export { STARTING_RUN_POLICY, type RunPolicy } from './policy.ts';
export { fitOf, FITTED, isFitted, valueOf, type Fit, type Fitted } from './fit.ts';
export { follow, forecastOf, sampleAt, type Followed } from './follow.ts';
export { BEARS, corrected, isOut, REFERENCES_OF, type Check, type Corrected } from './meter.ts';
export { partedOf, type Meaning, type Parted } from './parted.ts';
export { runRules } from './rules.ts';
export {
  CONVERSION_HOURS,
  CONVERSION_PPT,
  deedOf,
  dripTurn,
  isConversion,
  isConversionMethod,
  isRunMethod,
  motionOf,
  nextOf,
  RUN_METHODS,
  sheetOf,
  type Next,
  type SheetCaution,
  type SheetLine,
} from './sheet.ts';
export { tooFast, type TooFast } from './rate.ts';
export { deedFor, judgeSign, reckonedSigns, type DoNow } from './signs.ts';
export { airlineOf, DROPS_WANTED, flowFromCatch, flowFromTaps, turnTo, type Turn } from './taps.ts';
export {
  correctedOf,
  openedAtMs,
  runFactsOf,
  standingOf,
  tickedOf,
  watchOf,
  type Fewer,
  type KnownRun,
  type RunEvent,
  type RunReading,
} from './known.ts';
export { callsFor, looksEvery, dueByEye, runDues, soonest, type RunDue, type RunRule } from './due.ts';
export { askOf, type Ask } from './ask.ts';
export { reachedBy, sideBySide } from './outcome.ts';
export { vesselWater } from './vesselWater.ts';
export { exitOf, type Back, type Exit } from './wayBack.ts';
export { RUNS_REFUSALS } from './refusals.ts';
export type { RunKnown, RunState } from './state.ts';
export { STARTING_RUNS, type RunSettings } from './settings.ts';
