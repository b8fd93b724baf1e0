// The signs a keeper can see, in the field's terms, and what each is a sign of.
import { HOUR_MS } from '../time/index.ts';

/** Illness restarts a quarantine; injury does not; stress is normal for two days after a move; appetite blocks a release. */
export type SignClass = 'illness' | 'injury' | 'stress' | 'appetite';

export const SIGN_CLASS = {
  'white spots': 'illness',
  'velvet dust': 'illness',
  fungus: 'illness',
  'frayed fins': 'illness',
  'red streaks': 'illness',
  'cloudy eye': 'illness',
  'popped eye': 'illness',
  bloated: 'illness',
  'stringy faeces': 'illness',
  flashing: 'illness',
  thin: 'illness',
  listing: 'illness',
  scrape: 'injury',
  'torn fin': 'injury',
  chased: 'injury',
  'clamped fins': 'stress',
  'fast breathing': 'stress',
  gasping: 'stress',
  hiding: 'stress',
  dark: 'stress',
  pale: 'stress',
  'not eating': 'appetite',
} as const satisfies Record<string, SignClass>;

export type Sign = keyof typeof SIGN_CLASS;
export const SIGNS = Object.keys(SIGN_CLASS) as Sign[];
/** Signs of fins, gills and scales: nobody looks for them in a shrimp or a snail. */
const OF_FISH_ONLY: ReadonlySet<Sign> = new Set<Sign>([
  'velvet dust',
  'frayed fins',
  'red streaks',
  'cloudy eye',
  'popped eye',
  'stringy faeces',
  'flashing',
  'thin',
  'listing',
  'scrape',
  'torn fin',
  'clamped fins',
  'fast breathing',
  'gasping',
]);
/** What is looked for in a kind of animal; of one that nobody could name, everything. */
export const signsFor = (is: string | undefined): readonly Sign[] =>
  is === undefined || is === 'fish' ? SIGNS : SIGNS.filter((sign) => !OF_FISH_ONLY.has(sign));
/** Stress signs within this time of a move are expected. */
export const SETTLING_MS = 48 * HOUR_MS;

/** Whether a sign seen at `atMs` makes the tank suspect: illness always; stress only when the settling time is over. */
export function makesSuspect(sign: Sign, atMs: number, lastArrivalMs?: number): boolean {
  const kind: SignClass = SIGN_CLASS[sign];
  if (kind === 'illness') return true;
  return kind === 'stress' && (lastArrivalMs === undefined || atMs - lastArrivalMs > SETTLING_MS);
}
