export {
  ORIGINS,
  type LotFacts,
  type LotOpened,
  type LotPromised,
  type Origin,
  type StockCounted,
  type StockEntries,
  type StockMoved,
} from './entries.ts';
export { findUnbalancedLot, move, negate, type Leg } from './legs.ts';
export { isOutside, OUTSIDE_PLACES, type OutsidePlace } from './places.ts';
export { stockRules } from './rules.ts';
export { STAGES, stageCounts, stageOf, type Stage, type StageCounts, type Standing } from './stage.ts';
