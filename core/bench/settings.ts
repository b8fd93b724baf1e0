// What a lead decides of opening bags; judgements to start from.
import { STARTING_AROUND, type Around } from './around.ts';
import { STARTING_SCHOOLS, type Schools } from './schools.ts';

export type BenchSettings = {
  /** A float is over when bag and tank are this close, °C. */
  floatWithinC: number;
  /** Which method the house opens bags by, by class and time closed. */
  schools: Schools;
  /** What stands around every vessel. */
  around: Around;
};
export const STARTING_BENCH: BenchSettings = { floatWithinC: 0.5, schools: STARTING_SCHOOLS, around: STARTING_AROUND };
