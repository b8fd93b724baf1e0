// What moves, counts, promises and cuts ask of the house.
import type { BenchSettings, StepState } from '../bench/index.ts';
import type { DockState } from '../dock/index.ts';
import type { Mark } from '../journal/index.ts';
import type { MoveSettings, MoveState } from '../moves/index.ts';
import type { PlacementSettings, PlacementState } from '../placement/index.ts';

export interface StockState
  extends Omit<PlacementState, 'findRules'>, Omit<StepState, 'findRules'>, Omit<MoveState, 'findRules'>, Pick<DockState, 'findSupplier'> {
  findRules(): (BenchSettings & MoveSettings & PlacementSettings) | undefined;
  /** A tank, a bag or a vessel where fish can be. */
  isPlace(id: string): boolean;
  /** Some of the lot came to that place once. */
  wasIn(lot: string, place: string): boolean;
  /** The last movement at a place, for telling who was quicker; `exceptAct` leaves out the act being judged. */
  lastMove(place: string, exceptAct?: string): Mark | undefined;
  /** An arrangement with an end is written for a lot in a place: at that instant, or at any. */
  hasStayLimit(lot: string, place: string, atMs?: number): boolean;
  /** Of the order that it came of: for whom so many were, while no promise was ever written for them. */
  orderedFor(lot: string): { n: number; forWhom: string } | undefined;
  /** It is of that lot, and neither void nor lifted. */
  isPromiseOpen(id: string, lot: string): boolean;
}
