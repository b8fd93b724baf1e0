// The house as a line is read against it, and what its ids are called.
import type { RoomView } from '#contract/views.ts';
import type { LineTank } from '#core/line/index.ts';

export function tanksOf(view: RoomView): LineTank[] {
  return view.racks.flatMap(({ tanks }) =>
    tanks.map(({ id, code, system, occupants }) => ({
      id,
      code,
      system,
      lots: occupants.map(({ lot, label, n, species }) => ({
        lot,
        n,
        label,
        names: [label, ...(species ? [species.common, ...(species.scientific ? [species.scientific] : [])] : [])],
      })),
    })),
  );
}

export function namesIn(view: RoomView): (id: string) => string {
  const tanks = view.racks.flatMap((rack) => rack.tanks);
  const names = new Map<string, string>([
    ...view.systems.map(({ id, name }): [string, string] => [id, name]),
    ...tanks.map(({ id, code }): [string, string] => [id, code]),
    ...tanks.flatMap(({ occupants }) => occupants.map(({ lot, label }): [string, string] => [lot, label])),
  ]);
  return (id) => names.get(id) ?? id;
}
