// What is written down about holds (quarantine): that the clock of a lot began, with the policy as it then was.

/** Day 0 is the house day of the zero; the rule's days are copied so that a later rule changes no running hold. */
export type HoldOpened = { hold: string; lot: string; days: number; zero: 'arrival' };

export interface HoldEntries {
  'hold.opened': HoldOpened;
}

export type HoldFacts = { id: string; lot: string; days: number; openedAtMs: number };
