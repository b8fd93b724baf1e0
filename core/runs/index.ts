export { againstBath, bathDose, BATH_CHECK_MIN, BATH_MINUTES, LONGEST_BATH_MIN } from './bath.ts';
export { beginOf, pooledBag } from './begin.ts';
export { AS_CALCULATED, trajectoryOf, type Trajectory, type VesselParameters, type End } from './trajectory.ts';
export {
  BATH_KINDS,
  CHECKS,
  EXPECTED_SIGNS,
  FLOW_FROM,
  LABEL_UNITS,
  OVERFLOWS,
  RUN_ACTIONS,
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
  type RunAction,
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
  type TimedAction,
  type TimedReading,
} from './facts.ts';
export { STARTING_RUN_POLICY, type RunPolicy } from './policy.ts';
export { estimateOf, FOLLOWED_QUANTITIES, isFollowedQuantity, valueOf, type ParameterEstimate, type FollowedQuantity } from './estimate.ts';
export { follow, forecastOf, sampleAt, type Followed } from './follow.ts';
export { METER_OUT_FROM, corrected, isOut, REFERENCES_OF, type Check, type Corrected } from './meter.ts';
export { disagreementsOf, type Meaning, type Disagreement } from './disagreement.ts';
export { runRules } from './rules.ts';
export {
  CONVERSION_HOURS,
  CONVERSION_PPT,
  actionOf,
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
export { actionFor, judgeSign, calculatedSigns, type DoNow } from './signs.ts';
export { airlineOf, DROPS_WANTED, flowFromCatch, flowFromTaps, turnTo, type Taps, type Turn } from './taps.ts';
export {
  correctedOf,
  openedAtMs,
  runFactsOf,
  standingOf,
  tickedOf,
  watchOf,
  type Fewer,
  type AcclimationRun,
  type RunEvent,
  type RunReading,
} from './known.ts';
export { callsFor, checksEvery, dueByEye, runDues, soonest, type RunDue, type RunRule } from './due.ts';
export { askOf, type Ask } from './ask.ts';
export { reachedBy, sideBySide } from './outcome.ts';
export { vesselWater } from './vesselWater.ts';
export { exitOf, type Back, type Exit } from './exit.ts';
export { RUNS_REFUSALS } from './refusals.ts';
export type { RunSummary, RunState } from './state.ts';
export { STARTING_RUNS, type RunSettings } from './settings.ts';
