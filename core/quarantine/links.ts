/** Other entries rest on the quarantine of a lot through this id, not through its own. */
export const holdOf = (lot: string): string => `hold of ${lot}`;
