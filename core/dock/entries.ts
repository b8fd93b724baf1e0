// What is written down at the dock: a crate on its way, its arrival, each bag as it is landed.
import type { TaughtColumn, TaughtName } from '../intake/index.ts';
import type { Origin } from '../lots/index.ts';

export type SupplierAdded = { supplier: string; name: string; transit: 'overnight' | 'van' | 'local' | 'slow courier'; note?: string };

/** `free` = how many of `n` were sent free against losses. `waterL` is missing when the list does not say it. */
export type ListedBag = { bag: string; label: string; box: number; lot: string; n: number; free?: number; waterL?: number };
/** `heardAs` = what the list calls it when nobody could name the species. */
export type ListedLot = { lot: string; label: string; species?: string; heardAs?: string; origin: Origin; sizeCm?: number };

/** A packing list, whole: the lots and bags are made with it. `told` = what the supplier says of the shipping water. */
export type CrateExpected = {
  crate: string;
  label: string;
  supplier: string;
  packedAtMs: number;
  promisedAtMs: number;
  stated: { temperatureC?: number; salinityPpt?: number };
  lots: ListedLot[];
  bags: ListedBag[];
  /** Lines of the list that stand for no bag, kept as they are written. */
  remarks?: string[];
};

/** What may be put right of a crate, before it comes or after. */
export type CrateFields = Pick<CrateExpected, 'label' | 'packedAtMs' | 'promisedAtMs' | 'stated'>;
/** Only the fields that changed. `basedOn` = the entry that the maker saw as the latest on this crate. */
export type CrateChanged = { crate: string; basedOn: string; fields: Partial<CrateFields> };

export type Carton = 'dry' | 'damp' | 'wet' | 'crushed';
export const CARTONS: readonly Carton[] = ['dry', 'damp', 'wet', 'crushed'];
export type CrateArrived = { crate: string; carton: Carton; note?: string };

/** Upright and bright; pale or clamped but answering; listing, fast breathing or wounds; on its side or gasping. */
export type Condition = 'fit' | 'tired' | 'poor' | 'critical';
export const CONDITIONS: readonly Condition[] = ['fit', 'tired', 'poor', 'critical'];
export type BagOpening = 'sound' | 'soft' | 'foul';
export const BAG_CONDITIONS: readonly BagOpening[] = ['sound', 'soft', 'foul'];

/** A bag on the house's hands. The dead land in their bag and leave it in the same entry. */
export type BagLanded = {
  bag: string;
  crate: string;
  lot: string;
  alive: number;
  dead: number;
  /** `looked` = one tap asserted what the list says; `counted` = somebody counted. */
  /** `listed` = not looked at one by one: the same as another bag of its lot. */
  quality: 'looked' | 'counted' | 'listed';
  condition: Condition;
  bagCondition: BagOpening;
  /** A bag that is on no list. */
  newBag?: { label: string; box: number; waterL: number };
  /** Fish other than listed (`insteadOf` the listed lot), or of no list at all. */
  newLot?: { label: string; species?: string; heardAs: string; sizeCm?: number; origin: Origin; insteadOf?: string };
  note?: string;
};

/** A listed bag that is not in the boxes. */
export type BagAbsent = { bag: string; crate: string };

/** The tank where this bag will float and its fish will live; the latest one counts. */
export type BagAssigned = { bag: string; lot: string; tank: string };

/** How this supplier writes its lists: headings and names as a person here explained them. The latest of each counts. */
export type SupplierTaught = { supplier: string; columns: TaughtColumn[]; names: TaughtName[] };

export interface DockEntries {
  'supplier.added': SupplierAdded;
  'supplier.taught': SupplierTaught;
  'crate.expected': CrateExpected;
  'crate.changed': CrateChanged;
  'crate.arrived': CrateArrived;
  'bag.landed': BagLanded;
  'bag.absent': BagAbsent;
  'bag.assigned': BagAssigned;
}
