// What the area asks of the house about species.
import type { ChangeState } from '../journal/index.ts';
import type { SpeciesFacts } from './entries.ts';

export interface SpeciesState extends ChangeState {
  findSpecies(id: string): SpeciesFacts | undefined;
}
