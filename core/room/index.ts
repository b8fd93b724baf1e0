export {
  PURPOSES,
  STARTING_RULES,
  isTemporary,
  THINGS,
  VESSELS,
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
export { fit, type FitCode, type FitReason, type FitTank, type Newcomer, type Resident } from './fit.ts';
export { refuseUnfit } from './placing.ts';
export { roomRules } from './rules.ts';
export { walkingOrder, type Walked } from './walk.ts';
