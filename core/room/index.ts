export {
  PURPOSES,
  STARTING_RULES,
  type HouseConfigured,
  type HouseRules,
  type Purpose,
  type RackAdded,
  type RoomEntries,
  type TankAdded,
  type TankFacts,
  type WaterAdded,
  type WaterFacts,
} from './entries.ts';
export { fit, type FitCode, type FitReason, type FitTank, type Newcomer, type Resident } from './fit.ts';
export { refuseUnfit } from './placing.ts';
export { roomRules } from './rules.ts';
export { walkingOrder, type Walked } from './walk.ts';
