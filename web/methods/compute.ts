// What the worker does with a question: point values at once, then draws in handfuls, then what would turn the order. Each step is handed out
// as it is ready; between steps the caller may stop.
import {
  type FactOf,
  helpsOf,
  possibleOf,
  type Help,
  type AcclimationMethod,
  BenchFault,
  compareMethods,
  rank,
  calculate,
  type BenchInput,
  type Comparison,
  bandsOf,
  drawOne,
  gridOf,
  type Bands,
  type Doubt,
  type Draw,
  turnsOf,
  type Turn,
  faultsOf,
  STARTING_CONTROLS,
  type InputFault,
} from '#core/bench/index.ts';

export type Question = { input: Required<BenchInput>; doubts: readonly Doubt[]; measureFirst: readonly FactOf[]; draws: number };
export type Answer =
  | { step: 'points'; comparison: Comparison }
  /** What each method may come to for what nobody measured, and what hands could change when none is within tolerance. */
  | { step: 'limits'; possible: [AcclimationMethod, number][]; helps: Help[] }
  | { step: 'bands'; bands: Bands }
  | { step: 'turns'; turns: Turn[] }
  | { step: 'fault'; faults: readonly InputFault[] };

/** Bands are shown from so many draws on, then at the others. */
const SHOW_AT = [20, 60, 120];

export function* answersTo({ input, doubts, measureFirst, draws }: Question): Generator<Answer | undefined, void, undefined> {
  const faults = faultsOf({ ...input, controls: { ...STARTING_CONTROLS, ...input.controls } });
  if (faults.length > 0) {
    yield { step: 'fault', faults };
    return;
  }
  let comparison: Comparison;
  try {
    comparison = compareMethods(input);
  } catch (error) {
    if (!(error instanceof BenchFault)) throw error;
    yield { step: 'fault', faults: error.faults };
    return;
  }
  yield { step: 'points', comparison };
  yield {
    step: 'limits',
    possible: [...possibleOf(input, doubts, measureFirst)],
    helps: comparison.advice.is === 'none within' ? helpsOf(input) : [],
  };
  const grids = new Map(rank(calculate(input).results).map((result) => [result.method, gridOf(result)]));
  const done: Draw[] = [];
  let bands: Bands | undefined;
  for (let index = 0; index < draws; index += 1) {
    done.push(drawOne(input, doubts, { index, grids }));
    if (SHOW_AT.includes(done.length) || done.length === draws) {
      bands = bandsOf(done, grids);
      yield { step: 'bands', bands };
    } else yield undefined;
  }
  yield { step: 'turns', turns: turnsOf(input, doubts, bands) };
}
