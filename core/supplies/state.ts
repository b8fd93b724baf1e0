// What supplies ask of the house.
import type { ChangeState } from '../journal/index.ts';
import type { Item } from './entries.ts';

export interface SupplyState extends ChangeState {
  /** A supply or a food. */
  findItem(id: string): Item | undefined;
  findSupply(id: string): Item | undefined;
  /** Something of it came, was counted or used. */
  isCounted(item: string): boolean;
  /** That are kept here; foods not among them. */
  supplies(): readonly Item[];
}
