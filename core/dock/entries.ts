// What is written down at the dock: a crate on its way, its arrival, each bag as it is landed.
import type { TaughtColumn, TaughtName } from '../intake/index.ts';
import type { ClaimEntries } from './claims.ts';
import type { Changed } from '../journal/index.ts';
import type { Origin, Certainty } from '../lots/index.ts';
import type { OrderEntries } from './orders.ts';
import type { PlanEntries } from './plans.ts';
import type { EachFish, Route } from './triage.ts';

export const TRANSITS = ['overnight', 'van', 'local', 'slow courier'] as const;
export type Transport = (typeof TRANSITS)[number];
/** From which moment the hours of a claim run: the box at the door, or the bag opened. */
export const CLAIM_FROM = ['arrival', 'opening'] as const;
/** `leastDead` = fewer dead are not claimed. */
export type ClaimRule = { withinH: number; from: (typeof CLAIM_FROM)[number]; leastDead: number; evidence?: string };
/** Water as a supplier states it: of one crate, or as it usually ships. `salinitySaid` = the words, with the reference of a specific gravity. Stated, never measured. */
export type StatedWater = { temperatureC?: number; salinityPpt?: number; salinitySaid?: string; pH?: number };
/** What is known of a supplier besides its name and how it sends; what is missing is not known. `usualH` = hours from packing to the door, `delayH` = how late they usually are. */
export type SupplierFacts = {
  note?: string;
  usualH?: number;
  delayH?: number;
  ships?: StatedWater;
  origins?: Origin[];
  claim?: ClaimRule;
  contact?: string;
};
export type SupplierFields = { name: string; transit: Transport } & SupplierFacts;
export type SupplierAdded = { supplier: string } & SupplierFields;
/** Only the fields that changed; nothing (`null`) = not known any more. `basedOn` = the entry that the maker saw as the latest on this supplier. */
export type SupplierChanged = {
  supplier: string;
  basedOn: string;
  fields: Changed<SupplierFields>;
};

/** `free` = how many of `n` were sent free against losses. `waterL` is missing when the list does not say it. `price` = of one, in the crate's currency. */
export type ListedBag = {
  bag: string;
  label: string;
  box: number;
  lot: string;
  n: number;
  free?: number;
  waterL?: number;
  price?: number;
};
/** `heardAs` = what the list calls it when nobody could name the species. */
export type ListedLot = {
  lot: string;
  label: string;
  species?: string;
  heardAs?: string;
  origin: Origin;
  sizeCm?: number;
  /** The line of its order. */
  line?: string;
};

/** A packing list, whole: the lots and bags are made with it. `told` = what the supplier says of the shipping water. */
export type CrateExpected = {
  crate: string;
  label: string;
  supplier: string;
  packedAtMs: number;
  promisedAtMs: number;
  stated: StatedWater;
  /** What the supplier answered besides. */
  told?: CrateTold;
  lots: ListedLot[];
  bags: ListedBag[];
  /** The order that it comes of. */
  order?: string;
  /** What its prices are in: three capital letters. */
  currency?: string;
  /** Lines of the list that stand for no bag, kept as they are written. */
  remarks?: string[];
};

/** Words of the supplier on how they were kept, caught and packed. */
export const PACKED_WITH = ['oxygen', 'air'] as const;
export type CrateTold = { lastMeal?: string; caught?: string; packedWith?: (typeof PACKED_WITH)[number] };

/** What may be put right of a crate, before it comes or after. */
export type CrateFields = Pick<CrateExpected, 'label' | 'packedAtMs' | 'promisedAtMs' | 'stated' | 'told'>;
/** Only the fields that changed. `basedOn` = the entry that the maker saw as the latest on this crate. */
export type CrateChanged = { crate: string; basedOn: string; fields: Partial<CrateFields> };

export type Carton = 'dry' | 'damp' | 'wet' | 'crushed';
export const CARTONS: readonly Carton[] = ['dry', 'damp', 'wet', 'crushed'];
export type CrateArrived = { crate: string; carton: Carton; note?: string };

