// From movements to stretches of time: when some of a lot stood in a place, and when the records say less than nothing.

/** A stretch in which some stood there; without `untilMs` they stand there still. `peak` = the most at once. */
export type Span = { fromMs: number; untilMs?: number; peak: number };
/** A stretch in which the records had fewer than nothing there: something was entered late, or not at all. */
export type Gap = { fromMs: number; untilMs?: number; n: number };
type PlacedLeg = { entry: string; atMs: number; n: number };

/** Order of happening: by instant, then by entry. */
export const inOrder = (a: { atMs: number; entry: string }, b: { atMs: number; entry: string }): number =>
  a.atMs - b.atMs || (a.entry < b.entry ? -1 : a.entry > b.entry ? 1 : 0);

/**
 * Spans and gaps of one lot in one place from its movements there, in any order. `before` = heads that stood there when the movements
 * begin, which is then `sinceMs`. Movements of one instant are taken together: in and out at once is no stay and no gap.
 */
export function spansOf(
  legs: readonly PlacedLeg[],
  { before = 0, sinceMs = 0 }: { before?: number; sinceMs?: number } = {},
): { spans: Span[]; gaps: Gap[] } {
  // Nothing moved in the time that is told: they stood there all of it, or were not there.
  if (legs.length === 0)
    return { spans: before > 0 ? [{ fromMs: sinceMs, peak: before }] : [], gaps: before < 0 ? [{ fromMs: sinceMs, n: -before }] : [] };
  const byInstant = new Map<number, number>();
  for (const { atMs, n } of legs) byInstant.set(atMs, (byInstant.get(atMs) ?? 0) + n);
  const spans: Span[] = [];
  const gaps: Gap[] = [];
  let n = before;
  let span: Span | undefined = before > 0 ? { fromMs: sinceMs, peak: before } : undefined;
  let gap: Gap | undefined = before < 0 ? { fromMs: sinceMs, n: -before } : undefined;
  for (const [atMs, change] of [...byInstant].sort((a, b) => a[0] - b[0])) {
    n += change;
    if (n > 0) span = span ? { ...span, peak: Math.max(span.peak, n) } : { fromMs: atMs, peak: n };
    else if (span) {
      spans.push({ ...span, untilMs: atMs });
      span = undefined;
    }
    if (n < 0) gap = gap ? { ...gap, n: Math.max(gap.n, -n) } : { fromMs: atMs, n: -n };
    else if (gap) {
      gaps.push({ ...gap, untilMs: atMs });
      gap = undefined;
    }
  }
  if (span) spans.push(span);
  if (gap) gaps.push(gap);
  return { spans, gaps };
}
