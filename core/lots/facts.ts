// What a lot is: fish that came together and are followed together.

export type Origin = 'wild' | 'bred' | 'farmed' | 'unknown';
export const ORIGINS: readonly Origin[] = ['wild', 'bred', 'farmed', 'unknown'];

/** What is known of a lot; `species` is missing when a surprise bag held fish that nobody could name. */
export type LotFacts = {
  id: string;
  label: string;
  species?: string;
  heardAs?: string;
  /** Measured last, else as listed. */
  sizeCm?: number;
  origin: Origin;
  supplier?: string;
};
