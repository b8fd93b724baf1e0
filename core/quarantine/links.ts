/** Other entries rest on the quarantine of a lot through this id, not through its own. */
export const quarantineOf = (lot: string): string => `quarantine of ${lot}`;
