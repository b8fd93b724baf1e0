// What the house knows of a bag and its tank, made into what the bench computes from: every fact with where it came from, and a band
// where it is an estimate. A reading beats what was told, and that beats the usual.
import type { Quantity, Reading, Source } from '../water/units.ts';
import type { WaterType } from '../species/entries.ts';
import type { Around } from './around.ts';
import type { BenchInput } from './compare.ts';
import type { Doubt, DoubtOf } from './draws.ts';
import { waterTypeOf } from './schools.ts';
import { USUAL_WATER, type BagState, type Controls, type ToleranceClass } from './input.ts';

type Read = Partial<Record<Quantity, Pick<Reading, 'value' | 'method' | 'source'>>>;

/** The bag as the books have it. */
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
  told: { temperatureC?: number; salinityPpt?: number };
  readings: Read;
  kind?: { is: string; bears?: ToleranceClass; salinityPpt: { min: number; max: number } };
};
export type KnownTank = { type: WaterType; temperatureC: number; salinityPpt: number; volumeL: number; readings: Read };

export type FactOf = DoubtOf | 'bag.pH' | 'bag.tan' | 'tank.pH';
export type Fact = {
  of: FactOf;
  quantity: Quantity;
  /** Undefined: not known, and reckoned from the rest. */
  value?: number;
  source: Source | 'reckoned';
  method?: Reading['method'];
  low?: number;
  high?: number;
};

/** A bag that nobody weighed holds what the list says, give or take 40 %; gas twice its water. */
const WATER_BAND = 0.4;
const GAS_SHARE = 2;
const USUAL_BAG_L = 1;
const USUAL_LENGTH_CM = 4;
const LENGTH_BAND = 0.1;
const TOLD_SALINITY_BAND = 1.5;
const TOLD_TEMPERATURE_BAND = 2;
const SURFACE_BAND = 2;
const HOUR_MS = 3_600_000;
/** A range this wide is one of fresh to sea water, ppt. */
const EURYHALINE_SPAN = 15;

export function factsOf(bag: KnownBag, tank: KnownTank): Fact[] {
  const usualSalt = bag.told.salinityPpt ?? tank.salinityPpt;
  const bagKind = USUAL_WATER[waterTypeOf(bag.readings.salinity?.value ?? usualSalt)];
  const tankKind = USUAL_WATER[tank.type];
  const read = (of: FactOf, quantity: Quantity, from: Read, other: Omit<Fact, 'of' | 'quantity'>): Fact => {
    const reading = from[quantity];
    if (!reading) return { of, quantity, ...other };
    // The skin of a bag is not its water: a band stays.
    const surface = reading.method === 'on the bag' ? { low: reading.value - SURFACE_BAND, high: reading.value + SURFACE_BAND } : {};
    return { of, quantity, value: reading.value, source: reading.source, method: reading.method, ...surface };
  };
  const around = (value: number, band: number, source: Source): Omit<Fact, 'of' | 'quantity'> => ({
    value,
    source,
    low: Math.max(0, value - band),
    high: value + band,
  });
  const factor = (value: number, by: number): Omit<Fact, 'of' | 'quantity'> => ({
    value,
    source: 'estimated',
    low: value / by,
    high: value * by,
  });
  const litres = bag.waterL ?? USUAL_BAG_L;
  const hard = (of: 'bag.hardness' | 'tank.hardness', from: Read, usual: number | undefined): Fact[] =>
    usual === undefined && !from.hardness
      ? []
      : [read(of, 'hardness', from, usual === undefined ? { source: 'reckoned' } : factor(usual, 2))];
  return [
    read(
      'bag.temperature',
      'temperature',
      bag.readings,
      around(
        bag.told.temperatureC ?? tank.temperatureC - 2,
        TOLD_TEMPERATURE_BAND,
        bag.told.temperatureC === undefined ? 'estimated' : 'told',
      ),
    ),
    read(
      'bag.salinity',
      'salinity',
      bag.readings,
      around(
        usualSalt,
        tank.type === 'fresh' && usualSalt < 2 ? usualSalt : TOLD_SALINITY_BAND,
        bag.told.salinityPpt === undefined ? 'estimated' : 'told',
      ),
    ),
    read('bag.pH', 'pH', bag.readings, { source: 'reckoned' }),
    read('bag.tan', 'ammonia', bag.readings, { source: 'reckoned' }),
    read('bag.alkalinity', 'alkalinity', bag.readings, factor(bagKind.alkalinity, bagKind.factor)),
    ...hard('bag.hardness', bag.readings, bagKind.hardness),
    read('bag.waterL', 'volume', bag.readings, around(litres, litres * WATER_BAND, bag.waterL === undefined ? 'estimated' : 'told')),
    read('tank.temperature', 'temperature', tank.readings, { value: tank.temperatureC, source: 'told' }),
    read('tank.salinity', 'salinity', tank.readings, { value: tank.salinityPpt, source: 'told' }),
    read('tank.pH', 'pH', tank.readings, { source: 'reckoned' }),
    read('tank.alkalinity', 'alkalinity', tank.readings, factor(tankKind.alkalinity, tankKind.factor)),
    ...hard('tank.hardness', tank.readings, tankKind.hardness),
  ];
}

