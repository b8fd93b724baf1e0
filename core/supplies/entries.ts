// What is used up and ordered again: what came, what was counted. Foods are counted in grams; everything else has a unit of its own.
import type { Changed } from '../journal/index.ts';

export const SUPPLY_UNITS = ['pieces', 'g', 'kg', 'mL', 'L'] as const;
export type SupplyUnit = (typeof SUPPLY_UNITS)[number];

/** Under `reorderAt` it is ordered again. */
export type SupplyFields = { name: string; unit: SupplyUnit; reorderAt?: number; gone?: boolean };
export type SupplyAdded = { supply: string } & SupplyFields;
export type SupplyChanged = { supply: string; basedOn: string; fields: Changed<SupplyFields> };

/** `item` = a supply or a food. `bestBeforeMs` = as printed on it. */
export type SupplyReceived = { item: string; amount: number; bestBeforeMs?: number };
/** So much of it is here, whatever the records say. */
export type SupplyCounted = { item: string; amount: number };

export interface SupplyEntries {
  'supply.added': SupplyAdded;
  'supply.changed': SupplyChanged;
  'supply.received': SupplyReceived;
  'supply.counted': SupplyCounted;
}

/** What is asked of either. */
export type Item = { id: string; name: string; unit: SupplyUnit; reorderAt?: number; gone?: boolean };
