export { SUPPLY_UNITS, type Item, type Piles, type SupplyEntries, type SupplyFields, type SupplyUnit, type Used } from './entries.ts';
export { onHand, type Delivery, type OnHand } from './onHand.ts';
export { SUPPLY_REFUSALS } from './refusals.ts';
export { againstUsed, supplyRules } from './rules.ts';
export type { SupplyState } from './state.ts';
