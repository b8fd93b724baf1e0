// What each screen reads in one request, and the topics that make it read again. All carry `seq`: how much of the
// journal they have seen. Instants are UTC ms, quantities SI.
import type { Kind } from '#core/catalogue/index.ts';
import type { ToolFields } from '#core/exposure/index.ts';
import type { Fast } from '#core/feeding/index.ts';
import type { TaughtColumn, TaughtName } from '#core/intake/index.ts';
import type { Overrule } from '#core/journal/index.ts';
import type { Role } from '#core/roles/index.ts';
import type { Purpose, TankFields } from '#core/room/index.ts';
import type { Response, RoundName } from '#core/rounds/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import type { SpeciesAdded } from '#core/species/index.ts';
import type { StageCounts } from '#core/stock/index.ts';
import type { Due } from '#core/today/index.ts';
import type { Preference } from '#core/water/index.ts';
import type { Afloat, BenchBag, CrateCard, Oddity, SpeciesName, TemporaryStay } from './cards.ts';
import type { FindView, HoldsView, LotView, MovesView, RoomView, TankView, WaterCard } from './roomViews.ts';
import type { RunCard, VesselTimer } from './runViews.ts';
import type { Topic } from './topics.ts';

export type * from './cards.ts';
export type * from './roomViews.ts';
export type * from './runViews.ts';

export type Person = { id: string; name: string; title: string; role: Role };
export type House = { name: string; zone: string; rules: HouseRules; demo: boolean };

/** Who is signed in, where, and what time the house has. */
export type MeView = { person: Person; prefers: Preference; house: House; clock: { nowMs: number; frozen: boolean } };
/** Before sign-in: who may tap their name. `pin` only in a demo house. */
export type DoorView = {
  house: {
    name: string;
    demo: boolean;
    /** The journal is empty: the first lead may set it up. */
    empty: boolean;
    /** Asked of a first lead on another machine: the code that the server printed when it started. */
    code?: boolean;
    /** The directory in which nothing of any house was found; nothing is written there yet. */
    nothingIn?: string;
  };
  people: (Pick<Person, 'id' | 'name' | 'title'> & { pin?: string })[];
};

export type StreamView = StageCounts & { seq: number; expected: number; /** Died or put down in the last 7 days. */ lost7: number };

export type RunningView = { seq: number; floats: Afloat[]; vessels: VesselTimer[]; stays: TemporaryStay[] };

export type DockView = { seq: number; crates: CrateCard[]; species: (SpeciesName & { alsoCalled: string[] })[] };

/** What reading a packing list needs: who sends them, how each of them writes, what can be named. */
export type SupplierCard = { id: string; name: string; transit: string; taught: { columns: TaughtColumn[]; names: TaughtName[] } };
export type IntakeView = { seq: number; suppliers: SupplierCard[]; species: (SpeciesName & { alsoCalled: string[] })[] };

/** `people` = who may watch a run. */
export type BenchView = { seq: number; bags: BenchBag[]; floats: Afloat[]; runs: RunCard[]; people: { id: string; name: string }[] };

/** `entry` = the latest entry on it, to base a change on. */
export type ShelfSpecies = SpeciesAdded & { entry: string; /** Living heads in the house. */ heads: number };
export type ShelfView = { seq: number; species: ShelfSpecies[] };

/** What a house is set up with. */
export type HouseView = {
  seq: number;
  /** `leftAct` = the act by which they left; taken back when they return. */
  people: (Person & { entry: string; hasPin: boolean; leftAct?: string })[];
  /** `set` = what it is set to, whatever was measured since. */
  waters: (WaterCard & { set: { temperatureC: number; salinityPpt: number } })[];
  racks: { id: string; entry: string; name: string; room: string; walk: number; tanks: string[] }[];
  tanks: ({ id: string; entry: string; heads: number } & TankFields)[];
  tools: ({ id: string; entry: string } & ToolFields)[];
  /** Latest first. */
  ruleVersions: { entry: string; atMs: number; by: string; rules: HouseRules }[];
  suppliers: { id: string; name: string; transit: string }[];
  species: (SpeciesName & { alsoCalled: string[] })[];
  /** Lots that were here when the books began. */
  opened: number;
};

export type TodayView = { seq: number; due: Due[] };

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
    /** Fish, shrimp, snail …: what is looked for in it. */
    is?: SpeciesAdded['is'];
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
  holds: HoldsView;
  moves: MovesView;
  tank: TankView;
  lot: LotView;
  find: FindView;
};
export type ViewName = keyof Views;

export const VIEW_TOPICS: { [V in ViewName]: readonly Topic[] } = {
  stream: ['stock', 'dock', 'bench', 'house'],
  running: ['bench', 'stock', 'water'],
  dock: ['dock', 'bench', 'water', 'shelf'],
  intake: ['dock', 'shelf'],
  bench: ['dock', 'bench', 'stock', 'water'],
  room: ['house', 'stock', 'water', 'dock', 'rounds'],
  rounds: ['rounds', 'stock', 'house'],
  daybook: ['house', 'people', 'shelf', 'stock', 'dock', 'bench', 'rounds', 'water', 'today', 'moves', 'exposure'],
  shelf: ['shelf', 'stock'],
  today: ['today', 'dock', 'bench', 'rounds', 'stock', 'house', 'moves'],
  house: ['house', 'people', 'shelf', 'stock', 'dock', 'water', 'exposure'],
  holds: ['stock', 'rounds', 'house', 'exposure'],
  moves: ['moves', 'stock', 'exposure', 'house'],
  tank: ['house', 'stock', 'rounds', 'water', 'moves', 'exposure', 'dock', 'bench'],
  lot: ['stock', 'rounds', 'dock', 'bench', 'moves', 'exposure', 'house'],
  find: ['stock', 'dock', 'house', 'shelf'],
};
export const VIEW_NAMES = Object.keys(VIEW_TOPICS) as ViewName[];

/** What the live stream carries: never data, only what to read again. */
export type LiveMessage = { seq: number; topics: Topic[]; /** House time as it was sent. */ houseNowMs?: number };

/** `journal` = entries written; the others from `canWrite` on are left out where they cannot be known. Megabytes, UTC ms. */
export type Health = {
  ok: boolean;
  seq: number;
  balance: number;
  inHouse: number;
  journal?: number;
  canWrite?: boolean;
  roomMB?: number;
  wholeAtMs?: number;
  damaged?: string;
};
