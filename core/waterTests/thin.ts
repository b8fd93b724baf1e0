// Years of readings on a screen: of each stretch the lowest and the highest, so that no peak is lost.

/**
 * At most `most` of points that are in order of time: all of them where they are few; else of each of most/2 equal stretches of time the lowest and the highest, in
 * order. Linear in their number. Throws a RangeError for less than 4.
 * @example thin([1, 5, 2, 9].map((value, atMs) => ({ atMs, value })), 4).length === 4
 */
export function thin<P extends { atMs: number; value: number }>(points: readonly P[], most: number): P[] {
  if (!(most >= 4)) throw new RangeError('fewer than 4 points are no line');
  if (points.length <= most) return [...points];
  const [fromMs, toMs] = [points[0]!.atMs, points.at(-1)!.atMs];
  const stretches = Math.floor(most / 2);
  const width = (toMs - fromMs) / stretches || 1;
  const kept: { low: P; high: P }[] = [];
  for (const point of points) {
    const index = Math.min(stretches - 1, Math.floor((point.atMs - fromMs) / width));
    const stretch = kept[index];
    if (!stretch) kept[index] = { low: point, high: point };
    else {
      if (point.value < stretch.low.value) stretch.low = point;
      if (point.value > stretch.high.value) stretch.high = point;
    }
  }
  return kept.flatMap(({ low, high }) => (low === high ? [low] : low.atMs <= high.atMs ? [low, high] : [high, low]));
}
