// A lot in quarantine that tests of the clock begin from: looked at and fed every day, nothing wrong, until a test says otherwise.
import { atLocal, houseDay } from '../time/index.ts';
import { gatherFacts, quarantineClock, checkKey, plainPolicy, type QuarantinePolicy, type QuarantineRows } from './index.ts';

export const ZONE = 'Europe/Lisbon';
export const DAY0 = houseDay(Date.UTC(2026, 2, 1, 12), ZONE);
/** An hour of a day, counted from the day on which the quarantine opened. */
export const at = (day: number, hour = 12) => atLocal(DAY0 + day, { hour, minute: 0 }, ZONE);
export const POLICY = plainPolicy(14);

export type Rows = { -readonly [F in keyof QuarantineRows]: QuarantineRows[F] };
export const ROUND_HOURS = [8, 17];
export const checkedIn = (tank: string, ...days: number[]) =>
  days.map((day) => [checkKey(tank, DAY0 + day), ROUND_HOURS.map((hour) => at(day, hour))] as const);
export const checked = (...days: number[]): QuarantineRows['checks'] =>
  new Map(['F1', 'F2', 'G1'].flatMap((tank) => checkedIn(tank, ...days)));
export const span = (from: number, to: number) => Array.from({ length: to - from + 1 }, (_, index) => from + index);

/** A lot of six in F1 since day 0, looked at and fed every day to day 30, nothing wrong; `more` = what else happened. */
export function house(more: Partial<Rows> = {}): QuarantineRows {
  return {
    zone: ZONE,
    sinceMs: at(0) - 1,
    quarantines: [{ lot: 'fish', entry: 'h', openedAtMs: at(0), zero: 'arrival' }],
    labels: new Map([
      ['fish', 'rasbora'],
      ['other', 'loach'],
    ]),
    balances: [{ lot: 'fish', place: 'F1', n: 6 }],
    legs: [{ entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) }],
    systemsSince: [
      { tank: 'F1', system: 'w', atMs: at(-99) },
      { tank: 'F2', system: 'w', atMs: at(-99) },
      { tank: 'G1', system: 'far', atMs: at(-99) },
    ],
    codes: new Map(['F1', 'F2', 'G1'].map((code) => [code, code])),
    lineage: [],
    checks: checked(...span(0, 30)),
    signs: [],
    unseen: [],
    deaths: [],
    contacts: [],
    treatments: [],
    ate: new Map([['fish', at(30, 9)]]),
    opening: new Set(),
    ...more,
  };
}
/** The clock of the fish in a house; it ate on day 30 unless the house says otherwise. */
export function clock(rows: QuarantineRows, now: number, policy: QuarantinePolicy = POLICY) {
  return quarantineClock(gatherFacts(rows, new Set(['fish'])).get('fish')!, policy, now);
}
export const marks = (days: readonly string[]) => days.map((mark) => (mark === 'treatment' ? 'r' : mark[0])).join('');
export const sign = (
  entry: string,
  day: number,
  what: QuarantineRows['signs'][number]['sign'],
  more: Partial<QuarantineRows['signs'][number]> = {},
) => ({
  entry,
  atMs: at(day, 9),
  place: 'F1',
  lot: 'fish',
  sign: what,
  ...more,
});
export const otherQuarantine = { lot: 'other', entry: 'h2', openedAtMs: at(2), zero: 'arrival' as const };
export const otherIn = (place: string, day: number) => ({
  quarantines: [{ lot: 'fish', entry: 'h', openedAtMs: at(0), zero: 'arrival' as const }, otherQuarantine],
  balances: [
    { lot: 'fish', place: 'F1', n: 6 },
    { lot: 'other', place, n: 3 },
  ],
  legs: [
    { entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) },
    { entry: 'in2', lot: 'other', place, n: 3, atMs: at(day) },
  ],
});

/** All six go from F1 to G1. */
export function movedAway(day: number) {
  return {
    balances: [{ lot: 'fish', place: 'G1', n: 6 }],
    legs: [
      { entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) },
      { entry: 'mv', lot: 'fish', place: 'F1', n: -6, atMs: at(day) },
      { entry: 'mv', lot: 'fish', place: 'G1', n: 6, atMs: at(day) },
    ],
  };
}
/** Two of six go from F1 to F2. */
export function twoMoved(day: number) {
  return {
    balances: [
      { lot: 'fish', place: 'F1', n: 4 },
      { lot: 'fish', place: 'F2', n: 2 },
    ],
    legs: [
      { entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) },
      { entry: 'mv', lot: 'fish', place: 'F1', n: -2, atMs: at(day) },
      { entry: 'mv', lot: 'fish', place: 'F2', n: 2, atMs: at(day) },
    ],
  };
}
