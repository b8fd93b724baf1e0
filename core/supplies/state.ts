// What supplies ask of the house.
import type { ChangeState } from '../journal/index.ts';
import type { Item, Piles } from './entries.ts';

export interface SupplyState extends ChangeState {
  /** A supply or a food. */
  findItem(id: string): Item | undefined;
  findSupply(id: string): Item | undefined;
  /** Something of it came, was counted or used. */
  isCounted(item: string): boolean;
  /** How much of it is ready to be used; undefined where nobody counts it. */
  amountOf(item: string): number | undefined;
  pilesOf(item: string): Piles;
  /** That are kept here; foods not among them. */
  supplies(): readonly Item[];
}
