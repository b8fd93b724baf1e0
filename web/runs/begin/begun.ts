// What a run begins from: its bags made into one system, its plan, and which of its steps fall in the night. No screen in here.
import { knownOf } from '#contract/bench/known.ts';
import type { BenchBag } from '#contract/views.ts';
import {
  STARTING_AMBIENT,
  type Compared,
  inputOf,
  type Controls,
  recipesFor,
  type AcclimationMethod,
  type Recipe,
} from '#core/bench/index.ts';
import { beginOf, pooledBag } from '#core/runs/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { atLocal, houseDay } from '#core/time/index.ts';

/** Litres in the bags: where an overnight vessel overflows. */
export const startingL = (bags: readonly BenchBag[], now: number): number =>
  bags.reduce((sum, benchBag) => sum + inputOf({ ...knownOf(benchBag), now, ambient: STARTING_AMBIENT }).input.bag.waterL, 0);

/** Between ten in the evening and six. */
export function isNight(ms: number, zone: string): boolean {
  const day = houseDay(ms, zone);
  return ms >= atLocal(day, { hour: 22, minute: 0 }, zone) || ms < atLocal(day, { hour: 6, minute: 0 }, zone);
}

export type Begun = { from: { place: string; n: number }[]; start: ReturnType<typeof beginOf>; recipe: Recipe };

export function beginGroup(
  bags: readonly BenchBag[],
  {
    method,
    controls,
    now,
    rules,
    compared,
  }: { method: AcclimationMethod; controls: Controls; now: number; rules: Pick<HouseRules, 'runs' | 'ambient'>; compared?: Compared },
): Begun {
  const inputs = bags.map(
    (bag) => inputOf({ ...knownOf(bag), now, ambient: rules.ambient, controls, opening: compared?.opening, fed: compared?.fed }).input,
  );
  const [head] = inputs as [(typeof inputs)[number], ...typeof inputs];
  const pooled = pooledBag(inputs.map((input) => input.bag));
  const lot = { ...head.lot, n: bags.reduce((sum, { alive }) => sum + alive, 0), bags: 1 };
  const recipe = recipesFor({ bag: pooled, tank: head.tank, lot, controls }).find((recipe) => recipe.method === method)!;
  return {
    from: bags.map(({ bag, alive }) => ({ place: bag, n: alive })),
    start: beginOf({ recipe, bag: pooled, tank: head.tank, lot, bucketL: controls.bucketL, equal: rules.runs }),
    recipe,
  };
}
