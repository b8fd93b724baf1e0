// What the room, its tanks, lots, holds and moves read. Instants are UTC ms, quantities SI.
import type { Kind } from '#core/catalogue/index.ts';
import type { Overrule } from '#core/journal/index.ts';
import type { Origin } from '#core/lots/index.ts';
import type { Slip } from '#core/moves/index.ts';
import type { FitReason } from '#core/placement/index.ts';
import type { HoldClock, HoldPolicy, HoldZero } from '#core/quarantine/index.ts';
import type { Flow, Purpose, Vessel } from '#core/room/index.ts';
import type { Cause, Response } from '#core/rounds/index.ts';
import type { RemedyFamily, WaterType } from '#core/species/index.ts';
import type { Gap } from '#core/time/index.ts';
import type { Quantity } from '#core/water/index.ts';
import type { BenchBag, Done, Oddity, Readings, SpeciesName } from './cards.ts';

export type Occupant = {
  lot: string;
  label: string;
  species?: SpeciesName;
  n: number;
  /** Its hold, while it is open. */
  hold?: { id: string; days: number; openedAtMs: number };
  promised: boolean;
  sinceMs?: number;
  sizeCm?: number;
};
export type TankCard = {
  /** The latest entry on it, to base a change on. */
  entry: string;
  vessel: Vessel;
  hangsIn?: string;
  flow?: Flow;
  /** What was odd here in the last two days, latest first. */
  odd: Oddity[];
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
  entry: string;
  name: string;
  type: WaterType;
  temperatureC: number;
  salinityPpt: number;
  volumeL: number;
  tanks: number;
};
/** `bag` or `lot` = what is in hand, for which every tank says what stands against it. */
export type RoomView = { seq: number; racks: RackCard[]; waters: WaterCard[]; bag?: BenchBag; lot?: { lot: string; from: string } };

/** A hold with its clock as it stands. */
export type HoldCard = {
  hold: string;
  lot: string;
  label: string;
  species?: SpeciesName;
  n: number;
  tanks: { id: string; code: string }[];
  policy: HoldPolicy;
  opened: { zero: HoldZero; atMs: number };
  clock: HoldClock;
};
export type HoldsView = { seq: number; holds: HoldCard[] };

export type SlipCard = Slip & {
  plan: string;
  planName: string;
  lotLabel: string;
  fromCode: string;
  toCode: string;
  toolName?: string;
  tries: number[];
  freed: boolean;
  done?: Done;
  dropped?: { by: string; atMs: number };
};
/** An arrangement with an end whose fish are still there. */
export type StayCard = {
  stay: string;
  lot: string;
  lotLabel: string;
  n: number;
  tank: string;
  tankCode: string;
  vessel: Vessel;
  sinceMs: number;
  untilMs?: number;
  untilCm?: number;
  sizeCm?: number;
  why: string;
};
export type ToolCard = {
  id: string;
  name: string;
  what: string;
  racks: string[];
  widthCm?: number;
  meshMm?: number;
  wet: { tank: string; code: string; atMs: number }[];
};
/** Open slips and those ended in the last two days, arrangements with an end, tools and where they were wet. */
export type MovesView = { seq: number; slips: SlipCard[]; stays: StayCard[]; tools: ToolCard[] };

export type TimelineEntry = {
  id: string;
  actId: string;
  kind: Kind;
  occurredAtMs: number;
  payload: unknown;
  overrules?: Overrule[];
  by: string;
};
/** `from` and `to`: which way the tool or the water went. */
export type Meeting = {
  entry: string;
  by: 'tool' | 'water';
  name: string;
  from: { id: string; code: string };
  to: { id: string; code: string };
  atMs: number;
};
export type TankView = {
  seq: number;
  tank?: TankCard & { rack: string; rackName: string; room: string };
  water?: WaterCard & { others: { id: string; code: string }[]; courses: { course: string; family: RemedyFamily; begunAtMs: number }[] };
  readings: (Readings[Quantity] & { quantity: Quantity; by: string })[];
  holds: HoldCard[];
  stays: StayCard[];
  lastLook?: { atMs: number; by: string; allWell: boolean };
  /** Looks in the last 14 days. */
  looks14: number;
  meals: { lot: string; label: string; food: string; response: Response; atMs: number }[];
  losses: { entry: string; lot: string; label: string; n: number; cause: Cause; said: Cause; atMs: number }[];
  meetings: Meeting[];
  gaps: (Gap & { lot: string; label: string })[];
  timeline: TimelineEntry[];
  names: Record<string, string>;
};
export type Sharing = { lot: string; label: string; place: string; fromMs: number; untilMs?: number };
export type LotView = {
  seq: number;
  lot?: {
    id: string;
    label: string;
    species?: SpeciesName;
    origin: Origin;
    supplier?: string;
    crate?: string;
    sizeCm?: number;
    inHouse: number;
    promised: { promise: string; n: number; forWhom: string }[];
    cutFrom: { lot: string; label: string; n: number; atMs: number; how: 'cut' | 'joined' }[];
    cutInto: { lot: string; label: string; n: number; atMs: number; how: 'cut' | 'joined' }[];
  };
  now: { place: string; name: string; tank: boolean; n: number }[];
  /** `as` = while it was part of that lot still. */
  been: { place: string; name: string; tank: boolean; fromMs: number; untilMs?: number; peak: number; as?: string }[];
  left: { place: string; n: number }[];
  shared: Sharing[];
  holds: HoldCard[];
  gaps: (Gap & { place: string })[];
  timeline: TimelineEntry[];
  names: Record<string, string>;
};
export type Hit = {
  what: 'lot' | 'tank' | 'crate' | 'supplier' | 'customer' | 'water';
  id: string;
  name: string;
  detail: string;
  lots: { lot: string; label: string; n: number; places: string[] }[];
};
export type FindView = { seq: number; hits: Hit[] };
