// How long a fish may go without a meal before somebody should look: by class, from its last meal or else from its release.
import type { Response } from '../rounds/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import { houseDay } from '../time/index.ts';

/** Days without a meal that are let pass, by class; a marine fish may take `firstMarine` days to its first. Rules of thumb of the trade. */
export type HungryAfterDays = { fry: number; small: number; other: number; largePredator: number; firstMarine: number };
export const STARTING_HUNGRY_AFTER: HungryAfterDays = { fry: 1, small: 3, other: 5, largePredator: 7, firstMarine: 3 };

export type AppetiteClass = 'fry' | 'small' | 'other' | 'largePredator';
const FRY_BELOW_CM = 1.5;
const SMALL_BELOW_CM = 5;
const LARGE_FROM_CM = 15;

type Eater = { sizeCm?: number; species?: Pick<SpeciesFacts, 'eats' | 'adultCm' | 'water'> };

/** By present length, or adult length when nobody measured. A large predator takes fish and is 15 cm or more. */
export function appetiteClass({ sizeCm, species }: Eater): AppetiteClass {
  const length = sizeCm ?? species?.adultCm;
  if (length === undefined) return 'other';
  if (length < FRY_BELOW_CM) return 'fry';
  if (length < SMALL_BELOW_CM) return 'small';
  return length >= LARGE_FROM_CM && species?.eats?.prey.includes('fish') ? 'largePredator' : 'other';
}

/** A meal that was taken: tasting and spitting out is none. */
export const isMeal = (response: Response): boolean => response === 'ate' || response === 'charged';

export type Fast = { days: number; allowedDays: number; hungry: boolean; /** No meal since it came. */ first: boolean };

/** Whole house days since the last meal, or since release; nothing when neither is known. */
export function fastOf(
  eater: Eater,
  times: { lastMealMs?: number; releasedMs?: number },
  given: { now: number; zone: string; rules: HungryAfterDays },
): Fast | undefined {
  const { lastMealMs, releasedMs } = times;
  const first = lastMealMs === undefined || (releasedMs !== undefined && releasedMs > lastMealMs);
  const sinceMs = first ? releasedMs : lastMealMs;
  if (sinceMs === undefined) return undefined;
  const days = houseDay(given.now, given.zone) - houseDay(sinceMs, given.zone);
  const byClass = given.rules[appetiteClass(eater)];
  const allowedDays = first && eater.species?.water.includes('marine') ? Math.max(byClass, given.rules.firstMarine) : byClass;
  return { days, allowedDays, hungry: days >= allowedDays, first };
}
