// Who lives on a system, with what is known of their kind.
import type { HouseState } from '../journal/state.ts';
import type { SpeciesFacts } from '../species/entries.ts';

export type Living = { lot: string; label: string; species?: SpeciesFacts };

export const livingOn = (water: string, state: HouseState): Living[] =>
  state.tanksOn(water).flatMap((tank) =>
    state.occupants(tank).map(({ lot }) => {
      const { species, label = lot } = state.findLot(lot) ?? {};
      return { lot, label, species: species === undefined ? undefined : state.findSpecies(species) };
    }),
  );
