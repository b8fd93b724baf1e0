// What a lead decides of acclimations.
import { STARTING_RUN_POLICY, type RunPolicy } from './policy.ts';

export type RunSettings = {
  /** When a vessel is there, who checks how often, whom the pager calls, what its water may not be. */
  runs: RunPolicy;
};
export const STARTING_RUNS: RunSettings = { runs: STARTING_RUN_POLICY };
