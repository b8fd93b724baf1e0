// The signs a keeper can see, in the field's terms, and what each is a sign of.
import type { Prey } from '../species/index.ts';
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
  'cloudy body': 'illness',
  scrape: 'injury',
  'torn fin': 'injury',
  chased: 'injury',
  'stuck in its moult': 'injury',
  'lost a limb': 'injury',
  'clamped fins': 'stress',
  'fast breathing': 'stress',
  gasping: 'stress',
  hiding: 'stress',
  dark: 'stress',
  pale: 'stress',
  'on its back': 'stress',
  'shut for long': 'stress',
  'not eating': 'appetite',
} as const satisfies Record<string, SignClass>;

export type Sign = keyof typeof SIGN_CLASS;
export const SIGNS = Object.keys(SIGN_CLASS) as Sign[];

/** How strong it is, in words that two people take alike. */
export const STRENGTHS = ['slight', 'clear', 'bad'] as const;
export type Strength = (typeof STRENGTHS)[number];
export const BODY_PARTS = ['head', 'eyes', 'mouth', 'gills', 'fins', 'flank', 'belly', 'tail'] as const;
export type BodyPart = (typeof BODY_PARTS)[number];
/** `n` = on how many. */
export type SignSeen = { sign: Sign; n?: number; strength?: Strength; where?: BodyPart[] };

/** What is looked for in animals without scales and fins. White spots, velvet and frayed fins are of fish alone. */
const OF_SHRIMP: readonly Sign[] = [
  'fungus',
  'cloudy body',
  'chased',
  'stuck in its moult',
  'lost a limb',
  'hiding',
  'dark',
  'pale',
  'on its back',
  'not eating',
];
const OF_SNAIL: readonly Sign[] = ['fungus', 'chased', 'hiding', 'on its back', 'shut for long', 'not eating'];
const OF_OTHERS: ReadonlySet<Sign> = new Set<Sign>(['cloudy body', 'stuck in its moult', 'lost a limb', 'on its back', 'shut for long']);
const OF_FISH = SIGNS.filter((sign) => !OF_OTHERS.has(sign));
const OF: Record<Prey, readonly Sign[]> = { fish: OF_FISH, shrimp: OF_SHRIMP, snail: OF_SNAIL };
/** What is looked for in a kind of animal; of one that nobody could name, everything. */
export const signsFor = (is: string | undefined): readonly Sign[] => (is !== undefined && Object.hasOwn(OF, is) ? OF[is as Prey] : SIGNS);
/** Stress signs within this time of a move are expected. */
export const SETTLING_MS = 48 * HOUR_MS;

/** Whether a sign seen at `atMs` makes the tank suspect: illness always; stress only when the settling time is over. */
export function makesSuspect(sign: Sign, atMs: number, lastArrivalMs?: number): boolean {
  const kind: SignClass = SIGN_CLASS[sign];
  if (kind === 'illness') return true;
  return kind === 'stress' && (lastArrivalMs === undefined || atMs - lastArrivalMs > SETTLING_MS);
}
