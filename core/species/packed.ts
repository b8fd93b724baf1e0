// In which salinity a species may come, when nobody says. A judgement: what exporters do, not what the fish should live in.
import type { Range } from './entries.ts';

/** Sea fish travel in less salt than they live in, and a little salt goes into soft water, ppt. */
const SHIPPED_LOW = 24;
const SEA_FROM = 28;
const SHIPPED_SALTED = 2;
const ANY_WATER: Range = { min: 0, max: 36 };

/** Ppt; of a species that nobody could name anything from fresh to sea water. */
export function packedIn(species: { salinityPpt: Range } | undefined): Range {
  if (!species) return ANY_WATER;
  const { min, max } = species.salinityPpt;
  // One that also lives in brackish or fresh water may come out of either: its range says so already.
  return { min: Math.max(0, min >= SEA_FROM ? Math.min(min, SHIPPED_LOW) : min), max: Math.max(max, SHIPPED_SALTED) };
}
