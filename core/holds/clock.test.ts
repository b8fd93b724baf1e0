import { atLocal, houseDay } from '../time/index.ts';
import { gatherFacts, holdClock, lookKey, plainPolicy, type HoldPolicy, type HoldRows } from './index.ts';

const ZONE = 'Europe/Lisbon';
const DAY0 = houseDay(Date.UTC(2026, 2, 1, 12), ZONE);
/** An hour of a day, counted from the day on which the hold opened. */
const at = (day: number, hour = 12) => atLocal(DAY0 + day, { hour, minute: 0 }, ZONE);
const POLICY = plainPolicy(14);

type Rows = { -readonly [F in keyof HoldRows]: HoldRows[F] };
const looked = (...days: number[]) => new Set(days.flatMap((day) => ['F1', 'F2', 'G1'].map((tank) => lookKey(tank, DAY0 + day))));
const span = (from: number, to: number) => Array.from({ length: to - from + 1 }, (_, index) => from + index);

/** A lot of six in F1 since day 0, looked at and fed every day to day 30, nothing wrong; `more` = what else happened. */
function house(more: Partial<Rows> = {}): HoldRows {
  return {
    zone: ZONE,
    sinceMs: at(0) - 1,
    holds: [{ lot: 'fish', entry: 'h', openedAtMs: at(0), zero: 'arrival' }],
    labels: new Map([
      ['fish', 'rasbora'],
      ['other', 'loach'],
    ]),
    balances: [{ lot: 'fish', place: 'F1', n: 6 }],
    legs: [{ entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) }],
    plumbing: [
      { tank: 'F1', water: 'w', atMs: at(-99) },
      { tank: 'F2', water: 'w', atMs: at(-99) },
      { tank: 'G1', water: 'far', atMs: at(-99) },
    ],
    codes: new Map(['F1', 'F2', 'G1'].map((code) => [code, code])),
    lineage: [],
    looks: looked(...span(0, 30)),
    signs: [],
    unseen: [],
    deaths: [],
    contacts: [],
    courses: [],
    ate: new Map([['fish', at(30, 9)]]),
    ...more,
  };
}
/** The clock of the fish in a house; it ate on day 30 unless the house says otherwise. */
function clock(rows: HoldRows, now: number, policy: HoldPolicy = POLICY) {
  return holdClock(gatherFacts(rows, new Set(['fish'])).get('fish')!, policy, now);
}
const marks = (days: readonly string[]) => days.map((mark) => mark[0]).join('');
const sign = (entry: string, day: number, what: HoldRows['signs'][number]['sign'], more: Partial<HoldRows['signs'][number]> = {}) => ({
  entry,
  atMs: at(day, 9),
  place: 'F1',
  lot: 'fish',
  sign: what,
  ...more,
});
const other = { lot: 'other', entry: 'h2', openedAtMs: at(2), zero: 'arrival' as const };
const otherIn = (place: string, day: number) => ({
  holds: [{ lot: 'fish', entry: 'h', openedAtMs: at(0), zero: 'arrival' as const }, other],
  balances: [
    { lot: 'fish', place: 'F1', n: 6 },
    { lot: 'other', place, n: 3 },
  ],
  legs: [
    { entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) },
    { entry: 'in2', lot: 'other', place, n: 3, atMs: at(day) },
  ],
});

it('counts days that are over from the day after the zero: fourteen clean days are over on day 15', () => {
  const now = clock(house(), at(14, 23));
  expect([now.clean, now.required, now.earliestDay! - DAY0, marks(now.days)]).toEqual([13, 14, 15, `z${'c'.repeat(13)}t`]);
  expect(now.blockers).toEqual([{ why: 'days', left: 1 }]);
  const then = clock(house({ ate: new Map([['fish', at(15, 8)]]) }), at(15, 9));
  expect([then.clean, then.blockers, then.earliestDay! - DAY0]).toEqual([14, [], 15]);
});

