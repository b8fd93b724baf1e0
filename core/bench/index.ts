export { STARTING_AROUND, type Around } from './around.ts';
export { advise, HARMLESS, TIE, type Advice } from './advice.ts';
export { closedBag, BAG_LIMITS, LONGEST_H, METABOLISM_BAND, type ClosedBag, type FirstLimit, type LimitName, type Water } from './bag.ts';
export { BenchFault, compareMethods, rank, type BenchInput, type Comparison, type MethodResult } from './compare.ts';
export {
  RELEASE_BY,
  type BenchEntries,
  type Compared,
  type FishReleased,
  type FloatStarted,
  type MethodChosen,
  type ReleaseBy,
} from './entries.ts';
export { settledPH, STRAINS, TOLERANCES, tolerancesOf, type Figures, type Strain, type StrainName, type Tolerances } from './figures.ts';
export { factsOf, inputOf, lotOf, measureFirst, type Fact, type FactOf, type FactSource, type KnownBag, type KnownTank } from './facts.ts';
export { outOfTank } from './housed.ts';
export { salinityGap, type SalinityGap } from './gap.ts';
export {
  BEST_GUESS,
  faultsOf,
  massOf,
  STARTING_CONTROLS,
  TOLERANCE_CLASSES,
  USUAL_WATER,
  type BagInput,
  type BagState,
  type Chance,
  type Controls,
  type InputFault,
  type LotInput,
  type TankInput,
  type ToleranceClass,
} from './input.ts';
export { METHODS, recipesFor, type Method, type NotOffered, type Recipe } from './methods.ts';
export { benchRules } from './rules.ts';
export { classOf, houseMethod, SCHOOL_CLASSES, SCHOOLS, STARTING_SCHOOLS, type School, type SchoolClass, type Schools } from './schools.ts';
export { SAY_METRIC, sayTime, sentenceOf, type Say } from './sentence.ts';
export { AIR_LEVELS } from './air.ts';
export { STEPS } from './carry.ts';
export { simulate, startVessel, tankWater, type Run, type Sample, type Step, type Vessel } from './simulate.ts';
export { BENCH_REFUSALS } from './refusals.ts';
export type { BenchState, Chosen, StepState } from './state.ts';
export { STARTING_BENCH, type BenchSettings } from './settings.ts';
export { type AirLevel } from './air.ts';
export { type Carrier, isTimed, makeCarrier } from './carry.ts';
export { reckon, strainOfPlan } from './compare.ts';
export { type Bands, type Curve, type Doubt, type Draw, bandsOf, drawOne, gridOf } from './draws.ts';
export { fastest, figuresOf } from './figures.ts';
export { type Tolerance, integrate } from './integrate.ts';
export { type Poured, refuseMix, refusePlanned, refuseSteps } from './judge.ts';
export { type Change, type Within, exactly, stepsOver, withinOf } from './release.ts';
export { type SettleBy, type Turn, turnsOf } from './settle.ts';
export { type Help, type Verdict, helpsOf, needsLead, possibleOf, verdictOf } from './verdict.ts';
export { sampleOf } from './vessel.ts';
