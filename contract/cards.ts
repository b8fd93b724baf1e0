// Pieces of views that several screens show: bags, floats, readings, what was odd. Instants are UTC ms, quantities SI.
import type { Compared, Method as BenchMethod } from '#core/bench/index.ts';
import type { BagState, Carton, Condition, SupplierAdded } from '#core/dock/index.ts';
import type { Origin } from '#core/lots/index.ts';
import type { Purpose } from '#core/room/index.ts';
import type { Sign } from '#core/rounds/index.ts';
import type { Range, SpeciesAdded, WaterType } from '#core/species/index.ts';
import type { Method, Quantity, Source } from '#core/water/index.ts';

/** A closed bag afloat in its tank. */
export type Afloat = {
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
/** Fish in a bucket, box or behind a divider, with the hour at which they are to be out. */
export type TemporaryStay = {
  stay: string;
  lot: string;
  lotLabel: string;
  n: number;
  tank: string;
  tankCode: string;
  sinceMs: number;
  untilMs: number;
};

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
  /** Poured into the vessel of a run. */
  inRun?: string;
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

/** The latest reading of each quantity. */
export type Readings = Partial<Record<Quantity, { value: number; method: Method; source: Source; atMs: number }>>;
export type BenchBag = BagCard & {
  packedAtMs: number;
  transit: SupplierAdded['transit'];
  /** What is known of its kind that the bench asks for. */
  kind?: Pick<SpeciesAdded, 'is' | 'bears' | 'water' | 'salinityPpt' | 'temperatureC'>;
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

export type Oddity = { lot: string; what: string; atMs: number; signs: Sign[]; missing: number; died: number };
