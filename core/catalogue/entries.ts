// What is written down about the notebook itself: that an act did not hold after all.

/** Reverses a whole act: its stock legs are negated and its facts are void. Nothing is deleted. */
export type EntryReversed = { act: string; why?: string };

export interface JournalEntries {
  'entry.reversed': EntryReversed;
}
