// Which method is in front for a bag, what stands in its way, and the entries by which it is chosen.
import type { BenchBag } from '#contract/views.ts';
import {
  houseMethod,
  needsLead,
  verdictOf,
  type AcclimationMethod,
  type BenchInput,
  type Controls,
  type MethodResult,
  type Verdict,
} from '#core/bench/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import type { Draft } from '../data/house.ts';
import type { Standing } from './Hands.tsx';
import type { Picture } from './useComparison.ts';

const LEAD_CODES = { 'over tolerance': 'method.overTolerance', 'not measured': 'method.notMeasured' } as const;

type Asked = {
  picture: Picture;
  input: BenchInput;
  measureFirst: Parameters<typeof verdictOf>[0]['measureFirst'];
  picked: AcclimationMethod | undefined;
  houseMethods: HouseRules['houseMethods'];
};

export type ChosenNow = {
  verdict: Verdict;
  /** In front: picked, else as advised, else the least stressful. */
  focus: MethodResult;
  usual: MethodResult;
  advised: AcclimationMethod | undefined;
  byHouse: ReturnType<typeof houseMethod>;
  /** A house rule that cannot be carried out here is not one to be followed. */
  houseHere: AcclimationMethod | undefined;
  locked: ReturnType<typeof needsLead>;
  locks: (method: MethodResult) => ReturnType<typeof needsLead>;
  wantsReason: boolean;
  /** Nothing is in front to be followed while its water is to be measured first, until somebody picks. */
  showTake: boolean;
};

/** Nothing when no method is possible as the bag is described. */
export function chooseNow({ picture, input, measureFirst, picked, houseMethods }: Asked): ChosenNow | undefined {
  const { comparison, possible = new Map<AcclimationMethod, number>(), helps, bands, turns } = picture;
  const { ranked, others } = comparison;
  const [first] = ranked;
  if (!first) return undefined;
  const verdict = verdictOf({ advice: comparison.advice, measureFirst, bands, turns, helps });
  const advised = 'method' in verdict && verdict.is === 'advised' ? verdict.method : undefined;
  const byHouse = houseMethod(houseMethods, input.bag, input.lot);
  const houseHere = ranked.some(({ method }) => method === byHouse) ? byHouse : undefined;
  const usual = ('method' in verdict ? ranked.find(({ method }) => method === verdict.method) : undefined) ?? first;
  const focus = [...ranked, ...others].find(({ method }) => method === picked) ?? usual;
  const locks = (method: MethodResult) => needsLead(method, { measureFirst, possible });
  const locked = locks(focus);
  return {
    verdict,
    focus,
    usual,
    advised,
    byHouse,
    houseHere,
    locked,
    locks,
    wantsReason: locked !== undefined || (focus.method !== advised && focus.method !== houseHere),
    showTake: verdict.is !== 'measure first' || picked !== undefined,
  };
}

/** What was set, without what was cleared again. */
const given = (controls: Partial<Controls>): Partial<Controls> =>
  Object.fromEntries(Object.entries(controls).filter(([, value]) => value !== undefined));

type Said = { bags: readonly BenchBag[]; now: ChosenNow; why: string; controls: Partial<Controls>; standing: Standing };

export function chosenEntries({ bags, now, why, controls, standing }: Said): Draft[] {
  const { focus, advised, houseHere, locked } = now;
  const reason = why.trim();
  return bags.map((bag) => ({
    kind: 'method.chosen',
    payload: {
      bag: bag.bag,
      lot: bag.lot,
      method: focus.method,
      ...(advised ? { advised } : {}),
      ...(houseHere ? { house: houseHere } : {}),
      ...(reason ? { why: reason } : {}),
      compared: { controls: given(controls), ...standing },
    },
    ...(locked
      ? { overrules: [{ code: LEAD_CODES[locked], reason, ...(locked === 'over tolerance' ? { size: focus.limiting.stress } : {}) }] }
      : {}),
  }));
}
