// What a lead decides of rounds; a judgement to start from.

export type RoundSettings = {
  /** From this wall hour on, a round is the evening round. */
  eveningFromHour: number;
  /** Fish that as many counts in a row did not see are offered as missing. */
  missingAfterRounds: number;
};
export const STARTING_ROUNDS: RoundSettings = { eveningFromHour: 14, missingAfterRounds: 3 };
