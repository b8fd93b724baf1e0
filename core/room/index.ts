export {
  FLOWS,
  PURPOSES,
  isTemporary,
  THINGS,
  VESSELS,
  type Flow,
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
  type SystemAdded,
  type SystemChanged,
  type SystemFacts,
  type SystemFields,
  type SystemsJoined,
} from './entries.ts';
export { roomRules } from './rules.ts';
export { walkingOrder, type Walked } from './walk.ts';
export { ROOM_REFUSALS } from './refusals.ts';
export type { RoomState } from './state.ts';
