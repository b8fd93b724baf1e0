// What is due of the work that comes back: chores rack by rack, dirty things to be counted back and washed.
import { atLocal, DAY_MS, graceDays, HOUR_MS, startOfHouseDay } from '../time/index.ts';
import { defineDue } from './define.ts';
import { DOCK, type Walk, type Whose } from './thing.ts';

export type ChoreDueFacts = {
  /** One a chore and rack: its places that are due, the day on which the first of them was. `whose` = as a rule. */
  chores: {
    entry: string;
    rack: string;
    what: string;
    where: string;
    n: number;
    dueDay: number;
    everyDays: number;
    walk: Walk;
    tank?: string;
    tankCode?: string;
    whose?: Whose;
  }[];
  /** `back` = used and not counted back since; `wash` = fewer are clean than the next walk takes. */
  heaps: { entry: string; what: string; is: 'back' | 'wash'; n: number; sinceMs: number }[];
};
export const NO_CHORE_FACTS: ChoreDueFacts = { chores: [], heaps: [] };

/** The wall hour from which the day's chores are open. */
const CHORES_FROM_HOUR = 7;
const BACK_WITHIN_MS = 4 * HOUR_MS;

/** The end of an id, which is what differs between racks that were written down together. */
const shortOf = (rack: string): string => rack.slice(-12).toLowerCase();

export const choreDue = {
  chore: defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ chores }, { zone }) =>
      chores.map(({ entry, rack, what, where, n, dueDay, everyDays, walk, tank, tankCode, whose }) => ({
        entry,
        step: `${shortOf(rack)}-${dueDay}`,
        fromMs: atLocal(dueDay, { hour: CHORES_FROM_HOUR, minute: 0 }, zone),
        byMs: startOfHouseDay(dueDay + 1 + graceDays(everyDays), zone) - 1,
        walk,
        facts: { what: `${what}, ${where}`, n, ...(tank === undefined ? {} : { tank, tankCode }) },
        ...(whose ? { whose } : {}),
      })),
  }),
  heap: defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ heaps }) =>
      heaps.map(({ entry, what, is, n, sinceMs }) => ({
        entry,
        step: is,
        fromMs: sinceMs + (is === 'back' ? HOUR_MS : 0),
        byMs: sinceMs + (is === 'back' ? BACK_WITHIN_MS : DAY_MS),
        walk: DOCK,
        facts: { what, n },
      })),
  }),
};
