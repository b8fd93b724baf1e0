// A chosen method about to begin: what the fields hold, what it will take, what stands against it, and the entries that it becomes.
import type { BenchBag } from '#contract/views.ts';
import { STARTING_CONTROLS, type AcclimationMethod, type Controls } from '#core/bench/index.ts';
import { isConversionMethod, sheetOf, type Overflow, type RunStarted } from '#core/runs/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { newId, type Draft } from '../../data/house.ts';
import type { Units } from '../../data/units.ts';
import { beginGroup, isNight, startingL, type Begun } from './begun.ts';

export const HOW = ['this bag', 'all poured together', 'each by itself'] as const;
export type How = (typeof HOW)[number];
export const YES_NO = ['no', 'yes'] as const;
export type YesNo = (typeof YES_NO)[number];

/** As typed and tapped. */
export type BeginFields = {
  how: How;
  name: string;
  holds: string;
  overflow: Overflow;
  air: Controls['air'];
  ammoniaBinder: YesNo;
  floatFirst: YesNo;
  watcher: string;
};

const usualVessel = (method: AcclimationMethod): { name: string; overflow: Overflow } =>
  isConversionMethod(method)
    ? { name: 'the overflow bucket', overflow: 'waste tub' }
    : method === 'cup exchange'
      ? { name: 'the floated bag', overflow: 'no overflow' }
      : { name: 'a bucket', overflow: 'no overflow' };

/** What was compared is what begins; it may still be changed here. */
const comparedControls = (bag: BenchBag, { floatWithinC }: HouseRules): Controls => ({
  ...STARTING_CONTROLS,
  floatWithinC,
  ...bag.chosen?.compared?.controls,
});

type Bags = { bag: BenchBag; siblings: readonly BenchBag[]; method: AcclimationMethod; rules: HouseRules; now: number };

export function usualFields({ bag, siblings, method, rules, now }: Bags, units: Units): BeginFields {
  const chosen = comparedControls(bag, rules);
  const usual = usualVessel(method);
  const bucketL = bag.chosen?.compared?.controls.bucketL ?? (method === 'long conversion' ? 12 : chosen.bucketL);
  return {
    how: method === 'pooled bucket' && siblings.length > 0 ? 'all poured together' : 'this bag',
    name: usual.name,
    holds: units.bare('volume', method === 'overnight conversion' ? startingL([bag, ...siblings], now) : bucketL),
    overflow: usual.overflow,
    air: chosen.air === 'none' && (isConversionMethod(method) || method === 'pooled bucket') ? 'gentle' : chosen.air,
    ammoniaBinder: chosen.ammoniaBinder ? 'yes' : 'no',
    floatFirst: chosen.floatFirst ? 'yes' : 'no',
    watcher: '',
  };
}

/** Each group of bags that becomes one water. */
export function groupsOf({ bag, siblings, method, rules, now }: Bags, fields: BeginFields, bucketL: number): Begun[] {
  const { how, air, ammoniaBinder, floatFirst } = fields;
  const controls = {
    ...comparedControls(bag, rules),
    bucketL,
    air,
    ammoniaBinder: ammoniaBinder === 'yes',
    floatFirst: floatFirst === 'yes',
  };
  const all = [bag, ...siblings];
  const groups = how === 'all poured together' ? [all] : how === 'each by itself' ? all.map((benchBag) => [benchBag]) : [[bag]];
  return groups.map((bags) => beginGroup(bags, { method, controls, now, rules, compared: bag.chosen?.compared }));
}

/** What the first of them will take, and what stands against it. */
export function judgeBegin(
  { start, from, recipe }: Begun,
  { name, overflow }: BeginFields,
  given: { bucketL: number; now: number; zone: string; rules: HouseRules },
) {
  const { bucketL, now, zone, rules } = given;
  const lines = sheetOf({ plan: start.plan, vessel: { name, capacityL: bucketL, overflow }, from });
  const minutes = lines.reduce((sum, line) => sum + line.minutes, 0);
  const { waterL } = start.start;
  const runsInL = start.plan.reduce((sum, step) => sum + (step.do === 'run' ? (step.mLPerMin * step.minutes) / 1000 : 0), 0);
  return {
    lines,
    minutes,
    waterL,
    runsInL,
    // Hands are asked for at these hours of the wall.
    atNight: lines.filter(({ atMinute }) => atMinute > 0 && isNight(now + atMinute * MINUTE_MS, zone)),
    rate: start.plan.find((step) => step.do === 'run'),
    tooSmall: waterL > bucketL,
    notOffered: recipe.notOffered && recipe.notOffered !== 'one bag' ? recipe.notOffered : undefined,
    spills: overflow === 'no overflow' && waterL + runsInL > bucketL * 1.001,
    long: minutes >= rules.runs.longH * 60,
  };
}
export type JudgedBegin = ReturnType<typeof judgeBegin>;

type Ready = { bag: BenchBag; begun: readonly Begun[]; fields: BeginFields; bucketL: number; checkEveryMin: number | undefined };

/** A run for each group, with the ids that they get. */
export function beginEntries({ bag, begun, fields, bucketL, checkEveryMin }: Ready): { runs: string[]; drafts: Draft[] } {
  const { name, overflow, watcher } = fields;
  const runs = begun.map(() => newId());
  const drafts = begun.flatMap(({ from, start }, index): Draft[] => {
    const run = runs[index]!;
    const payload: RunStarted = {
      run,
      lot: bag.lot,
      tank: bag.tank!.id,
      from,
      vessel: { name: begun.length > 1 ? `${name} ${index + 1}` : name, capacityL: bucketL, overflow },
      ...start,
      ...(watcher ? { watcher } : {}),
      ...(checkEveryMin === undefined ? {} : { checkEveryMin }),
    };
    // Afloat already: the first line goes on from the first moment.
    const afloat: Draft[] =
      start.plan[0]?.do === 'float' ? [{ kind: 'acclimation.actionTaken', payload: { run, line: 0, did: { do: 'float' } } }] : [];
    return [{ kind: 'acclimation.started', payload }, ...afloat];
  });
  return { runs, drafts };
}
