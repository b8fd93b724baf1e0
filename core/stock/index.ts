export {
  BORN_WHERE,
  type BornWhere,
  type LotBorn,
  type LotOpened,
  SPLIT_WHYS,
  type LotJoined,
  type LotMeasured,
  type LotNamed,
  type LotPromised,
  type PromiseLifted,
  type LotSplit,
  type Move,
  type SplitWhy,
  type StayLimited,
  type StockCounted,
  type StockEntries,
  type StockMoved,
} from './entries.ts';
export { isOutside, OUTSIDE_PLACES, type OutsidePlace } from './places.ts';
export { stockRules } from './rules.ts';
export { STAGES, stageCounts, stageOf, type Stage, type StageCounts, type Standing } from './stage.ts';
export { STOCK_REFUSALS } from './refusals.ts';
export type { StockState } from './state.ts';
export { STARTING_STOCK, type StockSettings } from './settings.ts';
