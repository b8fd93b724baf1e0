// What the kitchen asks of the house.
import type { FeedingState } from '../feeding/index.ts';
import type { ChangeState } from '../journal/index.ts';
import type { LivingState, PlacementState } from '../placement/index.ts';
import type { RoomState } from '../room/index.ts';
import type { CourseFacts } from './course.ts';
import type { BatchBegun, MixFacts } from './entries.ts';
import type { StepDone } from './batch.ts';
import type { KitchenRules } from './ration.ts';

/** What stands of a batch: its lines, each with the steps that were done. */
export type BatchFacts = { id: string; begunMs: number; forMs: number; lines: (BatchBegun['lines'][number] & { done: StepDone[] })[] };

export interface KitchenState
  extends
    ChangeState,
    LivingState,
    Pick<FeedingState, 'findFood' | 'foods'>,
    Pick<RoomState, 'findTank'>,
    Pick<PlacementState, 'systemStateOf'> {
  findRules(): { kitchen: KitchenRules } | undefined;
  findZone(): string | undefined;
  findMix(id: string): MixFacts | undefined;
  /** Mixes that are kept here. */
  mixes(): readonly MixFacts[];
  findBatch(id: string): BatchFacts | undefined;
  /** How many were begun between two instants. */
  batchesBegun(fromMs: number, toMs: number): number;
  /** What a course of a lot follows from, by house days. */
  courseFacts(lot: string, mix: string): CourseFacts;
  /** How often those of a lot that are in a tank took a mix on the house day of `atMs`, until `untilMs`, there or in a tank that they have left. */
  timesGiven(of: { lot: string; tank: string; mix: string }, when: { atMs: number; untilMs?: number }): number;
  /** When a sign of illness was seen in a lot last. */
  signSeenMs(lot: string): number | undefined;
  /** Grams of a food that are here; undefined where nobody keeps count. */
  onHandG(food: string): number | undefined;
  /** Mixes, by name, that some living on a system took within a day. */
  fedMixesOn(system: string, atMs: number): string[];
}
