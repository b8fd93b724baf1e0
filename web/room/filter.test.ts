/** @jest-environment jsdom */
import type { QuarantineCard, RoomView } from '#contract/views.ts';
import { plainPolicy } from '#core/quarantine/index.ts';
import { tankCard } from '../testScreen.tsx';
import { filtered, filterOf, slowest } from './filter.ts';

const fish = (lot: string, common: string, more: object = {}) => ({
  lot,
  label: common,
  n: 3,
  promised: false,
  species: { id: common, common, scientific: 'X y' },
  ...more,
});
const view: RoomView = {
  seq: 1,
  systems: [],
  racks: [
    {
      id: 'r',
      name: 'Fern',
      room: 'Back',
      walk: 1,
      tanks: [
        tankCard('F1', { occupants: [fish('a', 'kuhli loach', { quarantine: { id: 'h', days: 14, openedAtMs: 0 } })] }),
        tankCard('F2'),
      ],
    },
    {
      id: 's',
      name: 'Alder',
      room: 'Shop',
      walk: 2,
      tanks: [tankCard('A1', { system: 'v', suspect: true, occupants: [fish('b', 'honey gourami', { promised: true })] })],
    },
  ],
};
const quarantine = (lot: string, clear: number, blockers: QuarantineCard['clock']['blockers'], restartDay?: number): QuarantineCard => ({
  quarantine: `hold-${lot}`,
  lot,
  label: lot,
  n: 3,
  tanks: [],
  policy: plainPolicy(14),
  opened: { zero: 'arrival', atMs: 0 },
  clock: {
    zero: { cause: 'arrival', entry: 'e', atMs: 0, day: 90 },
    restarts: restartDay === undefined ? [] : [{ cause: 'illness', entry: 'i', atMs: 0, day: restartDay }],
    openedDay: 90,
    days: [],
    clear,
    required: 14,
    blockers,
    earliestDay: 100 + 14 - clear,
  },
});
const codes = (query: string, clocks: QuarantineCard[] = []) =>
  filtered(view, filterOf(new URLSearchParams(query)), { clocks: new Map(clocks.map((clock) => [clock.lot, clock])), today: 100 }).flatMap(
    ({ tanks }) => tanks.map(({ code }) => code),
  );

it.each([
  ['', ['F1', 'F2', 'A1']],
  ['empty=1', ['F2']],
  ['odd=1', ['A1']],
  ['system=v', ['A1']],
  ['fish=gourammi', ['A1']],
  ['fish=loach', ['F1']],
  ['fish=shark', []],
  ['stage=quarantine', ['F1']],
  ['stage=cleared', ['A1']],
  ['stage=promised', ['A1']],
  ['system=v&empty=1', []],
  ['clock=nonsense', ['F1', 'F2', 'A1']],
])('%s draws %j', (query, expected) => {
  expect(codes(query)).toEqual(expected);
});

it('filters by where a clock stands', () => {
  const clockWith = (clear: number, blockers: QuarantineCard['clock']['blockers'], restart?: number) => [
    quarantine('a', clear, blockers, restart),
  ];
  const left = [{ why: 'days' as const, left: 3 }];
  expect(codes('clock=in quarantine', clockWith(1, left))).toEqual(['F1']);
  expect(codes('clock=may leave', clockWith(14, []))).toEqual(['F1']);
  expect(codes('clock=may leave', clockWith(11, left))).toEqual([]);
  expect(codes('clock=leaves within 3 days', clockWith(11, left))).toEqual(['F1']);
  expect(codes('clock=leaves within 3 days', clockWith(10, left))).toEqual([]);
  expect(codes('clock=restarted within a week', clockWith(1, left, 93))).toEqual(['F1']);
  expect(codes('clock=restarted within a week', clockWith(1, left, 92))).toEqual([]);
});

it('shows the slowest clock of a tank', () => {
  const clocks = new Map(
    [quarantine('a', 9, []), quarantine('b', 2, []), quarantine('c', 12, [])].map((quarantine) => [quarantine.lot, quarantine]),
  );
  expect(slowest([fish('a', 'x'), fish('b', 'x'), fish('c', 'x')], clocks)?.lot).toBe('b');
  expect(slowest([fish('z', 'x')], clocks)).toBeUndefined();
});
