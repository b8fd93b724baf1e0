// Runs that tests, benches and the demo begin from: a conversion of silver monos, and a drip of a marine bag.
import {
  STARTING_AMBIENT,
  isTimed,
  STARTING_CONTROLS,
  type BagInput,
  type Controls,
  type LotInput,
  type TankInput,
  recipesFor,
  type AcclimationMethod,
} from '../bench/index.ts';
import { MINUTE_MS } from '../time/index.ts';
import { beginOf } from './begin.ts';
import type { Bath } from './entries.ts';
import type { RunFacts, TimedAction } from './facts.ts';
import { STARTING_RUN_POLICY } from './policy.ts';
import { actionOf } from './sheet.ts';

export const MONO_BAG: BagInput = {
  waterL: 3,
  gasL: 6,
  gas: 'air',
  temperature: 24.5,
  salinity: 8,
  alkalinity: 2,
  closedHours: 5,
  opening: { is: 'closed' },
  foul: false,
  soft: false,
  fed: false,
};
export const D5: TankInput = { volumeL: 160, temperature: 26, salinity: 30, alkalinity: 2.4, ...STARTING_AMBIENT };
export const MONOS: LotInput = {
  n: 6,
  lengthCm: 4.5,
  massA: 0.015,
  massB: 3,
  tolerance: 'ordinary',
  invertebrate: false,
  euryhaline: true,
  bags: 1,
};

export const T0 = Date.UTC(2026, 2, 2, 16, 0);

/** A run on its way for some minutes, everything done as planned. */
export function runningFacts(run: {
  method: AcclimationMethod;
  bag?: BagInput;
  tank?: TankInput;
  lot?: LotInput;
  controls?: Partial<Controls>;
  flow?: { mLPerMin: number; from: 'taps' | 'caught' | 'set' };
}): RunFacts {
  const { method, bag = MONO_BAG, tank = D5, lot = MONOS, flow } = run;
  const controls = { ...STARTING_CONTROLS, floatFirst: false, bucketL: 12, ...run.controls };
  const recipe = recipesFor({ bag, tank, lot, controls }).find((recipe) => recipe.method === method)!;
  const started = {
    ...beginOf({ recipe, bag, tank, lot, bucketL: controls.bucketL, equal: STARTING_RUN_POLICY }),
    vessel: { name: 'the overflow bucket', capacityL: controls.bucketL, overflow: 'waste tub' as const },
  };
  let minute = 0;
  const actions: TimedAction[] = started.plan.flatMap((step, line): TimedAction[] => {
    const atMs = T0 + minute * MINUTE_MS;
    if (isTimed(step)) minute += step.minutes;
    const did = actionOf(step);
    if (did?.do !== 'flow') return did ? [{ atMs, line, did }] : [];
    const mLPerMin = flow?.mLPerMin ?? did.mLPerMin;
    return [{ atMs, line, did: { ...did, mLPerMin, low: mLPerMin * 0.7, high: mLPerMin * 1.3, from: flow?.from ?? 'taps' } }];
  });
  return { startedAtMs: T0, started, actions, readings: [], tankSince: [], fewer: [] };
}

/** A mild bath of half an hour, in water like the fish's own. */
export const dyeBath = (more: Partial<Bath> = {}): Bath => ({
  is: 'dye',
  label: 'dye bath',
  dose: { value: 1, unit: 'mL for each 10 L' },
  litres: 5,
  minutes: 30,
  condition: 'critical',
  matched: { temperature: { bath: 25, fish: 25 }, salinity: { bath: 33, fish: 33 } },
  ...more,
});
