// What is written down on the walk: looks, meals and the dead.
import { DAY_MS } from '../time/index.ts';
import type { Sign, SignSeen } from './signs.ts';

export type RoundName = 'morning' | 'evening';
export const ROUNDS: readonly RoundName[] = ['morning', 'evening'];

/** One lot in a look. `seen` is null when nobody counted: a look is not a head count. */
export type LotCheck = { lot: string; expected: number; seen: number | null; signs: SignSeen[] };

export type TankChecked = { tank: string; day: number; round: RoundName; allWell: boolean; lots: LotCheck[]; note?: string };

/** Five words for how food was taken, from left alone to fought over. */
export type Response = 'ignored' | 'looked' | 'tasted' | 'ate' | 'charged';
export const RESPONSES: readonly Response[] = ['ignored', 'looked', 'tasted', 'ate', 'charged'];
export const LEFTOVERS = ['none', 'some', 'much'] as const;
export type Leftovers = (typeof LEFTOVERS)[number];
/** `ate` = how many were seen to eat, when somebody counted. `planned` = said by the one tap for the whole tank. `batch` = what it was thawed with, `mix` = what medicine is in it. */
export type LotFed = {
  tank: string;
  lot: string;
  food: string;
  response: Response;
  ate?: number;
  leftovers?: Leftovers;
  planned?: boolean;
  batch?: string;
  mix?: string;
};

export type Cause =
  'not known' | 'transit' | 'acclimation' | 'bad water' | 'illness' | 'injury' | 'bullied' | 'starved' | 'jumped' | 'eaten';
export const CAUSES: readonly Cause[] = [
  'not known',
  'transit',
  'acclimation',
  'bad water',
  'illness',
  'injury',
  'bullied',
  'starved',
  'jumped',
  'eaten',
];
/** A cause is a guess unless somebody examined the fish. */
export type Sureness = 'guess' | 'likely' | 'examined';
export const SURENESS: readonly Sureness[] = ['guess', 'likely', 'examined'];
/** Where a body lay. */
export const FOUND_WHERE = [
  'on the bottom',
  'at the surface',
  'in the filter',
  'behind the decor',
  'out of the tank',
  'half eaten',
] as const;
export type FoundWhere = (typeof FOUND_WHERE)[number];
export const EXAMINED = ['not examined', 'from outside', 'under the microscope', 'by a veterinarian'] as const;
export type Examined = (typeof EXAMINED)[number];
/** What was done with the body, as local rules have it. */
export const DISPOSALS = ['sealed, with the waste', 'collected', 'burnt', 'kept cold to be examined'] as const;
export type Disposal = (typeof DISPOSALS)[number];
/** `signs` = what the body shows. */
export type LossRecorded = {
  lot: string;
  place: string;
  n: number;
  cause: Cause;
  sure: Sureness;
  found?: FoundWhere;
  signs?: Sign[];
  examined?: Examined;
  disposed?: Disposal;
  note?: string;
};

/** A lead's word on what a loss was of, in place of what was said at first; a cause stays a guess unless examined. */
export type LossClassed = { loss: string; cause: Cause; sure: Sureness; why: string };

/** A living fish that fell, jumped or landed on its back: it is looked at again after 1, 4 and 24 hours. */
export const MISHAPS = ['fell', 'jumped', 'landed on its back'] as const;
export type Mishap = (typeof MISHAPS)[number];
export type MishapRecorded = { lot: string; tank: string; n: number; what: Mishap; note?: string };

/** How hard one goes for another. */
export const CHASES = ['displays', 'chases', 'bites', 'pins in a corner'] as const;
export type Chase = (typeof CHASES)[number];
/** `chaser` and `chased` = lots; the same where it is among their own kind. */
export type ChaseSeen = { tank: string; chaser: string; chased: string; how: Chase; note?: string };

/** Something on a tank that wants mending, noticed in passing; in the words of `FAULT_HOURS` or in any others. */
export type FaultNoticed = { tank: string; what: string };
/** Within how many hours hands should be there: where fish breathe, dry out or jump, at once. What is called otherwise has a day. */
export const FAULT_HOURS = {
  leak: 1,
  'no flow': 1,
  'no air': 1,
  'heater out': 1,
  'lid off': 1,
  'light out': 24,
  'dirty glass': 72,
  'label gone': 72,
} as const;

/** By whatever hand it was typed. */
const called = (what: string) => what.trim().toLowerCase().replaceAll(/\s+/g, ' ');
export const isSameFault = (a: string, b: string): boolean => called(a) === called(b);
/** Hours of a usual one; undefined for words of somebody's own, those included that every object knows. */
export const faultHours = (what: string): number | undefined =>
  Object.hasOwn(FAULT_HOURS, called(what)) ? FAULT_HOURS[called(what) as keyof typeof FAULT_HOURS] : undefined;
/** What nobody mended in a year is how the tank is; noted again it counts anew. */
export const FAULT_LAPSES_MS = 365 * DAY_MS;

export interface RoundEntries {
  'fault.noticed': FaultNoticed;
  'mishap.recorded': MishapRecorded;
  'chase.seen': ChaseSeen;
  'tank.checked': TankChecked;
  'lot.fed': LotFed;
  'loss.recorded': LossRecorded;
  'loss.classed': LossClassed;
}
