// What is not known for sure, drawn many times: how often each method is best, and the bands of the curves. Seeded: draw number i is the
// same whatever was drawn before it, and all methods share it.
import { makeChance, normal } from '../chance/index.ts';
import { advise } from './advice.ts';
import { METABOLISM_BAND } from './bag.ts';
import { calculate, type BenchInput, type Calculated } from './compare.ts';
import { STARTING_CONTROLS, type Perturbation } from './input.ts';
import type { Tolerance } from './integrate.ts';
import type { AcclimationMethod } from './methods.ts';
import type { Sample } from './simulate.ts';

/** Inputs that may be estimates. */
export const DOUBTS = [
  'bag.waterL',
  'bag.temperature',
  'bag.salinity',
  'bag.alkalinity',
  'bag.hardness',
  'bag.pH',
  'bag.tan',
  'tank.temperature',
  'tank.salinity',
  'tank.alkalinity',
  'tank.hardness',
  'lot.lengthCm',
] as const;
export type DoubtOf = (typeof DOUBTS)[number];
/** Nine in ten lie between `low` and `high`; `flat` = anything between them is as likely as the rest, and nothing beyond is. */
export type Doubt = { of: DoubtOf; low: number; high: number; flat?: boolean };
/** Quantities that err by a share of themselves; the others err by so much. */
const BY_SHARE: readonly DoubtOf[] = [
  'bag.waterL',
  'bag.alkalinity',
  'bag.hardness',
  'bag.tan',
  'tank.alkalinity',
  'tank.hardness',
  'lot.lengthCm',
];

type Band = { low: number; high: number };
/** Judgement: nine in ten lie between these. */
const CHANCE_BANDS: Record<keyof Perturbation, Band> = {
  metabolism: METABOLISM_BAND,
  exchange: { low: 0.5, high: 2 },
  tau: { low: 1 / 1.5, high: 1.5 },
  flow: { low: 0.7, high: 1.3 },
  nitrogen: { low: 1 / 1.4, high: 1.4 },
};
/** Gas over the water, and what a fish of its length weighs: against what is taken for them. */
const GAS_BAND: Band = { low: 1 / 1.5, high: 1.5 };
const MASS_BAND: Band = { low: 1 / 1.3, high: 1.3 };
/** Of a normal distribution, nine in ten lie within so many deviations. */
const NINE_IN_TEN = 1.645;
const DRAW_TOLERANCE: Tolerance = { relative: 1e-4, absolute: 1e-6 };
const COARSE = 3;

export const CURVES = ['nh3', 'pH', 'salinity', 'temperature', 'oxygen'] as const;
export type Curve = (typeof CURVES)[number];
const GRID = 24;

export type Draw = {
  /** What would be advised, undefined when nothing would be within tolerance; and all that are about equal with it. */
  best?: AcclimationMethod;
  equal: AcclimationMethod[];
  start: Pick<Sample, 'pH' | 'tan'>;
  methods: { method: AcclimationMethod; stress: number; curves: Record<Curve, Float32Array> }[];
};
export type MethodBand = { minutes: number[]; curves: Record<Curve, { low: number[]; high: number[] }>; stress: [number, number] };
export type Bands = {
  draws: number;
  /** Share of the draws in which each offered method would be advised, the likeliest first; `equal` = in which it was about equal with that. */
  best: { method: AcclimationMethod; share: number; equal: number }[];
  methods: Map<AcclimationMethod, MethodBand>;
  /** What a test of the bag would likely show, nine in ten. */
  start: { pH: [number, number]; tan: [number, number] };
};

/** Sets the seeds of neighbouring draws far apart. */
const SPREAD = 0x9e3779b1;

/** Where a deviate lands in a lopsided band: above the best guess by the upper half, below it by the lower; by shares where that is how it errs. */
function land(z: number, { low, high }: Band, { at: middle, byShare }: { at: number; byShare: boolean }): number {
  const end = z > 0 ? high : low;
  if (byShare && end > 0 && middle > 0) return middle * (end / middle) ** (Math.abs(z) / NINE_IN_TEN);
  return middle + ((end - middle) * Math.abs(z)) / NINE_IN_TEN;
}

export function valueOf({ bag, tank, lot }: BenchInput, path: DoubtOf): number | undefined {
  const [where, field] = path.split('.') as ['bag' | 'tank' | 'lot', string];
  return ({ bag, tank, lot }[where] as unknown as Record<string, number | undefined>)[field];
}

export function withValue<I extends BenchInput>(input: I, path: DoubtOf, value: number): I {
  const [where, field] = path.split('.') as ['bag' | 'tank' | 'lot', string];
  return { ...input, [where]: { ...input[where], [field]: value } };
}

/** What can be of a quantity: a draw far out in its tail stays water. */
const ENDS: Record<string, Band> = {
  temperature: { low: 4, high: 38 },
  salinity: { low: 0, high: 48 },
  pH: { low: 4.5, high: 9.5 },
};

