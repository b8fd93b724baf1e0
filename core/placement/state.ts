// What a place is judged by, as the house answers it.
import type { LotState } from '../lots/index.ts';
import type { QuarantineState } from '../quarantine/index.ts';
import type { RoomState } from '../room/index.ts';
import type { SpeciesState } from '../species/index.ts';
import type { PlaceNeed, SystemState } from './placeFacts.ts';
import type { PlacementSettings } from './settings.ts';

/** Who lives on a system. */
export type LivingState = Pick<RoomState, 'tanksOn'> & Pick<LotState, 'occupants' | 'findLot'> & Pick<SpeciesState, 'findSpecies'>;

export interface PlacementState
  extends
    LotState,
    Pick<SpeciesState, 'findSpecies'>,
    Pick<RoomState, 'findTank' | 'findSystem' | 'tanksOn' | 'comingTo'>,
    Pick<QuarantineState, 'findOpenQuarantine' | 'clocksOf'> {
  findRules(): PlacementSettings | undefined;
  /** What a system is under, has held, and who was ill on it within a quarantine that is open. */
  systemStateOf(system: string): SystemState;
  /** It came in poor shape, or a sign of weakness was seen on it, in the last two days. */
  isWeak(lot: string, atMs: number): boolean;
  /** What the way of its bags that came in the last two days asks of a tank. */
  needOf(lot: string, atMs: number): PlaceNeed | 'nothing';
  /** Something was odd on a system of late. */
  isSuspect(system: string, atMs: number): boolean;
}
