export {
  CAUGHT_BY,
  SEXES,
  SIZES,
  type CaughtBy,
  type MoveEntries,
  type MovesPlanned,
  type TransferTask,
  type TransferDropped,
  type TransferTaskFacts,
  type TransferUnblocked,
  type TransferTried,
} from './entries.ts';
export { blocksOf, findRound, inDoingOrder, netFor, restUntil, type Block, type NetAdvice } from './plan.ts';
export { againstTask, moveRules } from './rules.ts';
export { systemStep, type WaterStep } from './systemStep.ts';
export { MOVES_REFUSALS } from './refusals.ts';
export type { MoveState } from './state.ts';
export { STARTING_MOVES, type MoveSettings } from './settings.ts';
