// What a lead decides of runs. Judgements to start from; a run keeps what it was begun with.
export type RunPolicy = {
  /** So near by one meter dipped into both waters counts as equal, ppt and °C. */
  equalPpt: number;
  equalC: number;
  /** From so many hours on somebody is named to watch it, and looks so often, minutes. */
  longH: number;
  checkEveryMin: number;
  /** Nobody came to what was due: whoever watches is called after so many minutes, then a lead. */
  callAfterMin: number;
  callLeadAfterMin: number;
  /** From here on water is no place to stay in: toxic ammonia, mg/L N; oxygen, mg/L; so far below its tank, °C. */
  ammoniaLine: number;
  oxygenLine: number;
  chilledByC: number;
  /** Clamped and pale is what fish are so long after a move, and sitting on the bottom so long into a conversion, hours. */
  settlingH: number;
  sittingH: number;
};

export const STARTING_RUN_POLICY: RunPolicy = {
  equalPpt: 0.5,
  equalC: 1,
  longH: 3,
  checkEveryMin: 120,
  callAfterMin: 2,
  callLeadAfterMin: 12,
  ammoniaLine: 0.2,
  oxygenLine: 3,
  chilledByC: 3,
  settlingH: 48,
  sittingH: 24,
};
