export { STARTING_AMBIENT, type AmbientConditions } from './ambient.ts';
export { advise, HARMLESS, TIE, type Advice } from './advice.ts';
export { cleanWaterOf, LIKE_THEIRS, ownWater, temperatureNow, unlikeTheirs } from './cleanWater.ts';
export { closedBag, BAG_LIMITS, LONGEST_H, METABOLISM_BAND, type ClosedBag, type FirstLimit, type LimitName, type Water } from './bag.ts';
export { BenchFault, compareMethods, rank, type BenchInput, type Comparison, type MethodResult } from './compare.ts';
export {
  RELEASE_BY,
  type BenchEntries,
  type CleanWaterGiven,
  type Compared,
  type FishReleased,
  type FloatStarted,
  type MethodChosen,
  type ReleaseBy,
} from './entries.ts';
export { settledPH, STRESSES, TOLERANCES, tolerancesOf, type Figures, type Stress, type StressName, type Tolerances } from './figures.ts';
export {
  toleranceOf,
  waterByBox,
  USUAL_BAG_L,
  USUAL_MASS,
  bagFactsOf,
  factsOf,
  inputOf,
  lotOf,
  measureFirst,
  type Fact,
  type FactOf,
  type FactSource,
  type KnownBag,
  type KnownTank,
} from './facts.ts';
export { outOfTank } from './housed.ts';
export { salinityGap, type SalinityGap } from './gap.ts';
export {
  BEST_GUESS,
  faultsOf,
  massOf,
  STARTING_CONTROLS,
  USUAL_WATER,
  type BagInput,
  type BagOpening,
  type Perturbation,
  type Controls,
  type InputFault,
  type LotInput,
  type TankInput,
} from './input.ts';
export { METHODS, recipesFor, type AcclimationMethod, type NotOffered, type Recipe } from './methods.ts';
export { benchRules } from './rules.ts';
export {
  classOf,
  houseMethod,
  HOUSE_METHOD_CLASSES,
  HOUSE_METHODS,
  STARTING_HOUSE_METHODS,
  type MethodChoice,
  type HouseMethodClass,
  type HouseMethods,
} from './houseMethods.ts';
export { SAY_METRIC, sayTime, sentenceOf, type Say } from './sentence.ts';
export { AIR_LEVELS } from './air.ts';
export { STEPS } from './vesselSimulator.ts';
export { simulate, startVessel, tankWater, type Simulation, type Sample, type Step, type Vessel } from './simulate.ts';
export { BENCH_REFUSALS } from './refusals.ts';
export type { BenchState, Chosen, StepState } from './state.ts';
export { STARTING_BENCH, type BenchSettings } from './settings.ts';
export { type AirLevel } from './air.ts';
export { type VesselSimulator, isTimed, makeVesselSimulator } from './vesselSimulator.ts';
export { calculate, stressOfPlan } from './compare.ts';
export { type Bands, type Curve, type Doubt, type Draw, bandsOf, drawOne, gridOf } from './draws.ts';
export { fastest, figuresOf } from './figures.ts';
export { type Tolerance, integrate } from './integrate.ts';
export { type Poured, refuseMix, UNREAD_COLDER_C, refusePlanned, refuseSteps } from './judge.ts';
export { type Change, type Within, exactly, stepsOver, withinOf } from './release.ts';
export { type SettleBy, type Turn, turnsOf } from './settle.ts';
export { type Help, type Verdict, helpsOf, needsLead, possibleOf, verdictOf } from './verdict.ts';
export { sampleOf } from './vessel.ts';
