// What is due of tests of water: those of the plan, a value over its limit that nobody has answered, and the one that is read again.
import { atLocal, graceDays, HOUR_MS, startOfHouseDay } from '../time/index.ts';
import type { Quantity } from '../water/index.ts';
import { defineDue } from './define.ts';
import { SLACK, type Walk } from './thing.ts';

type At = { tank: string; tankCode: string; walk: Walk; system: string };
export type WaterTestDueFacts = {
  /** One a rack: what is due of its systems, since which day. `entry` = the rack's; the tank is the first of them. */
  tests: (At & { entry: string; rack: string; systems: number; quantities: readonly Quantity[]; dueDay: number; everyDays: number })[];
  overLimit: (At & { entry: string; quantity: Quantity; atMs: number; urgent: boolean })[];
  /** `entry` = of the answer. */
  retests: (At & { entry: string; quantity: Quantity; atMs: number; retestAtMs: number })[];
};
export const NO_WATER_TEST_FACTS: WaterTestDueFacts = { tests: [], overLimit: [], retests: [] };

/** The wall hour from which the day's tests are open. */
const TESTS_FROM_HOUR = 7;
const WITHIN_H = { urgent: 0.5, other: 4 };
const slug = (quantity: Quantity): string => quantity.replace(' ', '-');

export const waterTestDue = {
  'over-limit': defineDue({
    harm: 'tank',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ overLimit }) =>
      overLimit.map(({ entry, tank, tankCode, system, quantity, atMs, urgent, walk }) => ({
        entry,
        step: slug(quantity),
        fromMs: atMs,
        byMs: atMs + (urgent ? WITHIN_H.urgent : WITHIN_H.other) * HOUR_MS,
        walk,
        facts: { tank, tankCode, what: `${quantity}, ${system}`, sinceMs: atMs },
      })),
  }),
  retest: defineDue({
    harm: 'tank',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ retests }) =>
      retests.map(({ entry, tank, tankCode, system, quantity, atMs, retestAtMs, walk }) => ({
        entry,
        step: slug(quantity),
        fromMs: retestAtMs - Math.min(HOUR_MS, (retestAtMs - atMs) * SLACK),
        atMs: retestAtMs,
        byMs: retestAtMs + Math.max(HOUR_MS / 2, (retestAtMs - atMs) * SLACK),
        walk,
        facts: { tank, tankCode, what: `${quantity}, ${system}`, sinceMs: atMs },
      })),
  }),
  'water-test': defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ tests }, { zone }) =>
      tests.map(({ entry, tank, tankCode, rack, system, systems, quantities, dueDay, everyDays, walk }) => ({
        entry,
        step: `day-${dueDay}`,
        fromMs: atLocal(dueDay, { hour: TESTS_FROM_HOUR, minute: 0 }, zone),
        byMs: startOfHouseDay(dueDay + 1 + graceDays(everyDays), zone) - 1,
        walk,
        facts: { tank, tankCode, what: `${systems === 1 ? system : `${systems} systems, ${rack}`}: ${quantities.join(', ')}`, n: systems },
      })),
  }),
};
