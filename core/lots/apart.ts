// Two lots of one kind in one place are told apart by where they came from and when; one that stands alone keeps its plain name.
import { formatDay, houseDay } from '../time/index.ts';

export type Standing = { lot: string; label: string; sinceMs?: number; supplier?: string };

/** What each of the lots of one place is called there, by lot. Distinct whenever supplier, day or the order on record differs. */
export function calledApart(lots: readonly Standing[], zone: string): Map<string, string> {
  const called = new Map(lots.map(({ lot, label }) => [lot, label]));
  if (new Set(called.values()).size === lots.length) return called;
  const same = (names: ReadonlyMap<string, string>) => {
    const byName = new Map<string, Standing[]>();
    for (const lot of lots) byName.set(names.get(lot.lot)!, [...(byName.get(names.get(lot.lot)!) ?? []), lot]);
    return [...byName.values()].filter((group) => group.length > 1);
  };
  for (const group of same(called))
    for (const { lot, label, supplier, sinceMs } of group) {
      const day = sinceMs === undefined ? undefined : formatDay(houseDay(sinceMs, zone));
      called.set(lot, [label, supplier, day].filter(Boolean).join(', '));
    }
  // Of one supplier and one day: by number, in the order in which they stand on record.
  for (const group of same(called)) group.forEach(({ lot }, index) => called.set(lot, `${called.get(lot)} no. ${index + 1}`));
  return called;
}
