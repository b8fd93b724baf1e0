import type { Act, Entry } from '#core/catalogue/index.ts';
import type { Due } from '#core/today/index.ts';
import { sayDue } from '../words/due.ts';
import { laidOver } from '../data/testOverlay.ts';
import { overlayToday, rowsOf, visitsOf } from './group.ts';

const NOW = 1_000_000_000;
const due = (id: string, more: Partial<Due> = {}): Due => ({
  id: `${id}:after-release:1h`,
  rule: 'after-release',
  step: '1h',
  fromMs: NOW - 10,
  byMs: NOW + 10,
  walk: [1, 0, 0],
  facts: { tank: 't', tankCode: 'G1', what: 'firefish' },
  ...more,
});
const act = (kind: 'due.done' | 'due.skipped' | 'due.snoozed', id: string, more: object = {}): Act => ({
  actId: 'a',
  entries: [{ id: 'e', kind, version: 1, occurredAtMs: NOW, payload: { due: `${id}:after-release:1h`, ...more } } as Entry],
});

it('makes one row of the follow-ups of one tank and hour, naming each kind of fish once', () => {
  const rows = rowsOf([due('a'), due('b', { facts: { tank: 't', tankCode: 'G1', what: 'comet' } }), due('c')], NOW);
  expect(rows.now).toHaveLength(1);
  expect(rows.now[0]).toMatchObject({ ids: ['a', 'b', 'c'].map((id) => `${id}:after-release:1h`), facts: { what: 'firefish, comet' } });
});

it('keeps tanks, hours and states apart, and what is next by time', () => {
  const rows = rowsOf(
    [
      due('a', { byMs: NOW - 1, facts: { tank: 'u', tankCode: 'G2' } }),
      due('b'),
      due('c', { fromMs: NOW + 200, byMs: NOW + 300, step: '4h' }),
      due('d', { fromMs: NOW + 100, byMs: NOW + 300 }),
    ],
    NOW,
  );
  expect([rows.overdue.length, rows.now.length, rows.next.map(({ ids }) => ids[0])]).toEqual([
    1,
    1,
    ['d:after-release:1h', 'c:after-release:1h'],
  ]);
});

it('one walk to a tank does all that is due there, and stands where the most urgent of it does, by its own hour', () => {
  const rows = rowsOf([due('b', { step: '4h', atMs: NOW + 5 }), due('a', { byMs: NOW - 1, atMs: NOW - 5 })], NOW);
  expect(rows.now).toEqual([]);
  expect(rows.overdue).toMatchObject([{ step: '1h and 4h', ids: ['a:after-release:1h', 'b:after-release:1h'], atMs: NOW - 5 }]);
  expect(sayDue(rows.overdue[0]!)).toBe('Check G1: firefish, 1 h and 4 h after release');
});

it('all that is due at one place is one visit, the worst first; what is next stays by its time', () => {
  const lights = due('l', { rule: 'lights-on', step: '0', fromMs: NOW - 20 });
  const elsewhere = due('m', { facts: { tank: 'u', tankCode: 'G2' } });
  const overdue = due('o', { rule: 'fault', step: '0', byMs: NOW - 1 });
  const next = due('n', { step: '24h', fromMs: NOW + 100, byMs: NOW + 300 });
  const visits = visitsOf([due('a'), lights, elsewhere, overdue, next], NOW);
  expect(visits.overdue.map(({ tankCode, rows }) => [tankCode, rows.map(({ rule, state }) => [rule, state])])).toEqual([
    [
      'G1',
      [
        ['fault', 'overdue'],
        ['after-release', 'now'],
        ['lights-on', 'now'],
      ],
    ],
  ]);
  expect(visits.now.map(({ tankCode }) => tankCode)).toEqual(['G2']);
  expect(visits.next).toHaveLength(1);
});

it('days that nobody answered for are one row, which names the tanks of the latest', () => {
  const missed = (day: number, what: string) =>
    due('', { id: `day-${day}:round-missed:${day}`, rule: 'round-missed', step: String(day), fromMs: day, byMs: day, facts: { what } });
  const { overdue } = rowsOf([missed(20513, 'B4 in the morning'), missed(20514, 'C2 in the evening')], NOW);
  expect(overdue).toMatchObject([{ ids: ['day-20513:round-missed:20513', 'day-20514:round-missed:20514'] }]);
  expect(sayDue(overdue[0]!)).toBe('Not checked on 2 days, Sun 1 Mar to Mon 2 Mar, on the last: C2 in the evening. Why?');
  expect(sayDue(rowsOf([missed(20514, 'C2 in the evening')], NOW).overdue[0]!)).toBe('Not checked on Mon 2 Mar: C2 in the evening. Why?');
});

it('shows at once what this screen has settled', () => {
  const view = { seq: 1, due: [due('a'), due('b'), due('c')], people: [] };
  expect(laidOver(overlayToday, view, [act('due.done', 'a'), act('due.skipped', 'b', { why: 'x' })]).due.map(({ id }) => id)).toEqual([
    'c:after-release:1h',
  ]);
  const [later] = laidOver(overlayToday, view, [act('due.snoozed', 'a', { untilMs: NOW + 900, why: 'x' })]).due;
  expect(later).toMatchObject({ fromMs: NOW + 900, byMs: NOW + 900, snoozed: true });
});
