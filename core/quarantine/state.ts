// What quarantine asks of the house; the server answers it, the clocks included.
import type { LotState } from '../lots/index.ts';
import type { RoomState } from '../room/index.ts';
import type { SpeciesState, WaterType } from '../species/index.ts';
import type { QuarantineClock } from './clock.ts';
import type { QuarantineFacts } from './entries.ts';
import type { QuarantineSettings } from './settings.ts';

export interface QuarantineState
  extends Pick<LotState, 'findLot' | 'isInTank'>, Pick<SpeciesState, 'findSpecies'>, Pick<RoomState, 'findTank'> {
  /** The house's rules as they were at an instant, by when a lead said so. */
  rulesAt(atMs: number): QuarantineSettings | undefined;
  /** The quarantine of a lot that has not been signed off. */
  findOpenQuarantine(lot: string): QuarantineFacts | undefined;
  /** The clock of its open quarantine at an instant; throws when it has none. */
  clockOf(lot: string, atMs: number): QuarantineClock;
  /** The same of several lots, those without an open quarantine left out. */
  clocksOf(lots: readonly string[], atMs: number): Map<string, QuarantineClock>;
  /** When the first of a lot came into the house. */
  firstSeenOf(lot: string): number | undefined;
  /** Kinds of water in which a lot lives or is to live. */
  waterTypesOf(lot: string): WaterType[];
}
