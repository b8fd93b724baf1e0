// What a lead decides of places. Judgements to start from.
import type { WaterType } from '../species/index.ts';
import type { CostCode } from './placeFacts.ts';

export type PlaceRules = {
  /** Centimetres of fish for each litre of a tank, by the water it holds. */
  cmPerL: Record<WaterType, number>;
  /** A treatment for which there is no test counts as gone so many days after its end. */
  heldDays: number;
  /** Costs that only a lead takes here, with a reason. */
  leadOnly?: CostCode[];
};
export const STARTING_PLACES: PlaceRules = { cmPerL: { fresh: 1.5, brackish: 1, marine: 0.8 }, heldDays: 14 };
