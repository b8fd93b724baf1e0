// A species that the house has not met: its name, its water and what kind of animal it is are on hand; all else stays not known.
import { idOfName, type Prey, type WaterType } from '#core/species/index.ts';
import { newId, type Draft } from '../data/house.ts';

export type NewSpeciesSaid = { common: string; scientific?: string; water: readonly WaterType[]; is: Prey };

/** An id that no species has: of its name where that gives one. */
function freeId(common: string, taken: ReadonlySet<string>): string {
  const named = idOfName(common) || newId();
  const ids = [named, ...Array.from({ length: taken.size + 1 }, (_, index) => `${named.slice(0, 58)}-${index + 2}`)];
  return ids.find((id) => !taken.has(id))!;
}

export function newSpeciesEntry(said: NewSpeciesSaid, taken: ReadonlySet<string>): Extract<Draft, { kind: 'species.added' }> {
  const [common, scientific] = [said.common.trim(), said.scientific?.trim()];
  return {
    kind: 'species.added',
    payload: {
      species: freeId(common, taken),
      common,
      ...(scientific ? { scientific } : {}),
      alsoCalled: [],
      water: [...said.water],
      is: said.is,
      neverWith: [],
      sources: [],
    },
  };
}
