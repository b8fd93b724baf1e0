// What the house knows of a bag and its tank, made into what the bench computes from: every fact with where it came from, and a band
// where it is an estimate. Order of belief: measured here, measured in another bag of the lot, in the air of its box, stated, the supplier's usual, what the species lives in.
// What nobody knows is never taken from the tank.
import { type Range, type ToleranceClass, type WaterType, packedIn } from '../species/index.ts';
import { HOUR_MS } from '../time/index.ts';
import type { Quantity, Reading, Source } from '../water/index.ts';
import type { AmbientConditions } from './ambient.ts';
import type { BenchInput } from './compare.ts';
import type { Doubt, DoubtOf } from './draws.ts';
import { tolerancesOf } from './figures.ts';
import { waterTypeOf } from './houseMethods.ts';
import { USUAL_WATER, type BagOpening, type Controls, type LotInput } from './input.ts';

/** `atMs` = when it was read; left out, it is of now. */
type Read = Partial<Record<Quantity, Pick<Reading, 'value' | 'method' | 'source'> & { atMs?: number }>>;

/** The bag as it is on record. */
export type KnownBag = {
  n: number;
  lotBags: number;
  sizeCm?: number;
  packedAtMs: number;
  waterL?: number;
  soft: boolean;
  foul: boolean;
  /** How it travelled: overnight bags hold oxygen, a local pick-up air. */
  transit: string;
  /** As its supplier answered; it beats what is usual on that road. */
  packedWith?: 'oxygen' | 'air';
  stated: { temperatureC?: number; salinityPpt?: number };
  /** Of the air in its box when that was opened. */
  boxC?: number;
  readings: Read;
  /** Measured in other bags of the lot: the latest of each quantity. */
  siblings?: Read;
  /** What bags of this species from this supplier were measured at, ppt. */
  usualPpt?: Range;
  /** As the house knows it stands; what a screen says of it does not count then. */
  opening?: BagOpening;
  kind?: { is: string; tolerance?: ToleranceClass; water?: readonly WaterType[]; salinityPpt?: Range; temperatureC?: Range };
};
export type KnownTank = { type: WaterType; temperatureC: number; salinityPpt: number; volumeL: number; readings: Read };

export type FactOf = Exclude<DoubtOf, 'lot.lengthCm'> | 'tank.pH';
/** `not known` = nobody measured or stated it: taken from what the species lives in, or from the room. */
export type FactSource = Source | 'calculated' | 'another bag' | 'its box' | 'not known';
export type Fact = {
  of: FactOf;
  quantity: Quantity;
  /** Undefined: not known, and calculated from the rest. */
  value?: number;
  source: FactSource;
  method?: Reading['method'];
  low?: number;
  high?: number;
  /** Anything between low and high is as likely. */
  flat?: boolean;
};

/** A bag that nobody weighed holds what the list says, give or take 40 %; gas twice its water. */
const WATER_BAND = 0.4;
const GAS_SHARE = 2;
export const USUAL_BAG_L = 1;
const USUAL_LENGTH_CM = 4;
/** Of a length that was stated, and of one that nobody gave. */
const LENGTH_BAND = 1.1;
const LENGTH_UNKNOWN_BAND = 1.6;
/** Nobody says which reference a stated figure has, and that is worth 2 ppt. */
const STATED_SALINITY_BAND = 2;
const STATED_TEMPERATURE_BAND = 2;
const UNKNOWN_TEMPERATURE_BAND = 5;
/** Water lags the air around it by hours. */
const BOX_BAND_C = 3;
const SURFACE_BAND = 2;
/** What another bag of the lot was measured at holds for this one within so much, or within a factor. */
const SIBLING_BAND: Partial<Record<Quantity, number>> = { salinity: 1, temperature: 1.5, pH: 0.3 };
const SIBLING_FACTOR: Partial<Record<Quantity, number>> = { ammonia: 1.6, alkalinity: 1.3, hardness: 1.3 };
/** What a tank is set to, it is within so much of. */
const SET_TEMPERATURE_BAND = 1;
const SET_SALINITY_BAND = 1;
/** A range this wide is one of fresh to sea water, ppt. */
const EURYHALINE_SPAN = 15;
type Other = Omit<Fact, 'of' | 'quantity'>;
const within = (value: number, band: number, source: FactSource): Other => ({
  value,
  source,
  low: Math.max(0, value - band),
  high: value + band,
});
const byFactor = (value: number, factor: number, source: FactSource = 'estimated'): Other => ({
  value,
  source,
  low: value / factor,
  high: value * factor,
});
const anywhere = ({ min, max }: Range, source: FactSource): Other => ({ value: (min + max) / 2, source, low: min, high: max, flat: true });

/** A reading, with the band that its method leaves: the skin of a bag is not its water. */
function readOf(path: FactOf, quantity: Quantity, from: Read | undefined): Fact | undefined {
  const reading = from?.[quantity];
  if (!reading) return undefined;
  const { value, source, method } = reading;
  const surface = method === 'on the bag' ? { low: value - SURFACE_BAND, high: value + SURFACE_BAND } : {};
  return { of: path, quantity, value, source, method, ...surface };
}

