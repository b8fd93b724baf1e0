// Small symmetric systems, by elimination with pivots. Five unknowns need no library.

/** Solves A·x = b. Throws a RangeError when A is singular. A and b are left as they are. */
export function solve(a: readonly (readonly number[])[], b: readonly number[]): number[] {
  const size = b.length;
  const rows = a.map((row, index) => [...row, b[index]!]);
  for (let column = 0; column < size; column += 1) {
    const pivot = rows.reduce(
      (best, row, index) => (index >= column && Math.abs(row[column]!) > Math.abs(rows[best]![column]!) ? index : best),
      column,
    );
    [rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!];
    const head = rows[column]![column]!;
    if (!(Math.abs(head) > 1e-300)) throw new RangeError('the system has no one answer');
    for (let below = column + 1; below < size; below += 1) {
      const factor = rows[below]![column]! / head;
      for (let pivot = column; pivot <= size; pivot += 1) rows[below]![pivot] = rows[below]![pivot]! - factor * rows[column]![pivot]!;
    }
  }
  const x = new Array<number>(size).fill(0);
  for (let row = size - 1; row >= 0; row -= 1) {
    const known = x.reduce((sum, value, column) => (column > row ? sum + rows[row]![column]! * value : sum), 0);
    x[row] = (rows[row]![size]! - known) / rows[row]![row]!;
  }
  return x;
}

/** The inverse, a column at a time. Throws as {@link solve}. */
export function invert(a: readonly (readonly number[])[]): number[][] {
  const columns = a.map((_, index) =>
    solve(
      a,
      a.map((__, row) => (row === index ? 1 : 0)),
    ),
  );
  return a.map((_, row) => columns.map((column) => column[row]!));
}
