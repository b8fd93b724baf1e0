// What chores ask of the house.
import type { BenchSettings, StepState } from '../bench/index.ts';
import type { ChangeState } from '../journal/index.ts';
import type { PeopleState } from '../people/index.ts';
import type { LivingState, PlacementState } from '../placement/index.ts';
import type { RoomState } from '../room/index.ts';
import type { SupplyState } from '../supplies/index.ts';
import type { WaterTestSettings, WaterTestState } from '../waterTests/index.ts';
import type { ChoreFacts } from './entries.ts';
import type { ChorePlace } from './places.ts';

export interface ChoreState
  extends
    ChangeState,
    LivingState,
    Omit<StepState, 'findRules'>,
    Pick<WaterTestState, 'ammoniaOf'>,
    Pick<PlacementState, 'findTank' | 'findSystem' | 'systemStateOf'>,
    Pick<RoomState, 'findRack'>,
    Pick<PeopleState, 'findPerson'>,
    Pick<SupplyState, 'findItem' | 'amountOf'> {
  findRules(): (BenchSettings & WaterTestSettings) | undefined;
  findChore(id: string): ChoreFacts | undefined;
  /** That are kept, by name. */
  chores(): readonly ChoreFacts[];
  placesOfChore(chore: ChoreFacts): readonly ChorePlace[];
  /** That it was done at a place between two instants, the latest; of water by what was changed or topped up there. */
  choreDone(chore: ChoreFacts, place: ChorePlace, between: { fromMs: number; toMs: number }): { by: string; atMs: number } | undefined;
}
