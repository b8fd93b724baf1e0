// What the screens read of crates, their bags, and what reading a packing list needs. Instants are UTC ms, quantities SI.
import type { CleanWaterGiven } from '#core/bench/index.ts';
import type {
  BagLanded,
  BagOpening,
  BoxOpened,
  Carton,
  ClaimAnswer,
  ClaimCounts,
  ClaimFacts,
  ClaimStage,
  Condition,
  CrateTold,
  EachFish,
  OrderLine,
  OrderPlaced,
  Route,
  StatedWater,
  SupplierFields,
  WishNoted,
} from '#core/dock/index.ts';
import type { TaughtColumn, TaughtName } from '#core/intake/index.ts';
import type { Origin, Certainty } from '#core/lots/index.ts';
import type { ReadingMethod } from '#core/water/index.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { PhotoCard } from '../photos/views.ts';
import type { Done } from '../notebook/views.ts';
import type { SpeciesName } from '../species/views.ts';

export type DockView = { seq: number; crates: CrateCard[]; species: (SpeciesName & { alsoCalled: string[] })[] };

/** What reading a packing list needs: who sends them, how each of them writes, what can be named. */
export type SupplierCard = { id: string; taught: { columns: TaughtColumn[]; names: TaughtName[] } } & SupplierFields;

export type IntakeView = { seq: number; suppliers: SupplierCard[]; species: (SpeciesName & { alsoCalled: string[] })[] };

/** What a line of an order asked for; `n` heads in all. `kept` = a promise was written for them. */
export type Ordered = Pick<OrderLine, 'n' | 'sizeCm' | 'sex' | 'forWhom'> & { kept?: true };
/** What was found in a box as it was opened. */
export type BoxCard = Done & Omit<BoxOpened, 'crate'>;

export type BagCard = {
  bag: string;
  label: string;
  box: number;
  listed: number;
  /** Of one, in the currency of its crate. */
  price?: number;
  /** Of `listed`, sent free. */
  free?: number;
  /** Missing when the list does not say it. */
  waterL?: number;
  lot: string;
  lotLabel: string;
  species?: SpeciesName;
  /** Known to be a fish. */
  isFish?: true;
  heardAs?: string;
  origin: Origin;
  sizeCm?: number;
  landed?: Done & {
    alive: number;
    dead: number;
    condition: Condition;
    each?: EachFish;
    bagCondition: BagOpening;
    sizeCm?: number;
    sex?: BagLanded['sex'];
    wrong: boolean;
    note?: string;
  };
  /** As its line of the order has it. */
  ordered?: Ordered;
  /** How sure somebody is of its species. */
  sure?: Certainty;
  /** Another way than the rules', with why. */
  routed?: Done & { route: Route; why: string };
  /** In clean water since then. */
  clean?: Done & Pick<CleanWaterGiven, 'vessel' | 'litres' | 'temperature' | 'salinity'>;
  absent?: Done;
  temperature?: { value: number; method: ReadingMethod; atMs: number };
  /** Of it, the first taken first; left out when there are none. */
  photos?: PhotoCard[];
  /** Read last in it. */
  salinity?: { value: number; method: ReadingMethod };
  tank?: { id: string; code: string };
  /** Meant for it before it came, while none is chosen; judged anew once it is here. */
  planned?: { id: string; code: string };
  afloat: boolean;
  /** Poured into the vessel of a run. */
  inRun?: string;
  released?: { atMs: number };
};

/** `entry` = the latest entry on it, to base a change on; `remarks` = lines of its list that stand for no bag. */
export type CrateCard = {
  crate: string;
  entry: string;
  remarks?: string[];
  label: string;
  supplier: string;
  /** How to reach them, and how they usually send. */
  supplierId: string;
  packedAtMs: number;
  promisedAtMs: number;
  stated: StatedWater;
  told?: CrateTold;
  /** The order that it comes of, and what its prices are in. */
  order?: string;
  currency?: string;
  arrived?: { atMs: number; by: string; carton: Carton; note?: string };
  /** As they were opened, the first said first. */
  boxes?: BoxCard[];
  /** Of its carton and papers. */
  photos?: PhotoCard[];
  bags: BagCard[];
};

/** A crate with something dead, short or other than listed, and what became of it. */
export type ClaimCard = ClaimFacts & {
  crate: string;
  supplier: string;
  contact?: string;
  /** What its prices are in. */
  currency?: string;
  packedAtMs: number;
  promisedAtMs: number;
  carton?: Carton;
  boxes?: BoxCard[];
  stage: ClaimStage;
  photos?: PhotoCard[];
  /** All its bags, done or not. */
  bags: BagCard[];
  history: (Done & { what: 'sent' | ClaimAnswer; counts?: ClaimCounts; amount?: number; currency?: string; note?: string })[];
};
/** Open ones first, then by arrival, the latest first. */
export type ClaimsView = { seq: number; claims: ClaimCard[] };

/** A lot of a crate as it is today: how it came, which way each bag went, where it is, what became of the rest. */
export type CrateLot = {
  lot: string;
  label: string;
  species?: SpeciesName;
  /** Heads, by its bags. */
  listed: number;
  alive: number;
  dead: number;
  /** Bags by the way that they went into their tank; a bag that has not gone is in none. */
  ways: { way: string; bags: number }[];
  here: { place: string; name: string; isTank: boolean; n: number }[];
  /** Heads in accounts outside: died, sold, and so on; those dead on arrival among them. */
  out: { place: string; n: number }[];
  clock?: { clear: number; required: number; notEating: boolean };
};
export type CrateReportView = { seq: number; crate?: Omit<CrateCard, 'entry' | 'supplierId'> & { claim?: ClaimStage }; lots: CrateLot[] };

/** `label` = its common name, or the words in which it was said. */
export type OrderLineCard = OrderLine & { label: string };
/** `crate` = what it became. */
export type OrderCard = Done &
  Omit<OrderPlaced, 'lines' | 'supplier'> & {
    supplier: string;
    supplierId: string;
    lines: OrderLineCard[];
    dropped?: Done & { why: string };
    crate?: { crate: string; label: string; arrived: boolean };
  };
/** A wish that nobody has ordered or dropped. */
export type WishCard = Done & WishNoted & { label: string };
/** The latest orders first; wishes in the order in which they were made. `came` = heads alive and dead on arrival, by supplier and species ('' = unnamed). */
export type OrdersView = {
  seq: number;
  orders: OrderCard[];
  wishes: WishCard[];
  came: { supplier: string; species: string; lived: number; died: number }[];
};

export type DockViews = { dock: DockView; intake: IntakeView; claims: ClaimsView; crate: CrateReportView; orders: OrdersView };
export const dockViewTopics: TopicsOf<DockViews> = {
  dock: ['dock', 'bench', 'water', 'species'],
  intake: ['dock', 'species'],
  claims: ['dock', 'bench', 'water', 'species'],
  orders: ['dock', 'species'],
  crate: ['dock', 'bench', 'water', 'species', 'stock', 'rounds', 'house', 'exposure', 'moves'],
};
