// What the screens read of tests of water. Instants are UTC ms, quantities SI.
import type { EveryStand } from '#core/time/index.ts';
import type { WaterType, MedicationFamily } from '#core/species/index.ts';
import type { KitFacts, Quantity } from '#core/water/index.ts';
import type {
  Beside,
  DoneAbout,
  FilterState,
  Limited,
  OwnPlan,
  OverLimit,
  Range,
  SystemSet,
  Tested,
  TestPhase,
} from '#core/waterTests/index.ts';
import type { Item } from '#core/supplies/index.ts';
import type { TopicsOf } from '../basics/topics.ts';

/** `entry` = the reading. */
export type ReadLast = { entry: string; value: number; atMs: number; by: string; with?: string };
export type TestCard = EveryStand & { quantity: Tested; everyDays: number; last?: ReadLast };
export type AnswerCard = { entry: string; did: DoneAbout[]; by: string; atMs: number; retestAtMs?: number; note?: string };
/** A value over its limit that is the latest of its quantity. */
export type OverCard = {
  quantity: Quantity;
  reading: ReadLast;
  verdict: OverLimit;
  beside: Beside;
  answered?: AnswerCard;
};
/** `walk` = in the order of its first tank. `feedLess` = which value asks for it still. */
export type SystemTests = {
  id: string;
  name: string;
  type: WaterType;
  volumeL: number;
  set: SystemSet;
  tanks: { id: string; code: string }[];
  filter: FilterState;
  phases: TestPhase[];
  treatments: readonly MedicationFamily[];
  /** Copper runs or is held: no binder. */
  copper: boolean;
  tests: TestCard[];
  limits: Partial<Record<Limited, Range>>;
  own?: OwnPlan & { entry: string; by: string; atMs: number };
  over: OverCard[];
  feedLess?: Quantity;
  /** Measured last, of what is planned or limited. */
  latest: Partial<Record<Quantity, ReadLast>>;
};
export type TestKitCard = KitFacts & { entry: string };
export type WaterTestsView = {
  seq: number;
  day: number;
  systems: SystemTests[];
  kits: TestKitCard[];
  /** What water is mixed from here. */
  salt?: { item: string; unit: Item['unit'] };
};

/** `with` = an index into `instruments`. */
export type TrendPoint = { atMs: number; value: number; with: number };
/** `n` = heads of a loss, litres of a change. */
export type TrendMark = { atMs: number; is: 'change' | 'top-up' | 'loss'; n: number };
/** `thinned` = of more readings than can be drawn the lowest and the highest of each stretch. */
export type WaterTrendView = {
  seq: number;
  system?: { id: string; name: string; type: WaterType };
  quantity: Quantity;
  /** That were read of it ever. */
  quantities: Quantity[];
  fromMs: number;
  toMs: number;
  instruments: string[];
  points: TrendPoint[];
  readings: number;
  thinned: boolean;
  marks: TrendMark[];
  marksMore: number;
  treatments: { family: MedicationFamily; fromMs: number; toMs?: number }[];
  limits?: Range;
};

export type WaterTestViews = { waterTests: WaterTestsView; waterTrend: WaterTrendView };
export const waterTestViewTopics: TopicsOf<WaterTestViews> = {
  waterTests: ['water', 'house', 'rounds', 'stock', 'exposure'],
  waterTrend: ['water', 'exposure', 'stock', 'house', 'rounds'],
};
