// What is written down about holds (quarantine): that the clock of a lot began, with the policy as it then was, and its end.

/** Day 0 is the house day of the zero; the rule's days are copied so that a later rule changes no running hold. */
export type HoldOpened = { hold: string; lot: string; days: number; zero: 'arrival' };
/** The lot may leave: it counts as cleared from here on. Before its days are over only a lead says so, with a reason. */
export type HoldSignedOff = { hold: string; lot: string; note?: string };

export interface HoldEntries {
  'hold.opened': HoldOpened;
  'hold.signedOff': HoldSignedOff;
}

export type HoldFacts = { id: string; lot: string; days: number; openedAtMs: number };
