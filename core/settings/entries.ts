// The house's own settings: its name, its zone, and the numbers of every area that a lead decides; rules of thumb of the trade to start from.
import { STARTING_BENCH, type BenchSettings } from '../bench/index.ts';
import { STARTING_DOCK, type DockSettings } from '../dock/index.ts';
import { STARTING_EXPOSURE, type ExposureSettings } from '../exposure/index.ts';
import { STARTING_FEEDING, type FeedingSettings } from '../feeding/index.ts';
import { STARTING_KITCHEN, type KitchenSettings } from '../kitchen/index.ts';
import { STARTING_MOVES, type MoveSettings } from '../moves/index.ts';
import { STARTING_PLACEMENT, type PlacementSettings } from '../placement/index.ts';
import { STARTING_PREPARE, type PrepareSettings } from '../prepare/index.ts';
import { STARTING_QUARANTINE, type QuarantineSettings } from '../quarantine/index.ts';
import { STARTING_ROUNDS, type RoundSettings } from '../rounds/index.ts';
import { STARTING_RUNS, type RunSettings } from '../runs/index.ts';
import { STARTING_STOCK, type StockSettings } from '../stock/index.ts';
import { STARTING_WATER_TESTS, type WaterTestSettings } from '../waterTests/index.ts';

export type HouseRules = BenchSettings &
  DockSettings &
  ExposureSettings &
  FeedingSettings &
  KitchenSettings &
  MoveSettings &
  PlacementSettings &
  PrepareSettings &
  QuarantineSettings &
  RoundSettings &
  RunSettings &
  StockSettings &
  WaterTestSettings;

export const STARTING_RULES: HouseRules = {
  ...STARTING_BENCH,
  ...STARTING_DOCK,
  ...STARTING_EXPOSURE,
  ...STARTING_FEEDING,
  ...STARTING_KITCHEN,
  ...STARTING_MOVES,
  ...STARTING_PLACEMENT,
  ...STARTING_PREPARE,
  ...STARTING_QUARANTINE,
  ...STARTING_ROUNDS,
  ...STARTING_RUNS,
  ...STARTING_STOCK,
  ...STARTING_WATER_TESTS,
};

export type HouseConfigured = { name: string; zone: string; rules: HouseRules };

export interface SettingsEntries {
  'house.configured': HouseConfigured;
}
