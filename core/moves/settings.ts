// What a lead decides of catching; a judgement to start from.

export type MoveSettings = {
  /** Dips of the net in one day after which the fish are left alone until tomorrow. */
  triesBeforeRest: number;
};
export const STARTING_MOVES: MoveSettings = { triesBeforeRest: 3 };