/** How a box is inside, by whoever opened it. */
export const INSIDES = ['dry', 'damp', 'wet'] as const;
/** Heat or cool packs: still at work, worn out, or none in the box. */
export const PACKS = ['working', 'spent', 'none'] as const;
/** What lay in it besides the bags. */
export const CAME_ALONG = ['packing list', 'food', 'papers', 'medicine', 'gift'] as const;
/** A box of the crate as it was opened (`box` left out = all of them alike); what nobody looked at is left out. `airC` = in it, beside the bags, when the lid came off. */
export type BoxOpened = {
  crate: string;
  box?: number;
  inside?: (typeof INSIDES)[number];
  packs?: (typeof PACKS)[number];
  airC?: number;
  cameAlong?: (typeof CAME_ALONG)[number][];
  note?: string;
};

/** Upright and bright; pale or clamped but answering; listing, fast breathing or wounds; on its side or gasping. */
export type Condition = 'fit' | 'tired' | 'poor' | 'critical';
export const CONDITIONS: readonly Condition[] = ['fit', 'tired', 'poor', 'critical'];
/** Soft = it has lost gas or water; foul = its water is cloudy or smells. A bag may be both. */
export type BagOpening = 'sound' | 'soft' | 'foul' | 'soft and foul';
export const BAG_CONDITIONS: readonly BagOpening[] = ['sound', 'soft', 'foul', 'soft and foul'];
export const isSoft = (bag: BagOpening): boolean => bag === 'soft' || bag === 'soft and foul';
export const isFoul = (bag: BagOpening): boolean => bag === 'foul' || bag === 'soft and foul';
/** The bag with one of the two put on, or taken off again. */
export function withSign(bag: BagOpening, sign: 'soft' | 'foul'): BagOpening {
  const soft = isSoft(bag) !== (sign === 'soft');
  const foul = isFoul(bag) !== (sign === 'foul');
  return soft ? (foul ? 'soft and foul' : 'soft') : foul ? 'foul' : 'sound';
}

export const SEXES_SEEN = ['male', 'female', 'pairs', 'mixed', 'too young to tell'] as const;

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
  /** Of the worst of them. */
  condition: Condition;
  /** The living by how each looks, where they differ. */
  each?: EachFish;
  bagCondition: BagOpening;
  /** Of a typical one, measured through the bag, cm; and what they look to be. Left out = nobody looked. */
  sizeCm?: number;
  sex?: (typeof SEXES_SEEN)[number];
  /** A bag that is on no list. */
  newBag?: { label: string; box: number; waterL: number };
  /** Fish other than listed (`insteadOf` the listed lot), or of no list at all. */
  newLot?: {
    label: string;
    species?: string;
    heardAs: string;
    sizeCm?: number;
    origin: Origin;
    insteadOf?: string;
    /** How sure of the species, and by what. */
    sure?: Certainty;
    evidence?: string;
  };
  note?: string;
};

/** A listed bag that is not in the boxes. */
export type BagAbsent = { bag: string; crate: string };

/** The tank where this bag will float and its fish will live; the latest one counts. */
export type BagAssigned = { bag: string; lot: string; tank: string };

/** Another way than the house's rules have for what was seen of it, and why; the latest one counts. */
export type BagRouted = { bag: string; lot: string; route: Route; why: string };

/** How this supplier writes its lists: headings and names as a person here explained them. The latest of each counts. */
export type SupplierTaught = { supplier: string; columns: TaughtColumn[]; names: TaughtName[] };

export interface DockEntries extends ClaimEntries, OrderEntries, PlanEntries {
  'supplier.added': SupplierAdded;
  'supplier.changed': SupplierChanged;
  'supplier.taught': SupplierTaught;
  'crate.expected': CrateExpected;
  'crate.changed': CrateChanged;
  'crate.arrived': CrateArrived;
  'box.opened': BoxOpened;
  'bag.landed': BagLanded;
  'bag.absent': BagAbsent;
  'bag.routed': BagRouted;
  'bag.assigned': BagAssigned;
}
