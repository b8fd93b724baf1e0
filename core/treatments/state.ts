// What a treatment asks of the house.
import type { LivingState, PlacementState } from '../placement/index.ts';
import type { RoomState } from '../room/index.ts';
import type { TreatmentFacts } from './entries.ts';

export interface TreatmentState extends LivingState, Pick<PlacementState, 'systemStateOf'>, Pick<RoomState, 'findSystem'> {
  /** Treatments that run in a system now. */
  openTreatments(system: string): TreatmentFacts[];
  /** Medicated mixes, by name, that some living there took within a day. */
  fedMixesOn(system: string, atMs: number): string[];
  /** Lots of a system, by label, that were weak or did not eat in the last two days. */
  frailOn(system: string, atMs: number): string[];
}