it('on the day it arrives says the date that the whole hold leads to', () => {
  expect(clock(house(), at(0, 18)).earliestDay! - DAY0).toBe(15);
});

it('does not count a day on which nobody looked, and does not begin anew by it', () => {
  const now = clock(house({ looks: looked(0, 1, 2, 4, 5) }), at(6));
  expect([now.clean, now.restarts, marks(now.days)]).toEqual([4, [], 'zccucct']);
  expect(now.earliestDay! - DAY0).toBe(16);
});

it('counts a day of a split lot only when each of its tanks was looked at', () => {
  const legs = [
    { entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) },
    { entry: 'out', lot: 'fish', place: 'F1', n: -2, atMs: at(2) },
    { entry: 'out', lot: 'fish', place: 'F2', n: 2, atMs: at(2) },
  ];
  const balances = [
    { lot: 'fish', place: 'F1', n: 4 },
    { lot: 'fish', place: 'F2', n: 2 },
  ];
  const looks = new Set([1, 2, 3, 4].map((day) => lookKey('F1', DAY0 + day)).concat(lookKey('F2', DAY0 + 4)));
  // On day 2 they came to F2 from F1, which was looked at; on day 3 nobody looked at F2.
  expect(marks(clock(house({ legs, balances, looks }), at(5)).days)).toBe('zccuct');
});

it.each<[string, Partial<Rows>, string[]]>([
  ['illness of its own', { signs: [sign('s', 3, 'white spots')] }, ['illness white spots 3']],
  [
    'illness of another lot on its water',
    { ...otherIn('F2', 0), signs: [sign('s', 3, 'fungus', { lot: 'other', place: 'F2' })] },
    ['illness in the water fungus 3'],
  ],
  ['illness on another water', { ...otherIn('G1', 0), signs: [sign('s', 3, 'fungus', { lot: 'other', place: 'G1' })] }, []],
  ['injury', { signs: [sign('s', 3, 'torn fin'), sign('s2', 4, 'chased')] }, []],
  ['appetite', { signs: [sign('s', 3, 'not eating')] }, []],
  ['stress within two days of coming', { signs: [sign('s', 1, 'clamped fins')] }, []],
  ['stress later', { signs: [sign('s', 3, 'clamped fins')] }, ['lasting stress clamped fins 3']],
  [
    'a death nobody can explain',
    { deaths: [{ entry: 'd', atMs: at(3), place: 'F1', lot: 'fish', cause: 'not known', n: 1 }] },
    ['unexplained death  3'],
  ],
  [
    'a death by illness',
    { deaths: [{ entry: 'd', atMs: at(3), place: 'F1', lot: 'fish', cause: 'illness', n: 1 }] },
    ['illness a death 3'],
  ],
  ['a death by bullying', { deaths: [{ entry: 'd', atMs: at(3), place: 'F1', lot: 'fish', cause: 'bullied', n: 1 }] }, []],
  [
    'an unexplained death of others',
    { ...otherIn('F2', 0), deaths: [{ entry: 'd', atMs: at(3), place: 'F2', lot: 'other', cause: 'not known', n: 1 }] },
    [],
  ],
  ['a newcomer on hold to another tank of its water', otherIn('F2', 2), ['newcomer  2']],
  ['a newcomer on another water', otherIn('G1', 2), []],
  ['a newcomer that is cleared', { ...otherIn('F2', 2), holds: house().holds }, []],
  ['a newcomer whose hold was signed off before', { ...otherIn('F2', 5), holds: [...house().holds, { ...other, endedAtMs: at(4) }] }, []],
  [
    'a tool wet from fish on hold',
    { ...otherIn('G1', 2), contacts: [{ entry: 'k', atMs: at(4), from: 'G1', fromMs: at(4, 11), to: 'F1', by: 'tool', name: 'net' }] },
    ['shared tool net 4'],
  ],
  [
    'a tool wet from its own water',
    { contacts: [{ entry: 'k', atMs: at(4), from: 'F2', fromMs: at(4, 11), to: 'F1', by: 'tool', name: 'net' }] },
    [],
  ],
  [
    'a tool wet from an empty tank',
    { contacts: [{ entry: 'k', atMs: at(4), from: 'G1', fromMs: at(4, 11), to: 'F1', by: 'tool', name: 'net' }] },
    [],
  ],
  [
    'water of fish on hold',
    { ...otherIn('G1', 2), contacts: [{ entry: 'k', atMs: at(4), from: 'G1', fromMs: at(4), to: 'F2', by: 'water', name: 'water' }] },
    ['shared water water 4'],
  ],
  [
    'the end of a remedy',
    { courses: [{ entry: 'c', water: 'w', family: 'copper', fromMs: at(2), untilMs: at(4), endEntry: 'ce' }] },
    ['remedy ended copper 4'],
  ],
])('%s', (_name, more, expected) => {
  const now = clock(house(more), at(6));
  expect(now.restarts.map(({ cause, what = '', day }) => `${cause} ${what} ${day - DAY0}`)).toEqual(expected);
  expect(now.clean).toBe(expected.length === 0 ? 5 : 6 - Number(expected.at(-1)!.at(-1)) - 1);
});