function siblingOf(path: FactOf, quantity: Quantity, { siblings }: KnownBag): Fact | undefined {
  const reading = siblings?.[quantity];
  if (!reading || reading.source !== 'measured') return undefined;
  const [band, factor] = [SIBLING_BAND[quantity], SIBLING_FACTOR[quantity]];
  const spread = band !== undefined ? within(reading.value, band, 'another bag') : byFactor(reading.value, factor ?? 1.5, 'another bag');
  return { of: path, quantity, method: reading.method, ...spread };
}

function bagSalinity(bag: KnownBag): Other {
  const { stated, usualPpt, kind } = bag;
  if (stated.salinityPpt !== undefined)
    return within(stated.salinityPpt, stated.salinityPpt < 1 ? stated.salinityPpt : STATED_SALINITY_BAND, 'stated');
  if (usualPpt) return anywhere({ min: Math.max(0, usualPpt.min - 2), max: usualPpt.max + 2 }, 'estimated');
  return anywhere(packedIn(kind), 'not known');
}

/** What the water of a bag may be by the air of its box as that was opened: it lagged behind that, and has gone towards the room since, nobody knows how far. */
export const waterByBox = (boxC: number, roomC: number): { low: number; high: number } => ({
  low: Math.min(boxC - BOX_BAND_C, roomC),
  high: Math.max(boxC + BOX_BAND_C, roomC),
});

/** The air of its box was measured here; what the supplier stated was true where it was packed, a night ago. */
function bagTemperature({ boxC, stated: { temperatureC } }: KnownBag, roomC: number): Other {
  if (boxC !== undefined) return { value: boxC, source: 'its box', ...waterByBox(boxC, roomC) };
  return temperatureC === undefined
    ? within(roomC, UNKNOWN_TEMPERATURE_BAND, 'not known')
    : within(temperatureC, STATED_TEMPERATURE_BAND, 'stated');
}

/** What is known of the bag's own water. */
export function bagFactsOf(bag: KnownBag, { roomC }: Pick<AmbientConditions, 'roomC'>): Fact[] {
  const inBag = (path: FactOf, quantity: Quantity, otherwise: Other): Fact =>
    readOf(path, quantity, bag.readings) ?? siblingOf(path, quantity, bag) ?? { of: path, quantity, ...otherwise };
  const salinity = inBag('bag.salinity', 'salinity', bagSalinity(bag));
  const bagKind = USUAL_WATER[waterTypeOf(salinity.value!)];
  const litres = bag.waterL ?? USUAL_BAG_L;
  // Where even the kind of water is open, its alkalinity is open further.
  const open = salinity.flat ? 1.5 : 1;
  return [
    inBag('bag.temperature', 'temperature', bagTemperature(bag, roomC)),
    salinity,
    inBag('bag.pH', 'pH', { source: 'calculated' }),
    inBag('bag.tan', 'ammonia', { source: 'calculated' }),
    inBag('bag.alkalinity', 'alkalinity', byFactor(bagKind.alkalinity, bagKind.factor * open)),
    ...hardnessOf(bagKind.hardness, (otherwise) => inBag('bag.hardness', 'hardness', otherwise)),
    inBag('bag.waterL', 'volume', within(litres, litres * WATER_BAND, bag.waterL === undefined ? 'estimated' : 'stated')),
  ];
}

export function factsOf(bag: KnownBag, tank: KnownTank, ambient: Pick<AmbientConditions, 'roomC'>): Fact[] {
  const inTank = (path: FactOf, quantity: Quantity, otherwise: Other): Fact =>
    readOf(path, quantity, tank.readings) ?? { of: path, quantity, ...otherwise };
  const tankKind = USUAL_WATER[tank.type];
  return [
    ...bagFactsOf(bag, ambient),
    inTank('tank.temperature', 'temperature', within(tank.temperatureC, SET_TEMPERATURE_BAND, 'stated')),
    inTank(
      'tank.salinity',
      'salinity',
      within(tank.salinityPpt, tank.salinityPpt < 2 ? tank.salinityPpt / 2 : SET_SALINITY_BAND, 'stated'),
    ),
    inTank('tank.pH', 'pH', { source: 'calculated' }),
    inTank('tank.alkalinity', 'alkalinity', byFactor(tankKind.alkalinity, tankKind.factor)),
    ...hardnessOf(tankKind.hardness, (otherwise) => inTank('tank.hardness', 'hardness', otherwise)),
  ];
}

/** Hardness is a fact of fresh water; of other water only where somebody measured it. */
function hardnessOf(usual: number | undefined, read: (otherwise: Other) => Fact): Fact[] {
  const fact = read(usual === undefined ? { source: 'calculated' } : byFactor(usual, 2));
  return usual === undefined && fact.value === undefined ? [] : [fact];
}

