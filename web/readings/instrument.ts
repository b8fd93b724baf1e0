// The meter or test that was used last on this device, of each quantity: it is in the same hand the next time.
import type { Quantity } from '#core/water/index.ts';

export type Instruments = Partial<Record<Quantity, string>>;
const KEPT = 'daily-crate-instruments';

export function keptInstruments(): Instruments {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '{}');
    if (typeof kept !== 'object' || kept === null) return {};
    return Object.fromEntries(Object.entries(kept).filter(([, name]) => typeof name === 'string'));
  } catch {
    return {};
  }
}

/** What was read without a name keeps the one that is known of it. */
export function keepInstruments(used: Instruments): void {
  const named = Object.entries(used).flatMap(([quantity, name]) => (name.trim() ? [[quantity, name.trim()] as const] : []));
  try {
    localStorage.setItem(KEPT, JSON.stringify({ ...keptInstruments(), ...Object.fromEntries(named) }));
  } catch {
    // It is typed again.
  }
}
