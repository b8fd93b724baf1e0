// What the screens read of bags in hand with the water they go to. Instants are UTC ms, quantities SI.
import type { Compared, AcclimationMethod as BenchMethod } from '#core/bench/index.ts';
import type { SupplierAdded } from '#core/dock/index.ts';
import type { Purpose } from '#core/room/index.ts';
import type { Range, SpeciesAdded, WaterType } from '#core/species/index.ts';
import type { ReadingMethod } from '#core/water/index.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { BagCard } from '../dock/views.ts';
import type { RunCard } from '../runs/views.ts';
import type { Readings } from '../water/views.ts';

/** `people` = who may watch a run. */
export type BenchView = { seq: number; bags: BenchBag[]; floats: Afloat[]; runs: RunCard[]; people: { id: string; name: string }[] };

/** A closed bag afloat in its tank. */
export type Afloat = {
  floatId: string;
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
  bagMethod: ReadingMethod;
  tankC: number;
  waterL: number;
  by: string;
};

export type BenchBag = BagCard & {
  packedAtMs: number;
  transit: SupplierAdded['transit'];
  /** Answered by who sent it. */
  packedWith?: 'oxygen' | 'air';
  /** Of the air in its box when that was opened, °C. */
  boxC?: number;
  /** What is known of its kind that the bench asks for. */
  kind?: Pick<SpeciesAdded, 'is' | 'tolerance' | 'water' | 'salinityPpt' | 'temperatureC'>;
  /** Bags of its lot in hand, this one counted. */
  lotBags: number;
  readings: Readings;
  /** Measured in other bags of its lot, the latest of each; and what bags of this kind from this supplier were measured at before, ppt. */
  siblings?: Readings;
  usualPpt?: Range;
  /** The method chosen last, with what the numbers said then and what was compared. */
  chosen?: { method: BenchMethod; advised?: BenchMethod; why?: string; compared?: Compared; by: string; atMs: number };
  crate: string;
  crateLabel: string;
  stated: { temperatureC?: number; salinityPpt?: number };
  alive: number;
  /** Some of the lot are in a tank already, or its quarantine is open: no further hold is to be opened. */
  holdKnown: boolean;
  system?: {
    id: string;
    type: WaterType;
    temperatureC: number;
    temperatureMethod?: ReadingMethod;
    salinityPpt: number;
    purpose: Purpose;
    /** All the water that is one with the tank's. */
    volumeL: number;
    readings: Readings;
  };
};

/** A crate's bags that are not worked off, for the order of unpacking: with the tank that each goes to, chosen or meant. Missing when no crate is open. */
export type UnpackingView = {
  seq: number;
  crate?: { crate: string; label: string; packedAtMs: number; promisedAtMs: number; arrivedAtMs: number };
  bags: BenchBag[];
  /** Bags that are left and not among them: the house is asked of so many at once. */
  more?: number;
  tanks: { id: string; code: string; volumeL: number }[];
  floats: Afloat[];
};
export type BenchViews = { bench: BenchView; unpacking: UnpackingView };
export const benchViewTopics: TopicsOf<BenchViews> = {
  bench: ['dock', 'bench', 'stock', 'water', 'people'],
  unpacking: ['dock', 'bench', 'stock', 'water', 'people', 'house', 'species'],
};
