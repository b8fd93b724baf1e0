// What is written down of testing water: what a system's own plan is, whether its filter is ripe, and what was done about a value over its limit.
import type { Quantity } from '../water/index.ts';

export const TESTED = [
  'ammonia',
  'nitrite',
  'nitrate',
  'pH',
  'salinity',
  'temperature',
  'alkalinity',
  'hardness',
  'oxygen',
  'copper',
] as const satisfies readonly Quantity[];
export type Tested = (typeof TESTED)[number];
/** What has a limit. */
export type Limited = Tested | 'free ammonia';
export const LIMITED: readonly Limited[] = [...TESTED, 'free ammonia'];

/** Every so many days; 0 = not asked here. */
export type OwnTest = { quantity: Tested; everyDays: number };
/** Of this system alone; of copper the range on the label, as the keeper reads it. */
export type OwnLimit = { quantity: Limited; from?: number; to?: number };
/** All of a system's own plan; the latest holds. `basedOn` = the one that its maker saw. */
export type TestsPlanned = { system: string; basedOn?: string; every: OwnTest[]; limits: OwnLimit[]; note?: string };

/** What a keeper says of a filter; tests say it too. */
export type FilterJudged = { system: string; is: 'ripe' | 'not ripe'; note?: string };

export const DONE_ABOUT = [
  'changed water',
  'feed less',
  'more air',
  'bound ammonia',
  'set heater',
  'dosed by the label',
  'found the cause',
  'nothing',
] as const;
export type DoneAbout = (typeof DONE_ABOUT)[number];
/** About a reading over its limit. `retestAtMs` = when it is read again. `nothing` says why. */
export type ReadingAnswered = { reading: string; did: DoneAbout[]; retestAtMs?: number; note?: string };

export interface WaterTestEntries {
  'tests.planned': TestsPlanned;
  'filter.judged': FilterJudged;
  'reading.answered': ReadingAnswered;
}

export type OwnPlan = Pick<TestsPlanned, 'every' | 'limits' | 'note'>;
