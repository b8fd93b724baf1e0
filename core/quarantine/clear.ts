// Who was clear before an act: what stood before it decides, so a quarantine opened in the same act, or later, changes nothing about who was clear when they met.
import type { QuarantineRows, Occupancy } from './facts.ts';

/** Whether a lot carried its own finished quarantine into an instant. */
export type Clearings = (lot: string, atMs: number) => boolean;
type Hold = { lot: string; openedAtMs: number; endedAtMs: number };

const stood = ({ fromMs, untilMs }: Occupancy, atMs: number) => fromMs <= atMs && (untilMs === undefined || atMs <= untilMs);

/**
 * Clear: signed off, not among others that are still in quarantine on its system; entered as cleared when the house was set up; or cut of a lot that was.
 * A lot that never had a quarantine of its own is not, however long it stands there.
 */
export function clearings(
  rows: Pick<QuarantineRows, 'quarantines' | 'lineage' | 'opening'>,
  occupancies: ReadonlyMap<string, readonly Occupancy[]>,
): Clearings {
  const byLot = new Map<string, Hold[]>();
  for (const { lot, openedAtMs, endedAtMs = Infinity } of rows.quarantines)
    byLot.set(lot, [...(byLot.get(lot) ?? []), { lot, openedAtMs, endedAtMs }]);
  const parents = new Map<string, { from: string; atMs: number }[]>();
  for (const { lot, from, atMs } of rows.lineage) parents.set(lot, [...(parents.get(lot) ?? []), { from, atMs }]);
  const all = [...byLot.values()].flat();
  const systemsAt = (lot: string, atMs: number) =>
    new Set((occupancies.get(lot) ?? []).filter((occupancy) => stood(occupancy, atMs)).map(({ system }) => system));

  const untilWhen = new Map<Hold, number>();
  /** Until when others are in quarantine that were so on its system when it was signed off. */
  const amongOthersUntil = (hold: Hold): number => {
    const { lot, endedAtMs } = hold;
    const known = untilWhen.get(hold);
    if (known !== undefined) return known;
    const systems = systemsAt(lot, endedAtMs);
    const until = all.reduce(
      (latest, hold) =>
        hold.lot !== lot &&
        hold.openedAtMs < endedAtMs &&
        hold.endedAtMs > endedAtMs &&
        hold.endedAtMs > latest &&
        (occupancies.get(hold.lot) ?? []).some((occupancy) => systems.has(occupancy.system) && stood(occupancy, endedAtMs))
          ? hold.endedAtMs
          : latest,
      -Infinity,
    );
    untilWhen.set(hold, until);
    return until;
  };

  const clear = (lot: string, atMs: number, seen: ReadonlySet<string>): boolean => {
    const before = (byLot.get(lot) ?? []).filter(({ openedAtMs }) => openedAtMs < atMs);
    if (before.some(({ endedAtMs }) => endedAtMs >= atMs)) return false;
    const ended = before.toSorted((a, b) => a.endedAtMs - b.endedAtMs).at(-1);
    if (ended) return amongOthersUntil(ended) < atMs;
    if (rows.opening.has(lot)) return true;
    return (parents.get(lot) ?? []).some(
      ({ from, atMs: cutMs }) => !seen.has(from) && clear(from, Math.min(atMs, cutMs), new Set([...seen, lot])),
    );
  };
  const known = new Map<string, Map<number, boolean>>();
  return (lot, atMs) => {
    // Most are in quarantine just then: told at once, by the same rule as above.
    for (const { openedAtMs, endedAtMs } of byLot.get(lot) ?? []) if (openedAtMs < atMs && endedAtMs >= atMs) return false;
    let ofLot = known.get(lot);
    if (!ofLot) known.set(lot, (ofLot = new Map<number, boolean>()));
    let is = ofLot.get(atMs);
    if (is === undefined) ofLot.set(atMs, (is = clear(lot, atMs, new Set())));
    return is;
  };
}
