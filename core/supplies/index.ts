export { SUPPLY_UNITS, type Item, type SupplyEntries, type SupplyFields, type SupplyUnit } from './entries.ts';
export { onHand, type Delivery, type OnHand } from './onHand.ts';
export { SUPPLY_REFUSALS } from './refusals.ts';
export { supplyRules } from './rules.ts';
export type { SupplyState } from './state.ts';
