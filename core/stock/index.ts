export {
  ORIGINS,
  type LotFacts,
  type LotOpened,
  SPLIT_WHYS,
  type LotJoined,
  type LotMeasured,
  type LotNamed,
  type LotPromised,
  type PromiseLifted,
  type LotSplit,
  type Move,
  type Origin,
  type SplitWhy,
  type StayLimited,
  type StockCounted,
  type StockEntries,
  type StockMoved,
} from './entries.ts';
export { findUnbalancedLot, move, negate, type Leg } from './legs.ts';
export { isOutside, OUTSIDE_PLACES, type OutsidePlace } from './places.ts';
export { stockRules } from './rules.ts';
export { STAGES, stageCounts, stageOf, type Stage, type StageCounts, type Standing } from './stage.ts';
export { inOrder, spansOf, type Gap, type Span } from './spans.ts';
