// What is written down about holds (quarantine): that the clock of a lot began, with the policy as it then was, and its end.
import type { QuarantineZero } from './facts.ts';
import type { QuarantinePolicy } from './policy.ts';

/** Day 0 is the house day of the zero. The policy is copied, so that a later rule changes no running quarantine. */
export type QuarantineOpened = { quarantine: string; lot: string; policy: QuarantinePolicy; zero: QuarantineZero };
/** The lot may leave: it counts as cleared from here on. Before the clock allows it only a lead says so, with a reason. */
export type QuarantineSignedOff = { quarantine: string; lot: string; note?: string };

export interface QuarantineEntries {
  'quarantine.opened': QuarantineOpened;
  'quarantine.signedOff': QuarantineSignedOff;
}

/** A quarantine that is open. */
export type QuarantineFacts = { id: string; lot: string; policy: QuarantinePolicy; openedAtMs: number };
