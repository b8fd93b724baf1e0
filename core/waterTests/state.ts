// What water tests ask of the house.
import type { Mark } from '../journal/index.ts';
import type { PlacementState } from '../placement/index.ts';
import type { RoomState } from '../room/index.ts';
import type { Quantity } from '../water/index.ts';
import type { OwnPlan } from './entries.ts';
import type { Beside, SystemSet, Verdict } from './limits.ts';
import type { WaterTestSettings } from './settings.ts';

export type JudgedReading = { system: string; quantity: Quantity; value: number; atMs: number; verdict: Verdict };

export interface WaterTestState extends Pick<RoomState, 'findSystem'>, Pick<PlacementState, 'systemStateOf'> {
  findRules(): WaterTestSettings | undefined;
  /** The own plan of a system that holds now. */
  testPlanOf(system: string): (OwnPlan & Mark & { entry: string }) | undefined;
  /** A measured reading of a system that stands, with what the house thinks of it. */
  findJudged(entry: string): JudgedReading | undefined;
  /** What was done about a reading, latest last. */
  answersTo(reading: string): readonly Mark[];
  /** Litres for which water of the system was changed at that instant or later, for none of its own; and what was topped up. */
  pouredSince(system: string, atMs: number): { changedL: number; toppedL: number };
  /** The last ammonia of a system that tells of its water still, with what was read beside it. */
  ammoniaOf(system: string, atMs: number): { tan: number; beside: Beside; set: SystemSet } | undefined;
}
