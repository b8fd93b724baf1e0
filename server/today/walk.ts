// Where a due thing stands in the walk.
import type { Walk } from '#core/today/index.ts';

/** SQL of the columns of it, of tank `t` in rack `k`. */
export const WALK = 'k.walk, t."row", t."column"';
export const walkOf = ({ walk, row, column }: { walk: number; row: number; column: number }): Walk => [walk, row, column];
export const placed = <R extends Parameters<typeof walkOf>[0]>(row: R) => ({ ...row, walk: walkOf(row) });
