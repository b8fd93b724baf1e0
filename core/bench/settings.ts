// What a lead decides of opening bags; judgements to start from.
import { STARTING_AMBIENT, type AmbientConditions } from './ambient.ts';
import { STARTING_HOUSE_METHODS, type HouseMethods } from './houseMethods.ts';

export type BenchSettings = {
  /** A float is over when bag and tank are this close, °C. */
  floatWithinC: number;
  /** Which method the house opens bags by, by class and time closed. */
  houseMethods: HouseMethods;
  /** What stands around every vessel. */
  ambient: AmbientConditions;
};
export const STARTING_BENCH: BenchSettings = { floatWithinC: 0.5, houseMethods: STARTING_HOUSE_METHODS, ambient: STARTING_AMBIENT };
