// What the walk asks of the house.
import type { LotState } from '../lots/index.ts';
import type { RoomState } from '../room/index.ts';
import type { SpeciesState } from '../species/index.ts';

export interface RoundState
  extends Pick<RoomState, 'findTank'>, Pick<LotState, 'findLot' | 'occupants'>, Pick<SpeciesState, 'findSpecies'> {
  findZone(): string | undefined;
  hasBag(id: string): boolean;
  hasRun(id: string): boolean;
  hasLoss(entry: string): boolean;
  /** What wants mending on a tank: as it was called, when, and until when somebody put it off. */
  faultsOf(tank: string): readonly { what: string; atMs: number; putOffUntilMs: number | null }[];
}
