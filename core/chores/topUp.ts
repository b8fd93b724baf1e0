// What is to be poured in for water that went off. Plain water went, the salt stayed: plain water is right unless the system has to climb.

export type TopUp = {
  /** Of the water that is poured in, ppt. */
  salinityPpt: number;
  /** The system then, ppt. */
  becomesPpt: number;
  /** It stays above its target: plain water is all that a top-up can do. `'slow'` = it climbs for more days, by so much a day as is borne. */
  short?: 'above' | 'slow';
};

export type Level = { presentPpt: number; targetPpt: number; volumeL: number; missingL: number; climbPpt: number };
/** Stronger water is not poured into a tank with fish: it sinks and burns before it has mixed. */
const SALTIEST_PPT = 40;

/**
 * `presentPpt` as read, with `missingL` gone of `volumeL`; at most `climbPpt` a day upward. By salt alone: (V − m)·S + m·x = V·S2.
 * Throws a RangeError where more is missing than there is, or nothing.
 * @example topUp({ presentPpt: 35, targetPpt: 34, volumeL: 350, missingL: 10, climbPpt: 1 }).salinityPpt === 0
 */
export function topUp(system: Level): TopUp {
  const { presentPpt, targetPpt, volumeL, missingL, climbPpt } = system;
  if (!(missingL > 0 && missingL < volumeL)) throw new RangeError('what is missing must be more than nothing and less than all');
  if (!(presentPpt >= 0 && targetPpt >= 0 && climbPpt > 0)) throw new RangeError('salinities and a climb are never below 0');
  const kept = presentPpt * (volumeL - missingL);
  const plainPpt = kept / volumeL;
  // It is the fish that climb: from where they are now, not from what plain water would make of it.
  const aimPpt = Math.min(targetPpt, presentPpt + climbPpt);
  const becomesPpt = Math.max(plainPpt, Math.min(aimPpt, (kept + SALTIEST_PPT * missingL) / volumeL));
  const salinityPpt = (becomesPpt * volumeL - kept) / missingL;
  const short = plainPpt > targetPpt ? 'above' : becomesPpt < targetPpt - 1e-9 ? 'slow' : undefined;
  return { salinityPpt, becomesPpt, ...(short ? { short } : {}) };
}
