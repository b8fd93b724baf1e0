import { HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { deriveDue, stateOf, type DueFacts } from './index.ts';
import { NO_FACTS } from './noFacts.ts';

const NOW = Date.UTC(2026, 2, 3, 12);
const asked = { now: NOW, zone: 'Europe/Lisbon', lateAfterH: 6, eveningFromHour: 14 };
const release = {
  entry: 'e1',
  rule: 'after-release' as const,
  tank: 't',
  tankCode: 'G1',
  what: 'firefish',
  atMs: NOW - HOUR_MS,
  walk: [70, 0, 0] as const,
};
const say = (facts: Partial<DueFacts>, when = asked) =>
  deriveDue({ ...NO_FACTS, ...facts }, when).map((due) => `${due.rule} ${due.step} ${stateOf(due, when.now)}`);

it('asks for a look 1, 4 and 24 hours after a release, open a quarter of that time before and after', () => {
  expect(say({ after: [release] })).toEqual(['after-release 1h now', 'after-release 4h next', 'after-release 24h next']);
  expect(say({ after: [release] }, { ...asked, now: NOW + 16 * MINUTE_MS })[0]).toBe('after-release 1h overdue');
  expect(say({ after: [release] }, { ...asked, now: NOW - 16 * MINUTE_MS })[0]).toBe('after-release 1h next');
});

it('takes a look at the tank for the follow-up, and a later one for those before it', () => {
  expect(say({ after: [{ ...release, checkedAtMs: NOW - 10 * MINUTE_MS }] })).toEqual(['after-release 4h next', 'after-release 24h next']);
  expect(say({ after: [{ ...release, checkedAtMs: NOW - 20 * MINUTE_MS }] })).toHaveLength(3);
  expect(say({ after: [{ ...release, atMs: NOW - 5 * HOUR_MS, checkedAtMs: NOW - HOUR_MS }] })).toEqual(['after-release 24h next']);
});

it('what was seen at 18 hours is no look after a day, which is due at its own hour', () => {
  const day = { ...release, atMs: NOW - 18 * HOUR_MS, checkedAtMs: NOW };
  expect(say({ after: [day] })).toEqual(['after-release 24h next']);
  expect(deriveDue({ ...NO_FACTS, after: [day] }, asked)[0]).toMatchObject({ atMs: NOW + 6 * HOUR_MS, fromMs: NOW + 5 * HOUR_MS });
  expect(say({ after: [{ ...day, checkedAtMs: NOW + 5 * HOUR_MS }] })).toEqual([]);
});

it('lets a follow-up go two days after its time', () => {
  expect(say({ after: [{ ...release, atMs: NOW - 50 * HOUR_MS }] })).toEqual(['after-release 4h overdue', 'after-release 24h overdue']);
  expect(say({ after: [{ ...release, atMs: NOW - 73 * HOUR_MS }] })).toEqual([]);
});

it('leaves out what was done or skipped, and shows what was put off when its time has come', () => {
  const after = [release];
  const settle = (kind: 'done' | 'skipped' | 'snoozed', untilMs?: number) => new Map([['e1:after-release:1h', { kind, untilMs }]]);
  expect(say({ after, settled: settle('done') })).toHaveLength(2);
  expect(say({ after, settled: settle('skipped') })).toHaveLength(2);
  expect(say({ after, settled: settle('snoozed', NOW + HOUR_MS) })[0]).toBe('after-release 1h next');
  expect(say({ after, settled: settle('snoozed', NOW - 1) })[0]).toBe('after-release 1h now');
});

it('of the same harm walks the dock first, then the round, then rack by rack; by time where the place is the same', () => {
  const facts: Partial<DueFacts> = {
    arrivals: [{ entry: 'a', crate: 'c', crateLabel: 'c', waiting: 3, sinceMs: NOW, pressing: false }],
    expected: [{ entry: 'x', crate: 'd', crateLabel: 'd', promisedAtMs: NOW + HOUR_MS }],
    floats: [{ entry: 'f', bag: 'b', bagLabel: 'bag 1', tankCode: 'A1', lotLabel: 'comet', dueAtMs: NOW - HOUR_MS, walk: [10, 0, 0] }],
    after: [release],
    rounds: { day: 20515, left: { morning: 2, evening: 40 } },
  };
  expect(say(facts)).toEqual([
    'bags-waiting all now',
    'float end overdue',
    'after-release 1h now',
    'after-release 4h next',
    'after-release 24h next',
    'crate-due arrival next',
    'round morning now',
    'round evening next',
  ]);
});

it('calls a pressing crate overdue at once, and drops what is further off than a day', () => {
  expect(say({ arrivals: [{ entry: 'a', crate: 'c', crateLabel: 'c', waiting: 1, sinceMs: NOW - 1, pressing: true }] })).toEqual([
    'bags-waiting all overdue',
  ]);
  expect(say({ arrivals: [{ entry: 'a', crate: 'c', crateLabel: 'c', waiting: 0, sinceMs: NOW, pressing: true }] })).toEqual([]);
  expect(say({ expected: [{ entry: 'x', crate: 'd', crateLabel: 'd', promisedAtMs: NOW + 25 * HOUR_MS }] })).toEqual([]);
});

it('keeps the rounds of a day whose clock changes to wall hours', () => {
  // 29 March 2026, Lisbon: 23 hours. Evening begins at 14:00 summer time, 13:00 UTC.
  const day = 20541;
  const rounds = { day, left: { morning: 1, evening: 1 } };
  expect(say({ rounds }, { ...asked, now: Date.UTC(2026, 2, 29, 12, 59) })).toEqual(['round morning now', 'round evening next']);
  expect(say({ rounds }, { ...asked, now: Date.UTC(2026, 2, 29, 13, 1) })).toEqual(['round morning overdue', 'round evening now']);
});

it('puts what harms most first: fish in a bag afloat, then a follow-up, then what the day brings', () => {
  const far = [900, 9, 9] as const;
  const facts: Partial<DueFacts> = {
    expected: [{ entry: 'e2', crate: 'c', crateLabel: 'Yard', promisedAtMs: NOW - HOUR_MS }],
    rounds: { day: Math.floor(NOW / (24 * HOUR_MS)), left: { morning: 3, evening: 0 } },
    after: [release],
    // The farthest walk of all, and still the first.
    floats: [{ entry: 'e3', bag: 'b', bagLabel: 'bag 1', tankCode: 'Z9', lotLabel: 'comet', dueAtMs: NOW, walk: far }],
  };
  expect(say(facts).filter((due) => !due.endsWith('next'))).toEqual([
    'float end now',
    'after-release 1h now',
    'crate-due arrival now',
    'round morning now',
  ]);
});

it('asks nobody for a round that was over when the records began', () => {
  const rounds = { day: Math.floor(NOW / (24 * HOUR_MS)), left: { morning: 3, evening: 3 } };
  const evening = { ...asked, now: NOW + 5 * HOUR_MS };
  expect(say({ rounds }, evening)).toEqual(['round morning overdue', 'round evening now']);
  expect(say({ rounds: { ...rounds, openedAtMs: NOW + 4.7 * HOUR_MS } }, evening)).toEqual(['round evening now']);
});
