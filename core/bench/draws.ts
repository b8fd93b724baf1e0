// What is not known for sure, drawn many times: how often each method is best, and the bands of the curves. Seeded: draw number i is the
// same whatever was drawn before it, and all methods share it.
import { makeChance, normal } from '../chance.ts';
import { METABOLISM_BAND } from './bag.ts';
import { rank, reckon, type BenchInput, type Reckoned } from './compare.ts';
import { STARTING_CONTROLS, type Chance } from './input.ts';
import type { Method } from './methods.ts';
import type { Sample } from './simulate.ts';
import type { Tolerance } from './integrate.ts';

/** Inputs that may be estimates. */
export const DOUBTS = [
  'bag.waterL',
  'bag.temperature',
  'bag.salinity',
  'bag.alkalinity',
  'bag.hardness',
  'tank.temperature',
  'tank.salinity',
  'tank.alkalinity',
  'tank.hardness',
  'lot.lengthCm',
] as const;
export type DoubtOf = (typeof DOUBTS)[number];
/** Nine in ten lie between `low` and `high`. */
export type Doubt = { of: DoubtOf; low: number; high: number };

/** Judgement: nine in ten lie between these. */
const CHANCE_BANDS: Record<keyof Chance, { low: number; high: number }> = {
  metabolism: METABOLISM_BAND,
  exchange: { low: 0.5, high: 2 },
  tau: { low: 1 / 1.5, high: 1.5 },
  flow: { low: 0.7, high: 1.3 },
};
/** Of a normal distribution, nine in ten lie within so many deviations. */
const NINE_IN_TEN = 1.645;
const DRAW_TOLERANCE: Tolerance = { relative: 1e-4, absolute: 1e-6 };
const COARSE = 3;

export const CURVES = ['nh3', 'pH', 'salinity', 'temperature', 'oxygen'] as const;
export type Curve = (typeof CURVES)[number];
const GRID = 24;

export type Draw = {
  best: Method;
  start: Pick<Sample, 'pH' | 'tan'>;
  methods: { method: Method; strain: number; curves: Record<Curve, Float32Array> }[];
};
export type Band = { minutes: number[]; curves: Record<Curve, { low: number[]; high: number[] }>; strain: [number, number] };
export type Bands = {
  draws: number;
  /** Share of the draws in which each offered method was best, the likeliest first. */
  best: { method: Method; share: number }[];
  methods: Map<Method, Band>;
  /** What a test of the bag would likely show, nine in ten. */
  start: { pH: [number, number]; tan: [number, number] };
};

/** Sets the seeds of neighbouring draws far apart. */
const SPREAD = 0x9e3779b1;

/** A normal deviate within two deviations, so that no draw is absurd. */
function deviate(chance: () => number): number {
  for (;;) {
    const z = normal(chance);
    if (Math.abs(z) <= 2) return z;
  }
}

/** Where a deviate lands in a lopsided band: above the best guess by the upper half, below it by the lower. */
const land = (z: number, { low, high }: { low: number; high: number }, at: number) =>
  at + ((z > 0 ? high - at : at - low) * z) / NINE_IN_TEN;

export function valueOf({ bag, tank, lot }: BenchInput, of: DoubtOf): number | undefined {
  const [where, field] = of.split('.') as ['bag' | 'tank' | 'lot', string];
  return ({ bag, tank, lot }[where] as unknown as Record<string, number | undefined>)[field];
}

export function withValue<I extends BenchInput>(input: I, of: DoubtOf, value: number): I {
  const [where, field] = of.split('.') as ['bag' | 'tank' | 'lot', string];
  return { ...input, [where]: { ...input[where], [field]: value } };
}

