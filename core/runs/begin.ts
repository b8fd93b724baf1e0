// A chosen method made into a run: all its bags as one vessel, its plan, and how near to the tank it is to come.
import type { Recipe, BagInput, LotInput, TankInput } from '../bench/index.ts';
import type { RunStarted } from './entries.ts';
import type { RunPolicy } from './policy.ts';

/** Share of a gap that a method leaves by design: dripping closes three quarters, a conversion 95 %. */
const LEAVES: Partial<Record<Recipe['method'], number>> = {
  drip: 0.25,
  'fast siphon': 0.25,
  'cup exchange': 0.11,
  'pooled bucket': 0.25,
  'long conversion': 0.05,
  'overnight conversion': 0.05,
};

/** Several bags of one lot as one system: volumes and heads add up, the rest is the mean by volume, what was closed longest counts. */
export function pooledBag(bags: readonly BagInput[]): BagInput {
  const [first] = bags as [BagInput, ...BagInput[]];
  const waterL = bags.reduce((sum, bag) => sum + bag.waterL, 0);
  const mean = (pick: (bag: BagInput) => number) => bags.reduce((sum, bag) => sum + pick(bag) * bag.waterL, 0) / waterL;
  const meanIfKnown = (pick: (bag: BagInput) => number | undefined) =>
    bags.every((bag) => pick(bag) !== undefined) ? mean((bag) => pick(bag)!) : undefined;
  const { pH: _pH, tan: _tan, oxygen: _oxygen, hardness: _hardness, ...rest } = first;
  const known = {
    pH: meanIfKnown(({ pH }) => pH),
    tan: meanIfKnown(({ tan }) => tan),
    oxygen: meanIfKnown(({ oxygen }) => oxygen),
    hardness: meanIfKnown(({ hardness }) => hardness),
  };
  return {
    ...rest,
    ...Object.fromEntries(Object.entries(known).filter(([, value]) => value !== undefined)),
    waterL,
    gasL: bags.reduce((sum, bag) => sum + bag.gasL, 0),
    temperature: mean(({ temperature }) => temperature),
    salinity: mean(({ salinity }) => salinity),
    alkalinity: mean(({ alkalinity }) => alkalinity),
    closedHours: Math.max(...bags.map(({ closedHours }) => closedHours)),
    // What was poured from an open vessel opens all of it.
    opening: (bags.find(({ opening }) => opening.is !== 'closed') ?? first).opening,
    foul: bags.some(({ foul }) => foul),
    soft: bags.some(({ soft }) => soft),
  };
}

type Begin = {
  recipe: Recipe;
  bag: BagInput;
  tank: TankInput;
  lot: LotInput;
  bucketL: number;
  equal: Pick<RunPolicy, 'equalPpt' | 'equalC'>;
};

/** What `acclimation.started` says of the computation. Pooling is in the bag already, so it is no step of the plan. */
export function beginOf({
  recipe,
  bag,
  tank,
  lot,
  bucketL,
  equal,
}: Begin): Pick<RunStarted, 'method' | 'start' | 'water' | 'of' | 'plan' | 'within'> {
  const gap = Math.abs(tank.salinity - bag.salinity);
  const salinity = Math.max(equal.equalPpt, gap * (LEAVES[recipe.method] ?? 0) + 1e-6);
  return {
    method: recipe.method,
    start: bag,
    water: tank,
    of: lot,
    plan: recipe.steps.flatMap((step) =>
      step.do === 'pool'
        ? []
        : [
            step.do === 'pour'
              ? { ...step, bucketL: recipe.method === 'overnight conversion' ? step.bucketL : Math.max(step.bucketL, bucketL) }
              : step,
          ],
    ),
    within: { salinity, temperature: equal.equalC },
  };
}
