// What a lot is: fish that came together and are followed together.

export type Origin = 'wild' | 'bred' | 'farmed' | 'unknown';
export const ORIGINS: readonly Origin[] = ['wild', 'bred', 'farmed', 'unknown'];

/** How sure somebody is of what they are: certain by what they saw of them, likely, or a guess. */
export const CERTAINTIES = ['certain', 'likely', 'guess'] as const;
export type Certainty = (typeof CERTAINTIES)[number];

/** What is known of a lot; `species` is missing when a surprise bag held fish that nobody could name. */
export type LotFacts = {
  id: string;
  label: string;
  species?: string;
  heardAs?: string;
  /** Of its species; left out = as the supplier's list has it, or as it was put on record. */
  sure?: Certainty;
  /** Measured last, else as listed. */
  sizeCm?: number;
  origin: Origin;
  supplier?: string;
};
