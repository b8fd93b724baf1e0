// What each screen reads in one request, and the topics that make it read again. All carry `seq`: how much of the
// journal they have seen. Instants are UTC ms, quantities SI.
import type { Method as BenchMethod } from '#core/bench/index.ts';
import type { BagState, Carton, Condition, SupplierAdded } from '#core/dock/index.ts';
import type { Fast } from '#core/feeding/index.ts';
import type { TaughtColumn, TaughtName } from '#core/intake/index.ts';
import type { Kind, Overrule } from '#core/journal/index.ts';
import type { Role } from '#core/people/index.ts';
import type { FitReason, HouseRules, Purpose } from '#core/room/index.ts';
import type { Response, RoundName, Sign } from '#core/rounds/index.ts';
import type { SpeciesAdded, WaterType } from '#core/species/index.ts';
import type { Origin, StageCounts } from '#core/stock/index.ts';
import type { Method, Preference, Quantity, Source } from '#core/water/index.ts';
import type { Due } from '#core/today/index.ts';
import type { Topic } from './topics.ts';

export type Person = { id: string; name: string; title: string; role: Role };
export type House = { name: string; zone: string; rules: HouseRules; demo: boolean };

/** Who is signed in, where, and what time the house has. */
export type MeView = { person: Person; prefers: Preference; house: House; clock: { nowMs: number; frozen: boolean } };
/** Before sign-in: who may tap their name. `pin` only in a demo house. */
export type DoorView = {
  house: { name: string; demo: boolean; /** Nobody works here yet: the first lead may set it up. */ empty: boolean };
  people: (Pick<Person, 'id' | 'name' | 'title'> & { pin?: string })[];
};

export type StreamView = StageCounts & { seq: number; expected: number; /** Died or put down in the last 7 days. */ lost7: number };

export type Run = {
  run: string;
  bag: string;
  bagLabel: string;
  crate: string;
  lotLabel: string;
  n: number;
  tank: string;
  tankCode: string;
  startedAtMs: number;
  dueAtMs: number;
  bagC: number;
  bagMethod: Method;
  tankC: number;
  waterL: number;
  by: string;
};
export type RunningView = { seq: number; runs: Run[] };

export type SpeciesName = { id: string; common: string; scientific: string };
export type Done = { by: string; atMs: number; actId: string };
export type BagCard = {
  bag: string;
  label: string;
  box: number;
  listed: number;
  /** Of `listed`, sent free. */
  free?: number;
  /** Missing when the list does not say it. */
  waterL?: number;
  lot: string;
  lotLabel: string;
  species?: SpeciesName;
  heardAs?: string;
  origin: Origin;
  sizeCm?: number;
  landed?: Done & { alive: number; dead: number; condition: Condition; bagState: BagState; wrong: boolean; note?: string };
  absent?: Done;
  temperature?: { value: number; method: Method };
  tank?: { id: string; code: string };
  afloat: boolean;
  released?: { atMs: number };
};
export type CrateCard = {
  crate: string;
  label: string;
  supplier: string;
  packedAtMs: number;
  promisedAtMs: number;
  told: { temperatureC?: number; salinityPpt?: number };
  arrived?: { atMs: number; by: string; carton: Carton };
  bags: BagCard[];
};
export type DockView = { seq: number; crates: CrateCard[]; species: (SpeciesName & { alsoCalled: string[] })[] };

/** What reading a packing list needs: who sends them, how each of them writes, what can be named. */
export type SupplierCard = { id: string; name: string; transit: string; taught: { columns: TaughtColumn[]; names: TaughtName[] } };
export type IntakeView = { seq: number; suppliers: SupplierCard[]; species: (SpeciesName & { alsoCalled: string[] })[] };

/** The latest reading of each quantity. */
export type Readings = Partial<Record<Quantity, { value: number; method: Method; source: Source; atMs: number }>>;
export type BenchBag = BagCard & {
  packedAtMs: number;
  transit: SupplierAdded['transit'];
  /** What is known of its kind that the bench asks for. */
  kind?: Pick<SpeciesAdded, 'is' | 'bears' | 'salinityPpt'>;
  /** Bags of its lot in hand, this one counted. */
  lotBags: number;
  readings: Readings;
  /** The way chosen last, with what the numbers said then. */
  chosen?: { method: BenchMethod; advised: BenchMethod; why?: string; by: string; atMs: number };
  crate: string;
  crateLabel: string;
  told: { temperatureC?: number; salinityPpt?: number };
  alive: number;
  /** Some of the lot are in a tank already, or its hold is open: no further hold is to be opened. */
  holdKnown: boolean;
  water?: {
    id: string;
    type: WaterType;
    temperatureC: number;
    temperatureMethod?: Method;
    salinityPpt: number;
    purpose: Purpose;
    /** All the water that is one with the tank's. */
    volumeL: number;
    readings: Readings;
  };
};
export type BenchView = { seq: number; bags: BenchBag[]; runs: Run[] };

