// What a lead decides of getting ready for a crate; judgements to start from.

export type PrepareSettings = {
  prepare: {
    /** A reading of a system that is to be older than this when the crate comes is taken anew, h. */
    readWithinH: number;
    /** What must be ready is ready so long before the crate is due, h. */
    readyBeforeH: number;
    /** A bag further than this from the system's salinity is worth a match, ppt. */
    matchFromPpt: number;
    /** A system climbs back by at most so much a day, ppt. */
    climbPptPerDay: number;
    /** The salt water that the house mixes, ppt. */
    saltPpt: number;
    /** Grams of mix for a gram of salt, from its label: a mix holds water. */
    saltYield: number;
    /** Salt water mixed for receiving, rinsing and losses, besides what is computed, L. */
    spareSaltL: number;
    /** First-aid water that stands ready for each kind of water, L. */
    firstAidL: number;
  };
};
export const STARTING_PREPARE: PrepareSettings = {
  prepare: {
    readWithinH: 24,
    readyBeforeH: 2,
    matchFromPpt: 1,
    climbPptPerDay: 1,
    saltPpt: 34,
    saltYield: 1.1,
    spareSaltL: 20,
    firstAidL: 10,
  },
};
