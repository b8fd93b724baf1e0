// Where a chore is done: its tanks, its systems or its racks, each once, in the order of the walk.
import type { ChoreFields } from './entries.ts';

export type ChoreTank = { id: string; code: string; rack: string; system: string };
/** `tank` = the first of it; of a rack `system` is its first tank's. */
export type ChorePlace = { id: string; name: string; rack: string; tank: string; systems: string[] };
type Names = { systemName: (id: string) => string; rackName: (id: string) => string };

/** So many names are read in a line; of more, the first and the last. */
const MOST_NAMES = 6;
export const namesOf = (places: readonly Pick<ChorePlace, 'name'>[]): string =>
  places.length <= MOST_NAMES ? places.map(({ name }) => name).join(', ') : `${places[0]!.name} to ${places.at(-1)!.name}`;

/** `tanks` in walking order, without those that are only for a time. */
export function placesOf(
  { per, racks, only }: Pick<ChoreFields, 'per' | 'racks' | 'only'>,
  tanks: readonly ChoreTank[],
  names: Names,
): ChorePlace[] {
  const meant = tanks.filter(({ id, rack }) => racks.includes(rack) && (only === undefined || only.includes(id)));
  const places = new Map<string, ChorePlace>();
  for (const tank of meant) {
    const id = per === 'tank' ? tank.id : tank[per];
    const known = places.get(id);
    if (known) {
      if (!known.systems.includes(tank.system)) known.systems.push(tank.system);
      continue;
    }
    const name = per === 'tank' ? tank.code : per === 'system' ? names.systemName(tank.system) : names.rackName(tank.rack);
    places.set(id, { id, name, rack: tank.rack, tank: tank.id, systems: [tank.system] });
  }
  return [...places.values()];
}
