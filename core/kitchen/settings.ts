// What a lead decides of the kitchen.
import { STARTING_KITCHEN_RULES, type KitchenRules } from './ration.ts';

export type KitchenSettings = {
  /** How much is given, and how long thawed food keeps. */
  kitchen: KitchenRules;
};
export const STARTING_KITCHEN: KitchenSettings = { kitchen: STARTING_KITCHEN_RULES };