/** The input of draw number `index`. A quantity never falls below a twentieth of its best guess. */
export function drawn(
  input: Required<BenchInput>,
  doubts: readonly Doubt[],
  index: number,
): { input: Required<BenchInput>; chance: Chance } {
  const random = makeChance(Math.imul(index + 1, SPREAD));
  let one = input;
  for (const doubt of doubts) {
    const at = valueOf(input, doubt.of);
    const z = deviate(random);
    if (at !== undefined) one = withValue(one, doubt.of, Math.max(at / 20, land(z, doubt, at)));
  }
  const { bag, controls } = one;
  // A bag that holds more than was thought still has to fit into its bucket.
  const bucketL = Math.max(controls.bucketL ?? STARTING_CONTROLS.bucketL, bag.waterL);
  const chance = Object.fromEntries(
    (Object.keys(CHANCE_BANDS) as (keyof Chance)[]).map((key) => [key, Math.max(0.05, land(deviate(random), CHANCE_BANDS[key], 1))]),
  ) as Chance;
  return { input: { ...one, controls: { ...controls, bucketL } }, chance };
}

/** Minutes at which a method's bands are drawn: from its start to its release. */
export function gridOf({ figures }: Pick<Reckoned, 'figures'>): number[] {
  return Array.from({ length: GRID }, (_, index) => (figures.totalMinutes * index) / (GRID - 1));
}

function curvesAt(samples: readonly Sample[], minutes: readonly number[]): Record<Curve, Float32Array> {
  const inVessel = samples.filter(({ where }) => where !== 'tank');
  const curves = Object.fromEntries(CURVES.map((curve) => [curve, new Float32Array(minutes.length)])) as Record<Curve, Float32Array>;
  let at = 0;
  minutes.forEach((minute, index) => {
    while (at + 1 < inVessel.length && inVessel[at + 1]!.minute <= minute) at += 1;
    const [one, next] = [inVessel[at]!, inVessel[at + 1] ?? inVessel[at]!];
    const share = next.minute > one.minute ? Math.min(1, (minute - one.minute) / (next.minute - one.minute)) : 0;
    for (const curve of CURVES) curves[curve][index] = one[curve] + (next[curve] - one[curve]) * share;
  });
  return curves;
}

/** One draw of all methods. `grids` = each offered method's minutes, from the point values. */
export function drawOne(
  input: Required<BenchInput>,
  doubts: readonly Doubt[],
  of: { index: number; grids: ReadonlyMap<Method, number[]> },
): Draw {
  const { input: values, chance } = drawn(input, doubts, of.index);
  const { results, start } = reckon(values, { chance, coarse: COARSE, tolerance: DRAW_TOLERANCE });
  const offered = results.filter(({ method }) => of.grids.has(method));
  const order = rank(offered.map((one) => ({ ...one, notOffered: undefined })));
  return {
    best: order[0]!.method,
    start: { pH: start.pH, tan: start.tan },
    methods: offered.map(({ method, limiting, samples }) => ({
      method,
      strain: limiting.strain,
      curves: curvesAt(samples, of.grids.get(method)!),
    })),
  };
}

/** The bands that draws make: 5 % and 95 % at each minute. @example of 200 draws, `best[0].share` 0.9 reads “best in 9 of 10” */
export function bandsOf(draws: readonly Draw[], grids: ReadonlyMap<Method, number[]>): Bands {
  const ends = (values: number[]): [number, number] => {
    const sorted = values.sort((a, b) => a - b);
    const at = (share: number) => sorted[Math.round(share * (sorted.length - 1))]!;
    return [at(0.05), at(0.95)];
  };
  const methods = new Map<Method, Band>();
  for (const [method, minutes] of grids) {
    const own = draws.map((draw) => draw.methods.find((one) => one.method === method)!);
    const curves = Object.fromEntries(
      CURVES.map((curve) => {
        const pairs = minutes.map((_, index) => ends(own.map((one) => one.curves[curve][index]!)));
        return [curve, { low: pairs.map(([low]) => low), high: pairs.map(([, high]) => high) }];
      }),
    ) as Band['curves'];
    methods.set(method, { minutes, curves, strain: ends(own.map(({ strain }) => strain)) });
  }
  const best = [...grids.keys()]
    .map((method) => ({ method, share: draws.filter((draw) => draw.best === method).length / draws.length }))
    .sort((a, b) => b.share - a.share);
  return {
    draws: draws.length,
    best,
    methods,
    start: { pH: ends(draws.map(({ start }) => start.pH)), tan: ends(draws.map(({ start }) => start.tan)) },
  };
}
