// The order in which tanks are walked: clean before suspect, so that nothing is carried from the sick to the well.

export type Walked = { code: string; walk: number; row: number; column: number; suspect: boolean };

/** Racks in their walking order, rows from the top, left to right; everything suspect after everything else. */
export function walkingOrder<T extends Walked>(tanks: readonly T[]): T[] {
  return [...tanks].sort(
    (a, b) =>
      Number(a.suspect) - Number(b.suspect) || a.walk - b.walk || a.row - b.row || a.column - b.column || a.code.localeCompare(b.code),
  );
}
