// What a lead decides of rounds; a judgement to start from.

export type RoundSettings = {
  /** From this wall hour on, a round is the evening round. */
  eveningFromHour: number;
};
export const STARTING_ROUNDS: RoundSettings = { eveningFromHour: 14 };
