// What happens in an open vessel with fish in it: mixing with tank water, breathing, gas exchange, warming. One state, one set of rates.
import { CALM_BELOW, unionizedFraction, CO2_MG_PER_MMOL, speciate, carbonateConstants, oxygenSolubility } from '../water/index.ts';
import type { Water } from './bag.ts';
import { integrate, type Tolerance } from './integrate.ts';
import { ratesOf, warmthFactor } from './metabolism.ts';

export type Fish = { n: number; gramsEach: number; fed: boolean };
/** How fast CO2 and oxygen pass the surface, 1/h. A judgement, true within ×/÷ 2. */
export const EXCHANGE = { closed: 0, still: 0.4, poured: 1, dripped: 1.5, gentle: 6, strong: 12 } as const;
export type Agitation = keyof typeof EXCHANGE;
/** Of the toxic ammonia, what a binder leaves while it lasts. A judgement: its label says how much it binds. */
export const BINDER_LEAVES = 0.1;

/** What goes on in the vessel for a while; flows L/h, times h. */
export type Going = {
  agitation: Agitation;
  /** Against the book's gas exchange. */
  exchange: number;
  flowLPerH: number;
  tank: Water;
  /** It warms or cools towards this, with this time constant. */
  surroundingsC: number;
  tauH: number;
  fish: Fish;
  /** Breathing against the book, and ammonia for the oxygen taken. */
  metabolism: number;
  nitrogen?: number;
  ammoniaBinder: boolean;
  pco2: number;
};

/** A water at an instant with what follows from it: pH (NBS), free CO2 mg/L, toxic ammonia mg/L N. `minute` counts from when the bench began. */
export type Sample = Water & { pH: number; co2: number; nh3: number; minute: number; where: 'bag' | 'bucket' | 'tank' };

const T = 0;
const S = 1;
const ALKALINITY = 2;
const DIC = 3;
const TAN = 4;
const OXYGEN = 5;
const HARDNESS = 6;
const VOLUME = 7;
const EXPOSURE = 8;
const SIZE = 9;

function load(water: Water, exposure: number): Float64Array {
  const y = new Float64Array(SIZE);
  y[T] = water.temperature;
  y[S] = water.salinity;
  y[ALKALINITY] = water.alkalinity;
  y[DIC] = water.dic;
  y[TAN] = water.tan;
  y[OXYGEN] = water.oxygen;
  y[HARDNESS] = Number.isNaN(water.hardness) ? 0 : water.hardness;
  y[VOLUME] = water.volumeL;
  y[EXPOSURE] = exposure;
  return y;
}

function unload(y: Float64Array, hardnessKnown: boolean): Water {
  return {
    temperature: y[T]!,
    salinity: Math.max(0, y[S]!),
    alkalinity: Math.max(0, y[ALKALINITY]!),
    dic: Math.max(0, y[DIC]!),
    tan: Math.max(0, y[TAN]!),
    oxygen: Math.max(0, y[OXYGEN]!),
    hardness: hardnessKnown ? y[HARDNESS]! : NaN,
    volumeL: y[VOLUME]!,
  };
}

/** A sample of a water. Written out field by field: spreading is what this would cost most. */
export function sampleOf(water: Water, moment: { ammoniaBinder: boolean; minute: number; where: Sample['where'] }): Sample {
  const { volumeL, temperature, salinity, alkalinity, dic, tan, oxygen, hardness } = water;
  const { nbs: pH, co2 } = speciate(water, carbonateConstants(water));
  const nh3 = tan * unionizedFraction({ pH, temperature, salinity }) * (moment.ammoniaBinder ? BINDER_LEAVES : 1);
  const { minute, where } = moment;
  return { volumeL, temperature, salinity, alkalinity, dic, tan, oxygen, hardness, pH, co2: co2 * CO2_MG_PER_MMOL, nh3, minute, where };
}

/**
 * Lets a vessel go on for `hours`; the volume grows by the flow (the caller stops it when it is full, `overflowing` = it spills as much
 * as runs in). Gives the water at the end, the exposure so far (mg·h/L above 0.02 of toxic ammonia) and the waters at `times` (h).
 * Salt, ammonia, alkalinity, hardness and heat are kept but for what runs in, spills, breathes and warms.
 */
export function letGo(release: {
  water: Water;
  going: Going;
  hours: number;
  overflowing: boolean;
  exposure: number;
  times: readonly number[];
  tolerance?: Tolerance;
}): { water: Water; exposure: number; waters: Water[] } {
  const { water, going, hours, overflowing, times, tolerance } = release;
  const { tank, flowLPerH: flow, fish, surroundingsC, tauH } = going;
  const known = !Number.isNaN(water.hardness) && (flow === 0 || !Number.isNaN(tank.hardness));
  const tankHardness = known && flow > 0 ? tank.hardness : 0;
  const y = load(water, release.exposure);
  const at25 = ratesOf({ ...fish, temperature: 25, factor: going.metabolism, nitrogen: going.nitrogen });
  const kLa = EXCHANGE[going.agitation] * (going.agitation === 'closed' ? 1 : going.exchange);
  const airCo2 = going.pco2 * 1e-6;
  let pH = 7;
  const rates = (_t: number, now: Float64Array, into: Float64Array): void => {
    const volume = now[VOLUME]!;
    const temperature = now[T]!;
    const salinity = Math.max(0, now[S]!);
    const c = carbonateConstants({ temperature, salinity });
    const state = speciate({ alkalinity: Math.max(0, now[ALKALINITY]!), dic: Math.max(0, now[DIC]!) }, c, pH);
    pH = state.total;
    const turn = flow / volume;
    const breath = warmthFactor(temperature) / volume;
    const oxygen = now[OXYGEN]!;
    const nh3 = now[TAN]! * unionizedFraction({ pH: state.nbs, temperature, salinity }) * (going.ammoniaBinder ? BINDER_LEAVES : 1);
    into[T] = turn * (tank.temperature - now[T]!) + (surroundingsC - now[T]!) / tauH;
    into[S] = turn * (tank.salinity - now[S]!);
    into[ALKALINITY] = turn * (tank.alkalinity - now[ALKALINITY]!) + at25.alkalinity * breath;
    into[DIC] = turn * (tank.dic - now[DIC]!) + at25.co2 * breath - kLa * (state.co2 - c.k0 * airCo2 * c.kgPerL * 1e3);
    into[TAN] = turn * (tank.tan - now[TAN]!) + at25.ammonia * breath;
    // Where there is hardly any oxygen left, fish take less than they would.
    const taken = at25.oxygen * breath * Math.min(1, Math.max(0, oxygen) / 0.5);
    into[OXYGEN] = turn * (tank.oxygen - oxygen) + kLa * (oxygenSolubility({ temperature, salinity }) - oxygen) - taken;
    into[HARDNESS] = turn * (tankHardness - now[HARDNESS]!);
    into[VOLUME] = overflowing ? 0 : flow;
    into[EXPOSURE] = Math.max(0, nh3 - CALM_BELOW);
  };
  const waters: Water[] = [];
  integrate({ rates, y, until: hours, times, tolerance, at: (_t, now) => waters.push(unload(now, known)) });
  return { water: unload(y, known), exposure: y[EXPOSURE]!, waters };
}
