// From tank to tank by arrow keys, across the racks as they are drawn.
import type { RackCard, TankCard } from '#contract/views.ts';
import { forbids } from './forbids.ts';

export type Arrow = 'ArrowLeft' | 'ArrowRight' | 'ArrowUp' | 'ArrowDown';

/** The rows of the racks that are drawn open, top to bottom, each from left to right. */
function rowsOf(racks: readonly RackCard[]): TankCard[][] {
  return racks.flatMap(({ tanks }) => {
    const rows = [...new Set(tanks.map(({ row }) => row))].sort((a, b) => a - b);
    return rows.map((row) => tanks.filter((tank) => tank.row === row).sort((a, b) => a.column - b.column));
  });
}

/** Where an arrow leads from a tank; from nowhere, to the first tank that will do. Stays where there is nothing further. */
export function stepFrom(racks: readonly RackCard[], from: string | undefined, arrow: Arrow): string | undefined {
  const rows = rowsOf(racks);
  const all = rows.flat();
  const index = all.findIndex(({ id }) => id === from);
  if (index < 0)
    return (all.find(({ reasons }) => !reasons || reasons.length === 0) ?? all.find((tank) => forbids(tank).length === 0) ?? all[0])?.id;
  if (arrow === 'ArrowLeft' || arrow === 'ArrowRight') return (all[index + (arrow === 'ArrowLeft' ? -1 : 1)] ?? all[index]!).id;
  const { column } = all[index]!;
  const row = rows[rows.findIndex((row) => row.includes(all[index]!)) + (arrow === 'ArrowUp' ? -1 : 1)];
  if (!row) return from;
  return row.reduce((best, tank) => (Math.abs(tank.column - column) < Math.abs(best.column - column) ? tank : best)).id;
}
