// What tools and carried water ask of the house.
import type { BenchSettings, StepState } from '../bench/index.ts';
import type { ChoreState } from '../chores/index.ts';
import type { ChangeState } from '../journal/index.ts';
import type { PeopleState } from '../people/index.ts';
import type { PlacementSettings, PlacementState } from '../placement/index.ts';
import type { RoomState } from '../room/index.ts';
import type { SupplyState } from '../supplies/index.ts';
import type { WaterTestSettings, WaterTestState } from '../waterTests/index.ts';
import type { ToolFacts } from './entries.ts';

export interface ExposureState
  extends
    ChangeState,
    Omit<StepState, 'findRules'>,
    Pick<ChoreState, 'chores' | 'placesOfChore' | 'choreDone'>,
    Pick<PeopleState, 'findPerson'>,
    Pick<RoomState, 'findRack'>,
    Pick<SupplyState, 'findItem' | 'amountOf'>,
    Pick<WaterTestState, 'ammoniaOf'>,
    Pick<PlacementState, 'findTank' | 'findSystem' | 'tanksOn' | 'occupants' | 'findOpenQuarantine' | 'systemStateOf'> {
  findRules(): (BenchSettings & PlacementSettings & WaterTestSettings) | undefined;
  findTool(id: string): ToolFacts | undefined;
  /** Tanks from which a tool, or hands, are wet still at an instant, since they were last clean. */
  wetFrom(tool: string, atMs: number): string[];
  /** When a tool, or hands, were wet last. */
  lastUseOf(tool: string): number | undefined;
}
