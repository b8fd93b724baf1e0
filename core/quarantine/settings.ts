// What a lead decides of quarantine.
import { STARTING_QUARANTINES, type QuarantinePolicies } from './policy.ts';

export type QuarantineSettings = {
  /** How quarantine is counted, by class of fish. */
  quarantine: QuarantinePolicies;
};
export const STARTING_QUARANTINE: QuarantineSettings = { quarantine: STARTING_QUARANTINES };
