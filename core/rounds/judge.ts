// What a sign means on this lot today: expected right after a move, usual for it, to be watched, or an alarm. And what cannot be told by eye is not asserted.
import { DAY_MS, HOUR_MS } from '../time/index.ts';
import { SETTLING_MS, SIGN_CLASS, type Sign } from './signs.ts';

/** `expected until` = the settling time after a move. `usual` = on so many of the days on which it was looked at before. */
export type SignMeans =
  | { is: 'expected'; untilMs: number }
  | { is: 'usual'; days: number; of: number }
  | { is: 'watch' }
  | { is: 'alarm' }
  | { is: 'lasts'; sinceMs: number }
  /** It may be dead within the hour. */
  | { is: 'now' };

/** Days on which a lot was looked at before, and on how many of them it showed the sign. */
export type Usual = { days: number; of: number };

/** How a lot may be by nature. Breathing, clamped fins and all illness are never that. */
const BY_NATURE: readonly Sign[] = ['hiding', 'dark', 'pale'];
const USUAL_FROM_DAYS = 5;
const USUAL_SHARE = 0.4;
export const isUsual = (sign: Sign, { days, of }: Usual): boolean =>
  BY_NATURE.includes(sign) && days >= USUAL_FROM_DAYS && days / of >= USUAL_SHARE;

/** What is usual is learnt of fish that have settled: not of the first week in a tank, and not before a fortnight. */
export const LEARNT_FROM_MS = 7 * DAY_MS;
const USUAL_AFTER_MS = 14 * DAY_MS;
/** Never put down to a move: no move makes fish hang at the surface, or a shrimp lie on its back. */
const AT_ONCE: readonly Sign[] = ['gasping', 'on its back', 'listing'];
/** Fast breathing calms down within hours of a move. */
const BREATH_MS = 4 * HOUR_MS;

/** `movedMs` = since when it is in this tank. Without it nobody knows whether it is settling: no sign is expected. */
export function judgeSign(sign: Sign, { atMs, movedMs, before }: { atMs: number; movedMs?: number; before?: Usual }): SignMeans {
  const kind = SIGN_CLASS[sign];
  const hereMs = movedMs === undefined ? undefined : atMs - movedMs;
  if (AT_ONCE.includes(sign)) return { is: 'now' };
  if (kind === 'illness') return { is: 'alarm' };
  if (before && hereMs !== undefined && hereMs >= USUAL_AFTER_MS && isUsual(sign, before)) return { is: 'usual', ...before };
  if (kind === 'injury') return { is: 'watch' };
  if (sign === 'fast breathing') return hereMs !== undefined && hereMs <= BREATH_MS ? { is: 'watch' } : { is: 'now' };
  if (movedMs !== undefined && atMs - movedMs <= SETTLING_MS) return { is: 'expected', untilMs: movedMs + SETTLING_MS };
  if (kind === 'appetite') return { is: 'watch' };
  return movedMs === undefined ? { is: 'alarm' } : { is: 'lasts', sinceMs: movedMs };
}

const LATE_FROM_DAYS = 6;
const LATE_UNTIL_DAYS = 15;
const OF_GILLS: readonly Sign[] = ['gasping', 'fast breathing'];
const SPOTS: readonly Sign[] = ['white spots', 'velvet dust'];

/**
 * Fish that gasp one to two weeks after they came, without spots on any: gills that ammonia burnt in the bag show now. It may as well be flukes, low oxygen or
 * ammonia here. Gives the days since they came; nothing where it is not that, or nobody knows when they came.
 */
export function lateGasping(
  signs: readonly Sign[],
  { atMs, cameMs, lately }: { atMs: number; cameMs?: number; lately: readonly Sign[] },
): number | undefined {
  if (cameMs === undefined || !signs.some((sign) => OF_GILLS.includes(sign))) return undefined;
  if ([...signs, ...lately].some((sign) => SPOTS.includes(sign))) return undefined;
  const days = (atMs - cameMs) / DAY_MS;
  return days >= LATE_FROM_DAYS && days <= LATE_UNTIL_DAYS ? Math.round(days) : undefined;
}
