// Entries of chores, as the screens write them. No screen in here.
import type { ChoreCard, ChorePlaceCard, ChoresView, ChoreWater } from '#contract/views.ts';
import { topUp, type TopUp } from '#core/chores/index.ts';
import type { Used } from '#core/supplies/index.ts';
import { saltGrams } from '#core/water/index.ts';
import type { Draft } from '../data/house.ts';

/** What `n` places take of everything. */
export const usedAt = (takes: readonly Used[] | undefined, n: number): { used?: Used[] } =>
  takes && takes.length > 0 && n > 0 ? { used: takes.map(({ item, amount }) => ({ item, amount: amount * n })) } : {};

export const doneEntry = ({ id, takes }: Pick<ChoreCard, 'id' | 'takes'>, places: readonly string[]): Draft => ({
  kind: 'chore.done',
  payload: { chore: id, places: [...places], ...usedAt(takes, places.length) },
});

type Salt = ChoresView['salt'];
/** What is mixed into so much water of so many ppt; nothing where nobody said what salt is used here. */
export function saltFor(litres: number, ppt: number | undefined, salt: Salt): { used?: Used[] } {
  if (!salt || ppt === undefined || ppt <= 0 || litres <= 0) return {};
  const grams = saltGrams({ volumeL: litres, from: 0, to: ppt });
  return { used: [{ item: salt.item, amount: salt.unit === 'kg' ? grams / 1000 : grams }] };
}

type Place = Pick<ChorePlaceCard, 'tank' | 'water'>;
export type Mixed = { salinityPpt?: number; temperatureC?: number };

/** So many litres for freshly mixed water, as it was read: of the tank alone, or of all of its system. */
export const changeEntry = ({ tank, water }: Place, litres: number, { mixed, salt }: { mixed: Mixed; salt: Salt }): Draft => ({
  kind: 'water.exchanged',
  payload: {
    tank,
    litres,
    source: 'mixed',
    ...(water?.part ? {} : { atSump: true }),
    ...mixed,
    ...(water?.type === 'fresh' ? {} : saltFor(litres, mixed.salinityPpt, salt)),
  },
});

export const topUpEntry = ({ tank }: Place, litres: number, { ppt, salt }: { ppt: number; salt: Salt }): Draft => ({
  kind: 'water.toppedUp',
  payload: { tank, litres, salinityPpt: ppt, ...saltFor(litres, ppt, salt) },
});

/** A reading of longer ago says nothing of today. */
const READ_WITHIN_MS = 3 * 24 * 3_600_000;

/** What is poured in for so many litres; plain where nobody read the salinity of late, for what went off was plain. */
export function topUpFor(
  water: ChoreWater,
  litres: number,
  { now, climbPpt }: { now: number; climbPpt: number },
): (TopUp & { readMs: number }) | { is: 'not read' | 'fresh' | 'too much' | 'treatment' | 'match' } {
  if (!(litres < water.volumeL)) return { is: 'too much' };
  if (water.type === 'fresh') return { is: 'fresh' };
  if (water.held) return { is: water.held };
  const { readPpt, readMs, targetPpt, volumeL } = water;
  if (readPpt === undefined || readMs === undefined || now - readMs > READ_WITHIN_MS) return { is: 'not read' };
  return { ...topUp({ presentPpt: readPpt, targetPpt, volumeL, missingL: litres, climbPpt }), readMs };
}

/** A keeper pours whole salinities: to the tenth of a ppt. */
export const pouredPpt = (advice: ReturnType<typeof topUpFor>): number =>
  'salinityPpt' in advice ? Math.round(Math.max(0, advice.salinityPpt) * 10) / 10 : 0;

export const backEntry = (item: string, amount: number): Draft => ({ kind: 'supply.returned', payload: { item, amount } });
export const washedEntry = (item: string, amount: number, thrown: number): Draft => ({
  kind: 'supply.washed',
  payload: { item, amount, ...(thrown > 0 ? { thrown } : {}) },
});
