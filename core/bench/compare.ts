// Every school on the same bag, side by side, and which hurts least: by the figure that each is limited by, and by no hidden weight.
import { advise, type Advice } from './advice.ts';
import { closedBag, type ClosedBag } from './bag.ts';
import { figuresOf, strainsOf, tolerancesOf, worstOf, type Figures, type Strain } from './figures.ts';
import {
  BEST_GUESS,
  faultsOf,
  STARTING_CONTROLS,
  type BagInput,
  type Chance,
  type Controls,
  type InputFault,
  type LotInput,
  type TankInput,
} from './input.ts';
import { recipesFor, type Method, type NotOffered, type Recipe } from './methods.ts';
import { sentenceOf, type Say } from './sentence.ts';
import { simulate, startVessel, tankWater, type Run, type Sample, type Step } from './simulate.ts';
import type { Tolerance } from './integrate.ts';

export type BenchInput = { bag: BagInput; tank: TankInput; lot: LotInput; controls?: Partial<Controls> };

export type MethodResult = {
  method: Method;
  /** What it strains most: what the advice names. */
  limiting: Strain;
  strains: Strain[];
  figures: Figures;
  handsOnMinutes: number;
  /** Tank water changed beforehand to match the bag. */
  swapL: number;
  steps: Step[];
  samples: Sample[];
  notOffered?: NotOffered;
  sentence: string;
};
export type Comparison = {
  /** Offered methods in the order of their numbers. */
  ranked: MethodResult[];
  /** Which of them to follow, or that none is to be. */
  advice: Advice;
  /** Reckoned, but not to be had for this bag. */
  others: MethodResult[];
  /** The water that the fish are in now. */
  start: Sample;
  closed: ClosedBag;
  now?: number;
};

export class BenchFault extends RangeError {
  readonly faults: readonly InputFault[];
  constructor(faults: readonly InputFault[]) {
    super(faults.map(({ field, code }) => `${field}: ${code}`).join(', '));
    this.faults = faults;
  }
}

export type Reckoned = Omit<MethodResult, 'sentence'>;

/** All methods for one set of values: the point values, or one draw. Three times as few samples with `coarse`. */
export function reckon(
  input: Required<BenchInput>,
  { chance = BEST_GUESS, coarse = 1, tolerance }: { chance?: Chance; coarse?: number; tolerance?: Tolerance } = {},
): {
  results: Reckoned[];
  start: Sample;
} {
  const { bag, tank, lot } = input;
  const controls = { ...STARTING_CONTROLS, ...input.controls };
  const faults = faultsOf({ bag, tank, lot, controls });
  if (faults.length > 0) throw new BenchFault(faults);
  const options = { chance, around: tank, coarse, tolerance };
  const vessel = startVessel(bag, lot, options);
  const bears = tolerancesOf(lot);
  let start: Sample | undefined;
  const results = recipesFor({ bag, tank, lot, controls }).map((recipe): Reckoned => {
    const water = tankWater(recipe.tank);
    const run = simulate(vessel, water, drawn(recipe, chance), options);
    start ??= run.samples[0]!;
    const figures = figuresOf(run, water, tank.pco2);
    const strains = strainsOf(run, figures, bears);
    return {
      method: recipe.method,
      limiting: worstOf(strains),
      strains,
      figures: { ...figures, tankWaterL: figures.tankWaterL + recipe.swapL },
      handsOnMinutes: recipe.handsOnMinutes,
      swapL: recipe.swapL,
      steps: recipe.steps,
      samples: run.samples,
      notOffered: recipe.notOffered,
    };
  });
  return { results, start: start! };
}

/** What one method strains most; undefined for input that cannot be. A tenth of the cost of all. */
export function reckonOne(input: Required<BenchInput>, method: Method): Strain | undefined {
  const controls = { ...STARTING_CONTROLS, ...input.controls };
  if (faultsOf({ ...input, controls }).length > 0) return undefined;
  const recipe = recipesFor({ ...input, controls }).find((one) => one.method === method)!;
  return strainOfPlan({ ...input, tank: recipe.tank }, recipe.steps);
}

/** What these steps strain most, the release at their end included; undefined for input that cannot be, and for steps that no computation can follow. */
export function strainOfPlan({ bag, tank, lot }: Omit<BenchInput, 'controls'>, steps: readonly Step[]): Strain | undefined {
  const controls = { ...STARTING_CONTROLS, bucketL: Math.max(STARTING_CONTROLS.bucketL, bag.waterL) };
  if (faultsOf({ bag, tank, lot, controls }).length > 0) return undefined;
  try {
    const water = tankWater(tank);
    const run = simulate(startVessel(bag, lot, { around: tank }), water, steps, { around: tank });
    return worstOf(strainsOf(run, figuresOf(run, water, tank.pco2), tolerancesOf(lot)));
  } catch (error) {
    // A sea through a bucket leaves what water can be: whoever asks is told that it cannot be computed.
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

/** Flow that nobody caught in a measure runs as chance has it. */
function drawn({ steps }: Recipe, { flow }: Chance): Step[] {
  return flow === 1 ? steps : steps.map((step) => (step.do === 'run' ? { ...step, mLPerMin: step.mLPerMin * flow } : step));
}

/** Offered methods in the order of their numbers. */
export function rank<M extends Pick<Reckoned, 'limiting' | 'notOffered'>>(results: readonly M[]): M[] {
  return results.filter(({ notOffered }) => !notOffered).sort((a, b) => a.limiting.strain - b.limiting.strain);
}

/**
 * Simulates every method from the bag's present state to six hours after release, orders them by their numbers and advises one. Units of core/bench/input; `now` is
 * handed through. Throws a {@link BenchFault} that names each field which cannot be (zero volumes, pH outside 4–10, negative ages, a tank fresher
 * than its supply, a bucket smaller than the bag water). About 5 ms. Bands and what would change the order: core/bench/draws.
 */
export function compareMethods(input: BenchInput & { now?: number }, say?: Say): Comparison {
  const { now, controls = {}, ...rest } = input;
  const { results, start } = reckon({ ...rest, controls });
  const told = results.map((one): MethodResult => ({ ...one, sentence: sentenceOf(one, input.lot, say) }));
  const ranked = rank(told);
  return {
    ranked,
    advice: advise(ranked),
    others: told.filter(({ notOffered }) => notOffered),
    start,
    closed: closedBag(input.bag, input.lot, input.bag.closedHours, { roomC: input.tank.roomC }),
    now,
  };
}

export type { Run };
