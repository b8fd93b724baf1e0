export { compatibilityOf } from './compatibility.ts';
export type { ContactCosts } from './costs.ts';
export {
  holdsCopper,
  CALM_SYSTEM,
  COST_CODES,
  isCost,
  isTaken,
  type CostCode,
  type CompatibilityCode,
  type CompatibilityReason,
  type CandidateTank,
  type Held,
  type Newcomer,
  type PlaceNeed,
  type Resident,
  type SystemState,
} from './placeFacts.ts';
export type { OpenQuestion } from './notKnown.ts';
export { KNOWINGLY, takenKnowingly } from './knowingly.ts';
export { STARTING_PLACES, type PlaceRules } from './placeRules.ts';
export { passedAs, refuseUnfit } from './placing.ts';
export { livingIn, livingOn, type Living } from './living.ts';
export { PLACEMENT_REFUSALS } from './refusals.ts';
export type { LivingState, PlacementState } from './state.ts';
export { STARTING_PLACEMENT, type PlacementSettings } from './settings.ts';
export { fitTreatments, shyOf } from './compatibility.ts';