it('asks the policy what counts', () => {
  const never: HoldPolicy = { ...POLICY, restartsOn: { newcomer: false, illnessInWater: false, contact: false } };
  const rows = house({ ...otherIn('F2', 2), signs: [sign('s', 3, 'fungus', { lot: 'other', place: 'F2' })] });
  expect(clock(rows, at(6)).restarts).toHaveLength(2);
  expect(clock(rows, at(6), never).restarts).toEqual([]);
});

it('follows a lot that comes to fish on hold, and one whose tank is put on their water', () => {
  const rows = house(otherIn('G1', 1));
  const joined = { ...rows, plumbing: [...rows.plumbing, { tank: 'G1', water: 'w', atMs: at(5) }] };
  expect(clock(rows, at(8)).restarts).toEqual([]);
  expect(clock(joined, at(8)).restarts.map(({ cause, day }) => [cause, day - DAY0])).toEqual([['newcomer', 5]]);
});

it('does not take a lot that was cut out of it for a newcomer, and gives the child its history until then', () => {
  const rows = house({
    holds: [...house().holds, { lot: 'child', entry: 'h3', openedAtMs: at(0), zero: 'arrival' }],
    balances: [
      { lot: 'fish', place: 'F1', n: 4 },
      { lot: 'child', place: 'F1', n: 2 },
    ],
    legs: [
      { entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) },
      { entry: 'cut', lot: 'fish', place: 'F1', n: -2, atMs: at(5) },
      { entry: 'cut', lot: 'child', place: 'F1', n: 2, atMs: at(5) },
    ],
    lineage: [{ lot: 'child', from: 'fish', atMs: at(5) }],
    signs: [sign('before', 3, 'white spots')],
  });
  const both = gatherFacts(rows, new Set(['fish', 'child']));
  const now = (lot: string) => holdClock(both.get(lot)!, POLICY, at(8));
  expect(now('fish').restarts.map(({ entry }) => entry)).toEqual(['before']);
  expect(now('child').restarts.map(({ entry }) => entry)).toEqual(['before']);
  expect([now('fish').clean, now('child').clean]).toEqual([4, 4]);
});

