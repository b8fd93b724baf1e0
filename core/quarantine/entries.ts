// What is written down about holds (quarantine): that the clock of a lot began, with the policy as it then was, and its end.
import type { HoldZero } from './facts.ts';
import type { HoldPolicy } from './policy.ts';

/** Day 0 is the house day of the zero. The policy is copied, so that a later rule changes no running hold. */
export type HoldOpened = { hold: string; lot: string; policy: HoldPolicy; zero: HoldZero };
/** The lot may leave: it counts as cleared from here on. Before the clock allows it only a lead says so, with a reason. */
export type HoldSignedOff = { hold: string; lot: string; note?: string };

export interface HoldEntries {
  'hold.opened': HoldOpened;
  'hold.signedOff': HoldSignedOff;
}

/** A hold that is open. */
export type HoldFacts = { id: string; lot: string; policy: HoldPolicy; openedAtMs: number };
