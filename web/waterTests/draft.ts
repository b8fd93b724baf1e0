// Entries of tests of water, as the screens write them. No screen in here.
import type { OverCard, SystemTests, WaterTestsView } from '#contract/views.ts';
import type { MedicationFamily } from '#core/species/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import type { DoneAbout, FilterJudged, OwnLimit, OwnTest } from '#core/waterTests/index.ts';
import { saltFor } from '../chores/draft.ts';
import type { Draft } from '../data/house.ts';
import type { NewWater } from './advice.ts';

type Poured = { litres: number; poured: NewWater; redosed: readonly MedicationFamily[]; salt: WaterTestsView['salt'] };

/** Of the whole system, at its sump, for freshly mixed water. */
export const pouredEntry = ({ tanks, type }: Pick<SystemTests, 'tanks' | 'type'>, { litres, poured, redosed, salt }: Poured): Draft => ({
  kind: 'water.exchanged',
  payload: {
    tank: tanks[0]!.id,
    litres,
    source: 'mixed',
    atSump: true,
    ...poured,
    ...(redosed.length > 0 ? { redosed: [...redosed] } : {}),
    ...(type === 'fresh' ? {} : saltFor(litres, poured.salinityPpt, salt)),
  },
});

type Answer = { did: readonly DoneAbout[]; retestAtMs?: number; note: string };
export const answerEntry = ({ reading }: Pick<OverCard, 'reading'>, { did, retestAtMs, note }: Answer): Draft => ({
  kind: 'reading.answered',
  payload: {
    reading: reading.entry,
    did: [...did],
    ...(retestAtMs === undefined ? {} : { retestAtMs }),
    ...(note.trim() ? { note: note.trim() } : {}),
  },
});

export const filterEntry = (system: string, is: FilterJudged['is']): Draft => ({ kind: 'filter.judged', payload: { system, is } });

type Own = { every: readonly OwnTest[]; limits: readonly OwnLimit[]; note: string };
export const planEntry = ({ id, own }: Pick<SystemTests, 'id' | 'own'>, { every, limits, note }: Own): Draft => ({
  kind: 'tests.planned',
  payload: {
    system: id,
    ...(own ? { basedOn: own.entry } : {}),
    every: [...every],
    limits: [...limits],
    ...(note.trim() ? { note: note.trim() } : {}),
  },
});

/** When it may be read again; what harms within hours within them. */
export const retestHours = (urgent: boolean, usualH: number): number[] =>
  [...new Set([1, 2, usualH, ...(urgent ? [] : [24])])].filter((hours) => !urgent || hours <= 6).toSorted((a, b) => a - b);
export const inHours = (now: number, hours: number): number => Math.round((now + hours * HOUR_MS) / 60_000) * 60_000;