/** What is computed from the facts, and what of it is in doubt. */
export function inputOf(of: {
  bag: KnownBag;
  tank: KnownTank;
  now: number;
  around: Around;
  controls?: Partial<Controls>;
  state?: BagState;
  fed?: boolean;
}): {
  input: Required<BenchInput>;
  facts: Fact[];
  doubts: Doubt[];
} {
  const { bag, tank, now, around } = of;
  const facts = factsOf(bag, tank);
  const value = (name: FactOf) => facts.find((fact) => fact.of === name)?.value;
  const lengthCm = bag.sizeCm ?? USUAL_LENGTH_CM;
  const waterL = value('bag.waterL')!;
  const range = bag.kind?.salinityPpt;
  const doubts = facts.flatMap(({ of: name, low, high }): Doubt[] =>
    low === undefined || high === undefined || name === 'bag.pH' || name === 'bag.tan' || name === 'tank.pH'
      ? []
      : [{ of: name, low, high }],
  );
  return {
    facts,
    doubts: [...doubts, { of: 'lot.lengthCm', low: lengthCm * (1 - LENGTH_BAND), high: lengthCm * (1 + LENGTH_BAND) }],
    input: {
      bag: {
        waterL,
        gasL: waterL * GAS_SHARE,
        gas: bag.soft || bag.transit === 'local' ? 'air' : 'oxygen',
        temperature: value('bag.temperature')!,
        salinity: value('bag.salinity')!,
        alkalinity: value('bag.alkalinity')!,
        hardness: value('bag.hardness'),
        // Closed until it was opened; what came after counts as open.
        closedHours: Math.max(0, (now - bag.packedAtMs) / HOUR_MS - (of.state?.is === 'opened' ? of.state.hours : 0)),
        state: of.state ?? { is: 'closed' },
        foul: bag.foul,
        soft: bag.soft,
        fed: of.fed ?? false,
        pH: value('bag.pH'),
        tan: value('bag.tan'),
      },
      tank: {
        volumeL: tank.volumeL,
        temperature: value('tank.temperature')!,
        salinity: value('tank.salinity')!,
        alkalinity: value('tank.alkalinity')!,
        pH: value('tank.pH'),
        hardness: value('tank.hardness'),
        ...around,
        // What is at hand brings no tank further down than itself.
        freshPpt: Math.min(around.freshPpt, value('tank.salinity')!),
      },
      lot: {
        n: bag.n,
        lengthCm,
        massA: 0.015,
        massB: 3,
        tolerance: bag.kind?.bears ?? 'ordinary',
        invertebrate: bag.kind !== undefined && bag.kind.is !== 'fish',
        euryhaline: range !== undefined && range.max - range.min >= EURYHALINE_SPAN,
        bags: Math.max(1, bag.lotBags),
      },
      controls: of.controls ?? {},
    },
  };
}
