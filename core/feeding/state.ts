// What foods ask of the house.
import type { ChangeState } from '../journal/index.ts';
import type { FoodFacts } from './entries.ts';

export interface FeedingState extends ChangeState {
  findFood(id: string): FoodFacts | undefined;
  /** Foods that are kept here. */
  foods(): readonly FoodFacts[];
}
