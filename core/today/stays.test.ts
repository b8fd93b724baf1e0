import { DAY_MS, HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { deriveDue, stateOf, type DueFacts, type StayLimitFact } from './index.ts';
import { NO_FACTS } from './noFacts.ts';

const NOON = Date.UTC(2026, 2, 3, 12);
const stayLimit: StayLimitFact = {
  entry: 'e',
  tank: 't',
  tankCode: 'Bucket 1',
  what: 'loach',
  n: 3,
  temporary: true,
  sinceMs: NOON - HOUR_MS,
  walk: [1, 0, 0],
};
const say = (facts: Partial<DueFacts>, now = NOON) =>
  deriveDue({ ...NO_FACTS, ...facts }, { now, zone: 'Europe/Lisbon', lateAfterH: 6, eveningFromHour: 14 }).map(
    (due) => `${due.rule} ${stateOf(due, now)}`,
  );

it('asks fish out of a bucket from half an hour before, and after their hour more urgently', () => {
  const stayLimits = [{ ...stayLimit, untilMs: NOON + HOUR_MS }];
  expect(say({ stayLimits })).toEqual(['fish-out next']);
  expect(say({ stayLimits }, NOON + 40 * MINUTE_MS)).toEqual(['fish-out now']);
  expect(say({ stayLimits }, NOON + 61 * MINUTE_MS)).toEqual(['fish-out overdue']);
});

it('lets no day end quietly while a bucket holds fish', () => {
  const stayLimits = [{ ...stayLimit, untilMs: NOON + 30 * HOUR_MS }];
  expect(say({ stayLimits }, NOON + 6.5 * HOUR_MS)).toEqual(['day-end now', 'fish-out next']);
  // Fish in a tank proper that are to leave in days ask for nothing tonight.
  expect(say({ stayLimits: [{ ...stayLimit, temporary: false, untilMs: NOON + 3 * DAY_MS }] }, NOON + 6.5 * HOUR_MS)).toEqual([]);
  expect(say({ stayLimits, settled: new Map([['e:day-end:day-20515', { kind: 'skipped' as const }]]) }, NOON + 6.5 * HOUR_MS)).toEqual([
    'fish-out next',
  ]);
});

it('fish in a bucket without an end stay overdue over midnight, until somebody answers for them', () => {
  const stayLimits = [stayLimit];
  expect(say({ stayLimits }, NOON + 7.5 * HOUR_MS)).toEqual(['day-end overdue']);
  expect(say({ stayLimits }, NOON + 14 * HOUR_MS)).toEqual(['day-end overdue']);
  const settled = new Map([['e:day-end:day-20515', { kind: 'done' as const }]]);
  expect(say({ stayLimits, settled }, NOON + 14 * HOUR_MS)).toEqual(['day-end next']);
  // Put into it after the day had ended, they are asked about at the end of the next.
  expect(say({ stayLimits: [{ ...stayLimit, sinceMs: NOON + 9 * HOUR_MS }] }, NOON + 10 * HOUR_MS)).toEqual(['day-end next']);
});

it('has growing fish measured weekly, and out once they have the length', () => {
  const growing = { ...stayLimit, temporary: false, sinceMs: NOON - 10 * DAY_MS, untilCm: 2.5 };
  expect(say({ stayLimits: [growing] })).toEqual(['measure overdue']);
  expect(say({ stayLimits: [{ ...growing, sizeCm: 2.2, measuredMs: NOON - 6.5 * DAY_MS }] })).toEqual(['measure next']);
  expect(say({ stayLimits: [{ ...growing, sizeCm: 2.5, measuredMs: NOON - HOUR_MS }] })).toEqual(['grown-out now']);
});

it('has missing fish looked for, for a fortnight', () => {
  const missing = { entry: 'm', tank: 't', tankCode: 'F2', what: 'loach', n: 1, atMs: NOON - HOUR_MS, walk: [1, 0, 0] as const };
  expect(say({ missing: [missing] })).toEqual(['missing now']);
  expect(say({ missing: [{ ...missing, atMs: NOON - 15 * DAY_MS }] })).toEqual([]);
});

it('asks whether what a move waits for has come', () => {
  const waiting = {
    entry: 'p',
    task: '019cb270-7380-7000-8036-9ee768e6d3a5',
    tank: 't',
    tankCode: 'C9',
    what: 'caves for C9',
    untilMs: NOON - HOUR_MS,
    walk: [1, 0, 0] as const,
  };
  expect(say({ waiting: [waiting] })).toEqual(['move-waits now']);
});
