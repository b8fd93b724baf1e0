// What a lead decides of quarantine.
import { STARTING_HOLDS, type HoldPolicies } from './policy.ts';

export type QuarantineSettings = {
  /** How quarantine is counted, by class of fish. */
  holds: HoldPolicies;
};
export const STARTING_QUARANTINE: QuarantineSettings = { holds: STARTING_HOLDS };
