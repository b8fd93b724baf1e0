// What the screens read of racks, tanks, and one tank with its history. Instants are UTC ms, quantities SI.
import type { CompatibilityReason } from '#core/placement/index.ts';
import type { Flow, Purpose, Vessel } from '#core/room/index.ts';
import type { Cause, Response, LossRecorded } from '#core/rounds/index.ts';
import type { MedicationFamily } from '#core/species/index.ts';
import type { Gap } from '#core/time/index.ts';
import type { Quantity } from '#core/water/index.ts';
import type { PhotoCard } from '../photos/views.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { BenchBag } from '../bench/views.ts';
import type { ExposureContact } from '../exposure/views.ts';
import type { TimelineEntry } from '../notebook/views.ts';
import type { QuarantineCard } from '../quarantine/views.ts';
import type { ArrangementCard } from '../noted/views.ts';
import type { Oddity } from '../rounds/views.ts';
import type { SpeciesName } from '../species/views.ts';
import type { StayLimitCard } from '../stock/views.ts';
import type { Readings, SystemCard } from '../water/views.ts';

export type Occupant = {
  lot: string;
  label: string;
  species?: SpeciesName;
  n: number;
  /** Its hold, while it is open. */
  quarantine?: { id: string; days: number; openedAtMs: number };
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
  system: string;
  occupants: Occupant[];
  suspect: boolean;
  /** Bags on the dock that are to go here. */
  coming: number;
  /** With a bag in hand: every hard reason against this tank. */
  reasons?: CompatibilityReason[];
};

export type RackCard = { id: string; name: string; room: string; walk: number; tanks: TankCard[] };

/** `bag` or `lot` = what is in hand, for which every tank says what stands against it. */
export type RoomView = { seq: number; racks: RackCard[]; systems: SystemCard[]; bag?: BenchBag; lot?: { lot: string; from: string } };

/** `wellMs` = when a check here said nothing odd of its lot last. */
export type TankLoss = Pick<LossRecorded, 'sure' | 'found' | 'signs' | 'examined' | 'disposed' | 'note'> & {
  entry: string;
  lot: string;
  label: string;
  n: number;
  cause: Cause;
  said: Cause;
  atMs: number;
  wellMs?: number;
};
export type TankView = {
  seq: number;
  tank?: TankCard & { rack: string; rackName: string; room: string };
  system?: SystemCard & {
    others: { id: string; code: string }[];
    treatments: { treatment: string; family: MedicationFamily; begunAtMs: number }[];
    /** Lots in quarantine on it, and the first day on which all of them can be clear; no day while a treatment runs that does not count. */
    clearing?: { lots: number; earliestDay?: number };
  };
  readings: (Readings[Quantity] & { quantity: Quantity; by: string })[];
  quarantines: QuarantineCard[];
  stayLimits: StayLimitCard[];
  lastCheck?: { atMs: number; by: string; allWell: boolean };
  /** Health checks in the last 14 days. */
  checks14: number;
  /** Latest first. */
  arrangements: ArrangementCard[];
  meals: { lot: string; label: string; food: string; response: Response; atMs: number }[];
  losses: TankLoss[];
  contacts: ExposureContact[];
  gaps: (Gap & { lot: string; label: string })[];
  photos: PhotoCard[];
  timeline: TimelineEntry[];
  names: Record<string, string>;
};

export type RoomViews = { room: RoomView; tank: TankView };
export const roomViewTopics: TopicsOf<RoomViews> = {
  room: ['house', 'stock', 'water', 'dock', 'rounds', 'species'],
  tank: ['house', 'stock', 'rounds', 'water', 'moves', 'exposure', 'dock', 'bench'],
};
