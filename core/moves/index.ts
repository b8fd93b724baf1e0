export {
  CAUGHT_BY,
  SEXES,
  SIZES,
  type CaughtBy,
  type MoveEntries,
  type MovesPlanned,
  type Slip,
  type SlipDropped,
  type SlipFacts,
  type SlipFreed,
  type SlipTried,
} from './entries.ts';
export { blocksOf, findRound, inDoingOrder, netFor, restUntil, type Block, type NetAdvice } from './plan.ts';
export { againstSlip, moveRules } from './rules.ts';
export { systemStep, type WaterStep } from './systemStep.ts';
export { MOVES_REFUSALS } from './refusals.ts';
export type { MoveState } from './state.ts';
export { STARTING_MOVES, type MoveSettings } from './settings.ts';
