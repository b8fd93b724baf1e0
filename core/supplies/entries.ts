// What is used up and ordered again: what came, what was counted. Foods are counted in grams; everything else has a unit of its own.
import type { Changed } from '../journal/index.ts';

export const SUPPLY_UNITS = ['pieces', 'g', 'kg', 'mL', 'L'] as const;
export type SupplyUnit = (typeof SUPPLY_UNITS)[number];

/** Under `reorderAt` it is ordered again. `reused` = washed and used again, as filter socks are. `salt` = water is mixed from it. */
export type SupplyFields = { name: string; unit: SupplyUnit; reorderAt?: number; reused?: boolean; salt?: boolean; gone?: boolean };
export type SupplyAdded = { supply: string } & SupplyFields;
export type SupplyChanged = { supply: string; basedOn: string; fields: Changed<SupplyFields> };

/** `item` = a supply or a food. `bestBeforeMs` = as printed on it. */
export type SupplyReceived = { item: string; amount: number; bestBeforeMs?: number };
/** So much of it is here, whatever the records say; of what is washed the clean, and those that lie there dirty. */
export type SupplyCounted = { item: string; amount: number; dirty?: number };
/** Dirty ones brought back from the tanks. */
export type SupplyReturned = { item: string; amount: number };
/** So many dirty ones are clean again; so many more were past it. */
export type SupplyWashed = { item: string; amount: number; thrown?: number };

/** So much of a thing went into what is written down. */
export type Used = { item: string; amount: number };

export interface SupplyEntries {
  'supply.added': SupplyAdded;
  'supply.changed': SupplyChanged;
  'supply.received': SupplyReceived;
  'supply.counted': SupplyCounted;
  'supply.returned': SupplyReturned;
  'supply.washed': SupplyWashed;
}

/** What is asked of either. */
export type Item = { id: string; name: string; unit: SupplyUnit; reorderAt?: number; reused?: boolean; salt?: boolean; gone?: boolean };
/** Of what is washed: clean here, dirty here, and used but not brought back yet. */
export type Piles = { clean: number; dirty: number; out: number };