export type Occupant = {
  lot: string;
  label: string;
  species?: SpeciesName;
  n: number;
  /** Its hold, while it is open. */
  hold?: { id: string; days: number; openedAtMs: number };
  promised: boolean;
  sinceMs?: number;
};
export type TankCard = {
  id: string;
  code: string;
  row: number;
  column: number;
  volumeL: number;
  purpose: Purpose;
  lid: boolean;
  water: string;
  occupants: Occupant[];
  suspect: boolean;
  /** Bags on the dock that are to go here. */
  coming: number;
  /** With a bag in hand: every hard reason against this tank. */
  reasons?: FitReason[];
};
export type RackCard = { id: string; name: string; room: string; walk: number; tanks: TankCard[] };
export type WaterCard = {
  id: string;
  name: string;
  type: WaterType;
  temperatureC: number;
  salinityPpt: number;
  volumeL: number;
  tanks: number;
};
export type RoomView = { seq: number; racks: RackCard[]; waters: WaterCard[]; bag?: BenchBag };

/** `entry` = the latest entry on it, to base a change on. */
export type ShelfSpecies = SpeciesAdded & { entry: string; /** Living heads in the house. */ heads: number };
export type ShelfView = { seq: number; species: ShelfSpecies[] };

/** What a house is set up with. */
export type HouseView = {
  seq: number;
  people: (Person & { hasPin: boolean })[];
  waters: WaterCard[];
  racks: { id: string; name: string; room: string; walk: number; tanks: string[] }[];
  tanks: { id: string; code: string; rack: string; row: number }[];
  suppliers: { id: string; name: string; transit: string }[];
  species: (SpeciesName & { alsoCalled: string[] })[];
  /** Lots that were here when the books began. */
  opened: number;
};

export type TodayView = { seq: number; due: Due[] };

export type Oddity = { lot: string; what: string; atMs: number; signs: Sign[]; missing: number; died: number };
export type RoundTank = {
  id: string;
  code: string;
  rack: string;
  water: string;
  suspect: boolean;
  purpose: Purpose;
  lots: {
    lot: string;
    label: string;
    species?: SpeciesName;
    n: number;
    sinceMs?: number;
    lastFed?: { food: string; response: Response; atMs: number };
    /** Since its last meal, or its release. */
    fast?: Fast;
  }[];
  lookedBy?: string;
  lookedAtMs?: number;
  allWell?: boolean;
  /** What was odd here in the last two days, latest first. */
  odd: Oddity[];
};
/** `left` = tanks still to be looked at today, by round; `current` = the round that the clock is in. */
export type RoundsView = {
  seq: number;
  day: number;
  round: RoundName;
  current: RoundName;
  left: Record<RoundName, number>;
  tanks: RoundTank[];
};

export type DaybookEntry = { id: string; kind: Kind; occurredAtMs: number; recordedAtMs: number; payload: unknown; overrules?: Overrule[] };
export type DaybookAct = {
  actId: string;
  seq: number;
  actor: string;
  actorName: string;
  entries: DaybookEntry[];
  undone?: { by: string; atMs: number };
};
/** `names` = what to call the ids in the payloads. */
export type DaybookView = { seq: number; acts: DaybookAct[]; names: Record<string, string> };

export type Views = {
  stream: StreamView;
  running: RunningView;
  dock: DockView;
  intake: IntakeView;
  bench: BenchView;
  room: RoomView;
  rounds: RoundsView;
  daybook: DaybookView;
  shelf: ShelfView;
  today: TodayView;
  house: HouseView;
};
export type ViewName = keyof Views;

export const VIEW_TOPICS: { [V in ViewName]: readonly Topic[] } = {
  stream: ['stock', 'dock', 'bench', 'house'],
  running: ['bench'],
  dock: ['dock', 'bench', 'water', 'shelf'],
  intake: ['dock', 'shelf'],
  bench: ['dock', 'bench', 'stock', 'water'],
  room: ['house', 'stock', 'water', 'dock', 'rounds'],
  rounds: ['rounds', 'stock', 'house'],
  daybook: ['house', 'people', 'shelf', 'stock', 'dock', 'bench', 'rounds', 'water', 'today'],
  shelf: ['shelf', 'stock'],
  today: ['today', 'dock', 'bench', 'rounds', 'stock', 'house'],
  house: ['house', 'people', 'shelf', 'stock', 'dock', 'water'],
};
export const VIEW_NAMES = Object.keys(VIEW_TOPICS) as ViewName[];

/** What the live stream carries: never data, only what to read again. */
export type LiveMessage = { seq: number; topics: Topic[]; clockOffsetMs?: number };

export type Health = { ok: boolean; seq: number; balance: number; inHouse: number };
