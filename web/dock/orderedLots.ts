// Which lots of a crate were ordered for somebody, and how many of each came.
import type { CrateCard } from '#contract/views.ts';

/** `n` = ordered; `open` = its bags that nobody has settled; `kept` = a promise was written. */
export type OrderedLot = { lot: string; label: string; forWhom: string; n: number; alive: number; open: number; kept: boolean };

/** Other fish that came instead are not what was ordered. */
export function orderedLots({ bags }: Pick<CrateCard, 'bags'>): OrderedLot[] {
  const byLot = new Map<string, OrderedLot>();
  for (const { lot, lotLabel, ordered, landed, absent } of bags) {
    if (ordered?.forWhom === undefined) continue;
    const known = byLot.get(lot) ?? {
      lot,
      label: lotLabel,
      forWhom: ordered.forWhom,
      n: ordered.n,
      alive: 0,
      open: 0,
      kept: ordered.kept === true,
    };
    byLot.set(lot, { ...known, alive: known.alive + (landed?.alive ?? 0), open: known.open + ((landed ?? absent) ? 0 : 1) });
  }
  return [...byLot.values()];
}
