// What opening a bag asks of the house, and any change of water.
import type { DockState } from '../dock/index.ts';
import type { PlacementSettings, PlacementState } from '../placement/index.ts';
import type { KnownBag, KnownTank } from './facts.ts';
import type { Floated } from './release.ts';
import type { BenchSettings } from './settings.ts';

/** The method chosen last for a bag: the tank that was meant then, and what was passed over. */
export type Chosen = { method: string; tank?: string; passed: { code: string; size?: number }[] };

/** What is asked wherever fish change water. */
export interface StepState extends Pick<PlacementState, 'findLot' | 'findSpecies'> {
  findRules(): BenchSettings | undefined;
  findKnownTank(id: string): KnownTank | undefined;
}

export interface BenchState extends Omit<DockState, 'findRules'>, StepState {
  findRules(): (PlacementSettings & BenchSettings) | undefined;
  /** All that is known of the water in a bag, and of a tank's; undefined for what is none. */
  findKnownBag(id: string): KnownBag | undefined;
  findChosen(bag: string): Chosen | undefined;
  /** A float that runs. */
  findFloated(run: string): Floated | undefined;
}