it('does not take what happens to its parent after the cut for its own', () => {
  const cut = [{ lot: 'fish', from: 'parent', atMs: at(5) }];
  const rows = house({
    lineage: cut,
    balances: [
      { lot: 'fish', place: 'F1', n: 2 },
      { lot: 'parent', place: 'F2', n: 4 },
    ],
    legs: [
      { entry: 'p', lot: 'parent', place: 'F2', n: 6, atMs: at(0) },
      { entry: 'cut', lot: 'parent', place: 'F2', n: -2, atMs: at(5) },
      { entry: 'cut', lot: 'fish', place: 'F1', n: 2, atMs: at(5) },
    ],
    holds: [...house().holds, { lot: 'parent', entry: 'h4', openedAtMs: at(0), zero: 'arrival' }],
    deaths: [{ entry: 'd', atMs: at(7), place: 'F2', lot: 'parent', cause: 'not known', n: 1 }],
    signs: [sign('s', 8, 'not eating', { lot: 'parent', place: 'F2' })],
    ate: new Map([['fish', at(8, 7)]]),
  });
  const now = clock(rows, at(8));
  expect([now.restarts, now.blockers]).toEqual([[], [{ why: 'days', left: 7 }]]);
});

it('under a remedy days do not count, its end begins a count of its own length, and no date is promised while it runs', () => {
  const policy = { ...POLICY, daysAfterRemedy: 7 };
  const running = house({ courses: [{ entry: 'c', water: 'w', family: 'copper', fromMs: at(3) }] });
  const now = clock(running, at(6), policy);
  expect([marks(now.days), now.clean, now.earliestDay]).toEqual(['zccrrrt', 2, undefined]);
  expect(now.blockers.map(({ why }) => why)).toEqual(['days', 'remedy']);
  expect(marks(clock(running, at(6), { ...policy, countsUnderRemedy: true }).days)).toBe('zccccct');
  const over = house({ courses: [{ entry: 'c', water: 'w', family: 'copper', fromMs: at(3), untilMs: at(5), endEntry: 'e' }] });
  expect(clock(over, at(9), policy)).toMatchObject({ required: 7, clean: 3, zero: { cause: 'remedy ended' } });
});

it('a day with fish not seen does not count unless somebody said why, or the dead were found', () => {
  const unseen = (noted: boolean) => [{ entry: 'u', atMs: at(3), place: 'F1', lot: 'fish', n: 1, noted }];
  expect(marks(clock(house({ unseen: unseen(false) }), at(5)).days)).toBe('zccsct');
  expect(marks(clock(house({ unseen: unseen(true) }), at(5)).days)).toBe('zcccct');
  const deaths = [{ entry: 'd', atMs: at(3), place: 'F1', lot: 'fish', cause: 'bullied' as const, n: 1 }];
  expect(marks(clock(house({ unseen: unseen(false), deaths }), at(5)).days)).toBe('zcccct');
});

it('blocks release while fish are not seen or do not eat, without beginning anew', () => {
  const late = { looks: looked(...span(0, 19)) };
  const eats = new Map([['fish', at(20, 8)]]);
  expect(clock(house({ ...late, ate: eats }), at(20)).blockers).toEqual([]);
  expect(clock(house({ ...late, ate: new Map() }), at(20)).blockers).toEqual([{ why: 'never ate' }]);
  expect(clock(house({ ...late, ate: new Map([['fish', at(18)]]) }), at(20)).blockers).toEqual([{ why: 'not eating', atMs: at(18) }]);
  expect(clock(house({ ...late, ate: eats, signs: [sign('s', 20, 'not eating', { atMs: at(20, 10) })] }), at(20)).blockers).toEqual([
    { why: 'not eating', atMs: at(20, 8) },
  ]);
  const missed = { unseen: [{ entry: 'u', atMs: at(19), place: 'F1', lot: 'fish', n: 2, noted: false }] };
  expect(clock(house({ ...late, ...missed, ate: eats }), at(20)).blockers).toEqual([{ why: 'unseen', n: 2, atMs: at(19) }]);
  expect(clock(house({ looks: looked(...span(0, 20)), ...missed, ate: eats }), at(20)).blockers).toEqual([]);
});

it('counts a day of 23 hours as one', () => {
  // Summer time begins on 29 March 2026, which is day 28.
  expect(clock(house({ looks: looked(...span(0, 40)) }), at(31)).clean).toBe(30);
});
