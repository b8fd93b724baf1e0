// How pressing a crate is, from its times: the first question at the dock is how long the bags have been closed.
import { HOUR_MS } from '../time/index.ts';
import type { DockSettings } from './settings.ts';

export type Transit = { closedH: number; lateH: number; /** Late or long closed by the house's rules: worked first. */ pressing: boolean };

/** Hours closed (from packing) and late (against the promise; 0 when on time), at arrival or at `now` while still open. */
export function transit(
  crate: { packedAtMs: number; promisedAtMs: number; arrivedAtMs?: number },
  rules: Pick<DockSettings, 'lateAfterH' | 'longClosedH'>,
  now: number,
): Transit {
  const closedH = Math.max(0, (now - crate.packedAtMs) / HOUR_MS);
  const lateH = Math.max(0, ((crate.arrivedAtMs ?? now) - crate.promisedAtMs) / HOUR_MS);
  return { closedH, lateH, pressing: lateH > rules.lateAfterH || closedH > rules.longClosedH };
}
