// What is written down while a vessel is brought to its tank: begun, worked on, looked at, handed over, released. All timing follows from
// these instants, so a tablet that is closed loses nothing.
import type { AcclimationMethod, Figures, BagInput, LotInput, TankInput, AirLevel, Step } from '../bench/index.ts';
import type { Condition } from '../dock/index.ts';
import type { Quantity, Reading } from '../water/index.ts';

/** Every method, and the bath: it too is fish in a vessel, with a clock. */
export type RunMethod = AcclimationMethod | 'first-aid bath';

/** Where what does not fit in goes: a waste tub spares the tank what lived in the bag. */
export const OVERFLOWS = ['waste tub', 'into the tank', 'no overflow'] as const;
export type Overflow = (typeof OVERFLOWS)[number];
export type Vessel = { name: string; capacityL: number; overflow: Overflow };

/** What a bath is made of. The label value is the keeper's: none is ever given here. */
export const BATH_KINDS = ['dye', 'formalin', 'peroxide', 'other'] as const;
export type BathKind = (typeof BATH_KINDS)[number];
export const LABEL_UNITS = ['mL for each 10 L', 'mL for each L', 'mg for each L', 'g for each 10 L', 'drops for each L'] as const;
export type LabelUnit = (typeof LABEL_UNITS)[number];
export type Bath = {
  is: BathKind;
  /** As the label names it. */
  label: string;
  dose: { value: number; unit: LabelUnit };
  litres: number;
  minutes: number;
  /** How the fish look now, before it. */
  condition: Condition;
  /** Clean water of the bath against the water that the fish come from. */
  matched: { temperature: { bath: number; fish: number }; salinity: { bath: number; fish: number } };
};

/** A vessel begun: whose fish, from where, towards which tank, by which plan, calculated from what. Everything resolved. */
export type RunStarted = {
  run: string;
  method: RunMethod;
  lot: string;
  tank: string;
  /** Several bags = pooled: a deliberate join, after which nobody can say which bag a fish came from. */
  from: { place: string; n: number }[];
  vessel: Vessel;
  /** All its water together, as it was when it began. */
  start: BagInput;
  water: TankInput;
  of: LotInput;
  plan: Step[];
  /** It is done when this near to the tank. */
  within: { salinity: number; temperature: number };
  /** Named when it is left alone, with how often somebody looks. */
  watcher?: string;
  checkEveryMin?: number;
  bath?: Bath;
};

export const FLOW_FROM = ['taps', 'caught', 'set'] as const;
export type FlowFrom = (typeof FLOW_FROM)[number];
/** What hands did to a vessel. Flow 0 = shut. */
export type RunAction =
  | { do: 'float' | 'open' | 'ammonia binder' | 'stand' }
  | { do: 'pour'; bucketL: number }
  | { do: 'pour off'; toL: number }
  | { do: 'cup'; litres: number }
  | { do: 'air'; level: AirLevel }
  | { do: 'flow'; mLPerMin: number; low: number; high: number; from: FlowFrom };
export const RUN_ACTIONS = [
  'float',
  'open',
  'ammonia binder',
  'stand',
  'pour',
  'pour off',
  'cup',
  'air',
  'flow',
] as const satisfies readonly RunAction['do'][];
/** `line` = of the run sheet, when it ticks one off. */
export type RunWorked = { run: string; line?: number; did: RunAction };

export const STOP_SIGNS = [
  'gasping at the surface',
  'rolling',
  'lying and breathing fast',
  'ammonia over the line',
  'oxygen low',
  'chilled',
] as const;
export const EXPECTED_SIGNS = ['clamped', 'sitting on the bottom', 'pale', 'hiding'] as const;
export type RunSign = (typeof STOP_SIGNS)[number] | (typeof EXPECTED_SIGNS)[number];
export const RUN_SIGNS: readonly RunSign[] = [...STOP_SIGNS, ...EXPECTED_SIGNS];
export type RunNoticed = { run: string; sign: RunSign; n?: number; note?: string };

/** A look on the way: what was found in order. */
export const CHECKS = ['fish calm', 'air on', 'lid on', 'hose fast', 'drip as it was', 'tub not full'] as const;
export type Check = (typeof CHECKS)[number];
export type RunChecked = { run: string; fine: Check[]; wrong: Check[]; note?: string };

/** Somebody else watches it now. */
export type RunHanded = { run: string; to: string; checkEveryMin?: number; note?: string };

export const RUN_RELEASE_BY = ['net', 'poured through a net', 'cup', 'swim-out'] as const;
export type RunReleaseBy = (typeof RUN_RELEASE_BY)[number];
export const VESSEL_WATERS = ['to the drain', 'into the tank', 'kept for another'] as const;
export type VesselWater = (typeof VESSEL_WATERS)[number];
/** One quantity read in vessel and tank with the same meter, one after the other. */
export type SideBySide = { quantity: Quantity; vessel: number; tank: number; instrument: string };
/**
 * The fish of a run released, perhaps into several tanks; what died in the vessel leaves it too. While some `stay` in it, as when the weakest are taken
 * out first, the run goes on.
 */
export type RunReleased = {
  run: string;
  lot: string;
  into: { tank: string; n: number }[];
  dead: number;
  remaining?: number;
  by: RunReleaseBy;
  water: VesselWater;
  side: SideBySide[];
  /** What was reached, measured where it was read and else calculated, for what is learnt of methods. */
  figures: Omit<Figures, 'hardnessStep'> & { hardnessStep?: number };
  note?: string;
};

/** A meter dipped into what is known: what it showed, what is true, and whether it was set right then. */
export type MeterChecked = { instrument: string; quantity: Quantity; shown: number; truth: number; adjusted: boolean; note?: string };
export type { Reading };

/** Lights of a tank down until then. */
export type LightsDimmed = { tank: string; untilMs: number };

/** The pager stand-in called somebody: once for each due thing and stage. */
export type PageSent = { due: string; stage: number; to: string; says: string };

export interface RunEntries {
  'acclimation.started': RunStarted;
  'acclimation.actionTaken': RunWorked;
  'acclimation.signSeen': RunNoticed;
  'acclimation.checked': RunChecked;
  'acclimation.handedOver': RunHanded;
  'acclimation.released': RunReleased;
  'meter.checked': MeterChecked;
  'lights.dimmed': LightsDimmed;
  'page.sent': PageSent;
}
