// Who lives in a tank or on a system, with what is known of their kind.
import type { SpeciesFacts } from '../species/index.ts';
import type { LivingState } from './state.ts';

export type Living = { lot: string; label: string; species?: SpeciesFacts; guessed?: boolean };

export const livingIn = (tank: string, state: Pick<LivingState, 'occupants' | 'findLot' | 'findSpecies'>): Living[] =>
  state.occupants(tank).map(({ lot }) => {
    const { species, sure, label = lot } = state.findLot(lot) ?? {};
    return { lot, label, species: species === undefined ? undefined : state.findSpecies(species), guessed: sure === 'guess' };
  });
export const livingOn = (system: string, state: LivingState): Living[] => state.tanksOn(system).flatMap((tank) => livingIn(tank, state));
