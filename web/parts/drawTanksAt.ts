// The page where tanks are drawn, opened for what was found to be missing.
import type { WaterType } from '#core/species/index.ts';

/** Where tanks are drawn for a purpose and a water; `back` = the page that asked for them. */
export function drawTanksAt(water: WaterType | undefined, back?: string): string {
  const query = new URLSearchParams({ part: 'racks', for: 'quarantine', ...(water ? { water } : {}), ...(back ? { back } : {}) });
  return `/house?${query.toString()}`;
}
