// What every area may ask about lots: which there are, and where their fish stand.
import type { LotFacts } from './facts.ts';

export interface LotState {
  findLot(id: string): LotFacts | undefined;
  balance(lot: string, place: string): number;
  /** Living fish at a place now, by lot. */
  occupants(place: string): { lot: string; n: number }[];
  /** Tanks in which some of the lot stand. */
  tanksOf(lot: string): string[];
  /** Some fish of the lot stand in a tank of the house. */
  isInTank(lot: string): boolean;
  /** Heads of a lot that the house answers for, and how many of them are promised. */
  lotCount(lot: string): { inHouse: number; promised: number };
}
