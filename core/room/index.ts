export {
  FLOWS,
  PURPOSES,
  STARTING_RULES,
  isTemporary,
  THINGS,
  VESSELS,
  type Flow,
  type HouseConfigured,
  type HouseRules,
  type Purpose,
  type RackAdded,
  type RackChanged,
  type RackFacts,
  type RackFields,
  type RoomEntries,
  type TankAdded,
  type TankChanged,
  type TankFacts,
  type TankFields,
  type ThingRetired,
  type Vessel,
  type WaterAdded,
  type WaterChanged,
  type WaterFacts,
  type WaterFields,
  type WatersJoined,
} from './entries.ts';
export { fit } from './fit.ts';
export type { Meetings } from './costs.ts';
export {
  CALM_SYSTEM,
  COST_CODES,
  isCost,
  isTaken,
  type CostCode,
  type FitCode,
  type FitReason,
  type FitTank,
  type Held,
  type Newcomer,
  type Resident,
  type SystemFacts,
} from './placeFacts.ts';
export { KNOWINGLY, takenKnowingly } from './knowingly.ts';
export { STARTING_PLACES, type PlaceRules } from './placeRules.ts';
export { passedAs, refuseUnfit } from './placing.ts';
export { roomRules } from './rules.ts';
export { walkingOrder, type Walked } from './walk.ts';
