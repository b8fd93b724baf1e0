// In which salinity a species may come, when nobody says. A judgement: what exporters do, not what the fish should live in.
import type { Range, WaterType } from './entries.ts';

/** Sea fish travel in less salt than they live in, and a little salt goes into soft water, ppt. */
const SHIPPED_LOW = 24;
const SEA_FROM = 28;
const SHIPPED_SALTED = 2;
/** One that bears so much between fresh and sea water may come out of a freshwater breeder's tanks, whatever the species list says it lives in, ppt. */
const EURYHALINE_SPAN = 15;
const ANY_WATER: Range = { min: 0, max: 36 };
/** Of a species with no range on record, by the one kind of water it is said to live in; brackish water may be anything. */
const BY_WATER: Partial<Record<WaterType, Range>> = { fresh: { min: 0, max: SHIPPED_SALTED }, marine: { min: SHIPPED_LOW, max: 36 } };

/** Ppt; of a species that nobody could name anything from fresh to sea water. */
export function packedIn(species: { salinityPpt?: Range; water?: readonly WaterType[] } | undefined): Range {
  if (!species?.salinityPpt) {
    const [water, ...more] = species?.water ?? [];
    return (more.length === 0 && water && BY_WATER[water]) || ANY_WATER;
  }
  const { min, max } = species.salinityPpt;
  const low = max - min >= EURYHALINE_SPAN ? 0 : min >= SEA_FROM ? Math.min(min, SHIPPED_LOW) : min;
  return { min: Math.max(0, low), max: Math.max(max, SHIPPED_SALTED) };
}
