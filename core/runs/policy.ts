// What a lead decides of runs. Judgements to start from; a run keeps what it was begun with.
export type RunPolicy = {
  /** So near by one meter dipped into both waters counts as equal, ppt and °C. */
  equalPpt: number;
  equalC: number;
  /** From so many hours on somebody is named to watch it, and looks so often, minutes. */
  longH: number;
  lookEveryMin: number;
  /** Nobody came to what was due: whoever watches is called after so many minutes, then a lead. */
  callAfterMin: number;
  callLeadAfterMin: number;
};

export const STARTING_RUN_POLICY: RunPolicy = {
  equalPpt: 0.5,
  equalC: 1,
  longH: 3,
  lookEveryMin: 120,
  callAfterMin: 2,
  callLeadAfterMin: 12,
};
