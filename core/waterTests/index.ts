export { changeFor, freedBy, totalBehind, totalFor, type ChangePlan, type Freed } from './change.ts';
export {
  DONE_ABOUT,
  LIMITED,
  TESTED,
  type DoneAbout,
  type FilterJudged,
  type Limited,
  type OwnLimit,
  type OwnPlan,
  type OwnTest,
  type ReadingAnswered,
  type Tested,
  type TestsPlanned,
  type WaterTestEntries,
} from './entries.ts';
export { againstFreeing } from './freeing.ts';
export {
  highestPH,
  isOver,
  judgeReading,
  limitsOf,
  TOGETHER_MS,
  toxicOf,
  type Beside,
  type OverLimit,
  type Range,
  type SystemSet,
  type Verdict,
} from './limits.ts';
export { everyDaysOf, FILTER_TELLS_MS, filterState, phasesOf, type FilterFacts, type FilterState, type FilterTest } from './phases.ts';
export { thin } from './thin.ts';
export { WATER_TEST_REFUSALS } from './refusals.ts';
export { waterTestRules } from './rules.ts';
export {
  RULE_TESTS,
  STARTING_WATER_TESTS,
  TEST_PHASES,
  type RuleTest,
  type TestPhase,
  type WaterLimits,
  type WaterTestRules,
  type WaterTestSettings,
} from './settings.ts';
export type { JudgedReading, WaterTestState } from './state.ts';
