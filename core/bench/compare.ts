// Every method on the same bag, side by side, and which is least stressful: by the figure that each is limited by, and by no hidden weight.
import { advise, type Advice } from './advice.ts';
import { closedBag, type ClosedBag } from './bag.ts';
import { figuresOf, stressesOf, tolerancesOf, worstOf, type Figures, type Stress } from './figures.ts';
import {
  BEST_GUESS,
  faultsOf,
  STARTING_CONTROLS,
  type BagInput,
  type Perturbation,
  type Controls,
  type InputFault,
  type LotInput,
  type TankInput,
} from './input.ts';
import type { Tolerance } from './integrate.ts';
import { recipesFor, type AcclimationMethod, type NotOffered, type Recipe } from './methods.ts';
import { sentenceOf, type Say } from './sentence.ts';
import { simulate, startVessel, tankWater, type Simulation, type Sample, type Step } from './simulate.ts';

export type BenchInput = { bag: BagInput; tank: TankInput; lot: LotInput; controls?: Partial<Controls> };

export type MethodResult = {
  method: AcclimationMethod;
  /** What it stresses most: what the advice names. */
  limiting: Stress;
  stresses: Stress[];
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
  /** Calculated, but not to be had for this bag. */
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

export type Calculated = Omit<MethodResult, 'sentence'>;

/** All methods for one set of values: the point values, or one draw. Three times as few samples with `coarse`. */
export function calculate(
  input: Required<BenchInput>,
  { perturbation = BEST_GUESS, coarse = 1, tolerance }: { perturbation?: Perturbation; coarse?: number; tolerance?: Tolerance } = {},
): {
  results: Calculated[];
  start: Sample;
} {
  const { bag, tank, lot } = input;
  const controls = { ...STARTING_CONTROLS, ...input.controls };
  const faults = faultsOf({ bag, tank, lot, controls });
  if (faults.length > 0) throw new BenchFault(faults);
  const options = { perturbation, ambient: tank, coarse, tolerance };
  const vessel = startVessel(bag, lot, options);
  const tolerances = tolerancesOf(lot);
  let start: Sample | undefined;
  const results = recipesFor({ bag, tank, lot, controls }).map((recipe): Calculated => {
    const water = tankWater(recipe.tank);
    const simulation = simulate(vessel, water, drawn(recipe, perturbation), options);
    start ??= simulation.samples[0]!;
    const figures = figuresOf(simulation, water, tank.pco2);
    const stresses = stressesOf(simulation, figures, tolerances);
    return {
      method: recipe.method,
      limiting: worstOf(stresses),
      stresses,
      figures: { ...figures, tankWaterL: figures.tankWaterL + recipe.swapL },
      handsOnMinutes: recipe.handsOnMinutes,
      swapL: recipe.swapL,
      steps: recipe.steps,
      samples: simulation.samples,
      notOffered: recipe.notOffered,
    };
  });
  return { results, start: start! };
}

/** What one method stresses most; undefined for input that cannot be. A tenth of the cost of all. */
export function calculateOne(input: Required<BenchInput>, method: AcclimationMethod): Stress | undefined {
  const controls = { ...STARTING_CONTROLS, ...input.controls };
  if (faultsOf({ ...input, controls }).length > 0) return undefined;
  const recipe = recipesFor({ ...input, controls }).find((recipe) => recipe.method === method)!;
  return stressOfPlan({ ...input, tank: recipe.tank }, recipe.steps);
}

/** What these steps stress most, the release at their end included; undefined for input that cannot be, and for steps that no computation can follow. */
export function stressOfPlan({ bag, tank, lot }: Omit<BenchInput, 'controls'>, steps: readonly Step[]): Stress | undefined {
  const controls = { ...STARTING_CONTROLS, bucketL: Math.max(STARTING_CONTROLS.bucketL, bag.waterL) };
  if (faultsOf({ bag, tank, lot, controls }).length > 0) return undefined;
  try {
    const water = tankWater(tank);
    const simulation = simulate(startVessel(bag, lot, { ambient: tank }), water, steps, { ambient: tank });
    return worstOf(stressesOf(simulation, figuresOf(simulation, water, tank.pco2), tolerancesOf(lot)));
  } catch (error) {
    // A sea through a bucket leaves what water can be: whoever asks is told that it cannot be computed.
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

/** Flow that nobody caught in a measure runs as chance has it. */
function drawn({ steps }: Recipe, { flow }: Perturbation): Step[] {
  return flow === 1 ? steps : steps.map((step) => (step.do === 'run' ? { ...step, mLPerMin: step.mLPerMin * flow } : step));
}

/** Offered methods in the order of their numbers. */
export function rank<M extends Pick<Calculated, 'limiting' | 'notOffered'>>(results: readonly M[]): M[] {
  return results.filter(({ notOffered }) => !notOffered).sort((a, b) => a.limiting.stress - b.limiting.stress);
}

/**
 * Simulates every method from the bag's present state to six hours after release, orders them by their numbers and advises one. Units of core/bench/input; `now` is
 * handed through. Throws a {@link BenchFault} that names each field which cannot be (zero volumes, pH outside 4–10, negative ages, a tank fresher
 * than its supply, a bucket smaller than the bag water). About 5 ms. Bands and what would change the order: core/bench/draws.
 */
export function compareMethods(input: BenchInput & { now?: number }, say?: Say): Comparison {
  const { now, controls = {}, ...rest } = input;
  const { results, start } = calculate({ ...rest, controls });
  const told = results.map((result): MethodResult => ({ ...result, sentence: sentenceOf(result, input.lot, say) }));
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

export type { Simulation };
