// What healing asks of the house.
import type { LotState } from '../lots/index.ts';
import type { HealingFacts } from './entries.ts';
import type { Measure } from './heal.ts';

export interface HealingState extends Pick<LotState, 'findLot' | 'isInTank'> {
  findHealing(id: string): (HealingFacts & { measures: Measure[]; ended?: { by: string; atMs: number } }) | undefined;
  /** That run for a lot. */
  healingsOf(lot: string): readonly { healing: string; what: string; begunMs: number }[];
}