/** The input of draw number `index`. Deviates are of the whole distribution: what is unlikely is drawn seldom, not never. */
export function drawn(
  input: Required<BenchInput>,
  doubts: readonly Doubt[],
  index: number,
): { input: Required<BenchInput>; perturbation: Perturbation } {
  const random = makeChance(Math.imul(index + 1, SPREAD));
  let drawn = input;
  for (const doubt of doubts) {
    const middle = valueOf(input, doubt.of);
    const z = normal(random);
    const even = random();
    if (middle === undefined) continue;
    const value = doubt.flat
      ? doubt.low + (doubt.high - doubt.low) * even
      : land(z, doubt, { at: middle, byShare: BY_SHARE.includes(doubt.of) });
    const ends = ENDS[doubt.of.split('.')[1]!];
    drawn = withValue(drawn, doubt.of, ends ? Math.min(ends.high, Math.max(ends.low, value)) : Math.max(middle / 100, value));
  }
  const factor = (band: Band) => land(normal(random), band, { at: 1, byShare: true });
  const gas = factor(GAS_BAND);
  const mass = factor(MASS_BAND);
  const perturbation = Object.fromEntries(
    (Object.keys(CHANCE_BANDS) as (keyof Perturbation)[]).map((key) => [key, factor(CHANCE_BANDS[key])]),
  ) as Perturbation;
  const { bag, lot, controls } = drawn;
  // A bag that holds more than was thought still has to fit into its bucket.
  const bucketL = Math.max(controls.bucketL ?? STARTING_CONTROLS.bucketL, bag.waterL);
  return {
    input: {
      ...drawn,
      bag: { ...bag, gasL: bag.gasL * gas },
      lot: { ...lot, massA: lot.massA * mass },
      tank: { ...drawn.tank, freshPpt: Math.min(drawn.tank.freshPpt, drawn.tank.salinity) },
      controls: { ...controls, bucketL },
    },
    perturbation,
  };
}

/** Minutes at which a method's bands are drawn: from its start to its release. */
export function gridOf({ figures }: Pick<Calculated, 'figures'>): number[] {
  return Array.from({ length: GRID }, (_, index) => (figures.totalMinutes * index) / (GRID - 1));
}

function curvesAt(samples: readonly Sample[], minutes: readonly number[]): Record<Curve, Float32Array> {
  const inVessel = samples.filter(({ where }) => where !== 'tank');
  const curves = Object.fromEntries(CURVES.map((curve) => [curve, new Float32Array(minutes.length)])) as Record<Curve, Float32Array>;
  let position = 0;
  minutes.forEach((minute, index) => {
    while (position + 1 < inVessel.length && inVessel[position + 1]!.minute <= minute) position += 1;
    const [sample, next] = [inVessel[position]!, inVessel[position + 1] ?? inVessel[position]!];
    const share = next.minute > sample.minute ? Math.min(1, (minute - sample.minute) / (next.minute - sample.minute)) : 0;
    for (const curve of CURVES) curves[curve][index] = sample[curve] + (next[curve] - sample[curve]) * share;
  });
  return curves;
}

/** One draw of all methods. `grids` = each offered method's minutes, from the point values. */
export function drawOne(
  input: Required<BenchInput>,
  doubts: readonly Doubt[],
  draw: { index: number; grids: ReadonlyMap<AcclimationMethod, number[]> },
): Draw {
  const { input: values, perturbation } = drawn(input, doubts, draw.index);
  const { results, start } = calculate(values, { perturbation, coarse: COARSE, tolerance: DRAW_TOLERANCE });
  const offered = results.filter(({ method }) => draw.grids.has(method));
  // What can be had is as it stands, whatever was drawn.
  const advice = advise(offered);
  return {
    ...(advice.is === 'advised' ? { best: advice.method, equal: advice.group } : { equal: [] }),
    start: { pH: start.pH, tan: start.tan },
    methods: offered.map(({ method, limiting, samples }) => ({
      method,
      stress: limiting.stress,
      curves: curvesAt(samples, draw.grids.get(method)!),
    })),
  };
}

/** The bands that draws make: 5 % and 95 % at each minute. @example of 200 draws, `best[0].share` 0.9 reads “best in 9 of 10” */
export function bandsOf(draws: readonly Draw[], grids: ReadonlyMap<AcclimationMethod, number[]>): Bands {
  const ends = (values: number[]): [number, number] => {
    const sorted = values.sort((a, b) => a - b);
    const quantileAt = (share: number) => sorted[Math.round(share * (sorted.length - 1))]!;
    return [quantileAt(0.05), quantileAt(0.95)];
  };
  const methods = new Map<AcclimationMethod, MethodBand>();
  for (const [method, minutes] of grids) {
    const own = draws.map((draw) => draw.methods.find((otherMethod) => otherMethod.method === method)!);
    const curves = Object.fromEntries(
      CURVES.map((curve) => {
        const pairs = minutes.map((_, index) => ends(own.map((result) => result.curves[curve][index]!)));
        return [curve, { low: pairs.map(([low]) => low), high: pairs.map(([, high]) => high) }];
      }),
    ) as MethodBand['curves'];
    methods.set(method, { minutes, curves, stress: ends(own.map(({ stress }) => stress)) });
  }
  const best = [...grids.keys()]
    .map((method) => ({
      method,
      share: draws.filter((draw) => draw.best === method).length / draws.length,
      equal: draws.filter((draw) => draw.equal.includes(method)).length / draws.length,
    }))
    .sort((a, b) => b.share - a.share);
  return {
    draws: draws.length,
    best,
    methods,
    start: { pH: ends(draws.map(({ start }) => start.pH)), tan: ends(draws.map(({ start }) => start.tan)) },
  };
}
