// Runs for tests of the server: a bag poured into a bucket, and what follows.
import { STARTING_CONTROLS, recipesFor, type AcclimationMethod } from '#core/bench/index.ts';
import type { Payloads } from '#core/catalogue/index.ts';
import { beginOf, STARTING_RUN_POLICY } from '#core/runs/index.ts';
import { D5, MONO_BAG, MONOS } from '#core/runs/testCases.ts';
import type { Said } from './testHouse.ts';

const HEADS = [4, 2, 6];
const lotOf = (no: number) => (no === 3 ? 'crate-1-chromis' : 'crate-1-fire');

/** A run of these bags of crate-1 (one lot), towards G1. */
export function startRun(
  bags: readonly number[],
  more: Partial<Payloads['acclimation.started']> & { method?: AcclimationMethod | 'first-aid bath' } = {},
  /** As the house believes them: the listed bags and G1, unless somebody measured. */
  { bagPpt = 32.3, tankPpt = 32, bagC = 24.5 } = {},
): Said {
  const n = bags.reduce((sum, no) => sum + HEADS[no - 1]!, 0);
  const method = more.method && more.method !== 'first-aid bath' ? more.method : 'drip';
  const tank = { ...D5, salinity: tankPpt, volumeL: 300, temperature: 25 };
  const bag = { ...MONO_BAG, salinity: bagPpt, temperature: bagC };
  const lot = { ...MONOS, n };
  const recipe = recipesFor({ bag, tank, lot, controls: { ...STARTING_CONTROLS, floatFirst: false } }).find(
    (recipe) => recipe.method === method,
  )!;
  return {
    kind: 'acclimation.started',
    payload: {
      run: 'run-a',
      lot: lotOf(bags[0]!),
      tank: 'G1',
      from: bags.map((no) => ({ place: `crate-1-bag${no}`, n: HEADS[no - 1]! })),
      vessel: { name: 'a bucket', capacityL: 10, overflow: 'waste tub' },
      ...beginOf({ recipe, bag, tank, lot, bucketL: 10, equal: STARTING_RUN_POLICY }),
      ...more,
    },
  };
}

export const endRun = (more: Partial<Payloads['acclimation.released']> = {}): Said => ({
  kind: 'acclimation.released',
  payload: {
    run: 'run-a',
    lot: 'crate-1-fire',
    into: [{ tank: 'G1', n: 4 }],
    dead: 0,
    by: 'net',
    water: 'to the drain',
    side: [],
    figures: {
      nh3Peak: 0.02,
      exposure: 0,
      lowestOxygen: 6,
      highestCo2: 10,
      temperatureStep: 0.2,
      salinityStep: 1,
      settledStep: 0.1,
      salinityUpPerH: 2,
      salinityDownPerH: 0,
      temperaturePerH: 0.5,
      co2Rise: 0.2,
      totalMinutes: 61,
      tankWaterL: 5,
    },
    ...more,
  },
});

export const action = (did: Payloads['acclimation.actionTaken']['did'], line?: number): Said => ({
  kind: 'acclimation.actionTaken',
  payload: { run: 'run-a', ...(line === undefined ? {} : { line }), did },
});
export const readIn = (value: number, instrument = 'bench meter'): Said => ({
  kind: 'reading.taken',
  payload: {
    subject: { kind: 'run', id: 'run-a' },
    quantity: 'salinity',
    reading: { value, typed: String(value), method: 'meter', source: 'measured' },
    instrument,
  },
});