/**
 * What must be measured before any method is advised: the bag's salinity, where nobody measured or stated it and what it may be spans more than the step
 * that these fish bear. What is stated never blocks by its band alone.
 */
export function measureFirst(facts: readonly Fact[], lot: Pick<LotInput, 'tolerance' | 'invertebrate'>): FactOf[] {
  const salinity = facts.find(({ of }) => of === 'bag.salinity');
  if (!salinity || (salinity.source !== 'estimated' && salinity.source !== 'not known')) return [];
  const span = (salinity.high ?? 0) - (salinity.low ?? 0);
  return span > tolerancesOf(lot).salinityStepUp ? ['bag.salinity'] : [];
}

/** Fish that nobody named or that were named by a guess, and a species that nobody put in a class, count with the most care: as delicate. */
export function toleranceOf(kind: { tolerance?: LotInput['tolerance'] } | undefined, guessed = false): LotInput['tolerance'] {
  return (guessed ? undefined : kind?.tolerance) ?? 'delicate';
}

/** Mass in g of a fish by its length in cm: a·Lᵇ. */
export const USUAL_MASS = { massA: 0.015, massB: 3 };

/** What is known of the fish themselves. */
export function lotOf(bag: Pick<KnownBag, 'n' | 'sizeCm' | 'kind' | 'lotBags'>): LotInput {
  const range = bag.kind?.salinityPpt;
  return {
    n: bag.n,
    lengthCm: bag.sizeCm ?? USUAL_LENGTH_CM,
    ...USUAL_MASS,
    tolerance: toleranceOf(bag.kind),
    ...(bag.kind?.temperatureC ? { temperatureC: bag.kind.temperatureC } : {}),
    invertebrate: bag.kind !== undefined && bag.kind.is !== 'fish',
    euryhaline: range !== undefined && range.max - range.min >= EURYHALINE_SPAN,
    bags: Math.max(1, bag.lotBags),
  };
}

/** What is computed from the facts, and what of it is in doubt. */
export function inputOf(given: {
  bag: KnownBag;
  tank: KnownTank;
  now: number;
  ambient: AmbientConditions;
  controls?: Partial<Controls>;
  opening?: BagOpening;
  fed?: boolean;
}): {
  input: Required<BenchInput>;
  facts: Fact[];
  doubts: Doubt[];
  measureFirst: FactOf[];
} {
  const { bag, tank, now, ambient } = given;
  const opening = bag.opening ?? given.opening ?? { is: 'closed' as const };
  const facts = factsOf(bag, tank, ambient);
  const value = (name: FactOf) => facts.find((fact) => fact.of === name)?.value;
  const waterL = value('bag.waterL')!;
  const known = lotOf(bag);
  // That a bag is too cold is said of one whose temperature somebody knows.
  const { temperatureC: _livesAt, ...rest } = known;
  const lot = facts.find((fact) => fact.of === 'bag.temperature')!.source === 'not known' ? rest : known;
  const doubts = facts.flatMap(({ of: name, low, high, flat }): Doubt[] =>
    low === undefined || high === undefined || name === 'tank.pH' ? [] : [{ of: name, low, high, ...(flat ? { flat } : {}) }],
  );
  const lengthBand = bag.sizeCm === undefined ? LENGTH_UNKNOWN_BAND : LENGTH_BAND;
  return {
    facts,
    doubts: [...doubts, { of: 'lot.lengthCm', low: lot.lengthCm / lengthBand, high: lot.lengthCm * lengthBand }],
    measureFirst: measureFirst(facts, lot),
    input: {
      bag: {
        waterL,
        gasL: waterL * GAS_SHARE,
        // A soft bag has lost what it was packed with.
        gas: bag.soft ? 'air' : (bag.packedWith ?? (bag.transit === 'local' ? 'air' : 'oxygen')),
        temperature: value('bag.temperature')!,
        salinity: value('bag.salinity')!,
        alkalinity: value('bag.alkalinity')!,
        hardness: value('bag.hardness'),
        // Closed until it was opened; what came after counts as open.
        closedHours: Math.max(0, (now - bag.packedAtMs) / HOUR_MS - (opening.is === 'opened' ? opening.hours : 0)),
        opening,
        foul: bag.foul,
        soft: bag.soft,
        fed: given.fed ?? false,
        pH: value('bag.pH'),
        tan: value('bag.tan'),
        oxygen: bag.readings.oxygen?.value,
      },
      tank: {
        volumeL: tank.volumeL,
        temperature: value('tank.temperature')!,
        salinity: value('tank.salinity')!,
        alkalinity: value('tank.alkalinity')!,
        pH: value('tank.pH'),
        hardness: value('tank.hardness'),
        ...ambient,
        // What is at hand brings no tank further down than itself.
        freshPpt: Math.min(ambient.freshPpt, value('tank.salinity')!),
      },
      lot,
      controls: given.controls ?? {},
    },
  };
}
