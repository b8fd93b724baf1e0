// What restarts a clock and what does not, each as facts and the causes that come of them.
import { MINUTE_MS } from '../time/index.ts';
import { DAY0, at, clock, house, movedAway, otherIn, otherQuarantine, sign, twoMoved, type Rows } from './testQuarantine.ts';

it.each<[string, Partial<Rows>, string[]]>([
  ['illness of its own', { signs: [sign('s', 3, 'white spots')] }, ['illness white spots 3']],
  [
    'illness of another lot on its water',
    { ...otherIn('F2', 0), signs: [sign('s', 3, 'fungus', { lot: 'other', place: 'F2' })] },
    ['illness in the system fungus 3'],
  ],
  ['illness on another system', { ...otherIn('G1', 0), signs: [sign('s', 3, 'fungus', { lot: 'other', place: 'G1' })] }, []],
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
  ['a newcomer in quarantine to another tank of its water', otherIn('F2', 2), ['newcomer  2']],
  ['a newcomer on another system', otherIn('G1', 2), []],
  [
    'a newcomer entered as cleared when the house was set up',
    { ...otherIn('F2', 2), quarantines: house().quarantines, opening: new Set(['other']) },
    [],
  ],
  ['a newcomer that never had a quarantine', { ...otherIn('F2', 2), quarantines: house().quarantines }, ['newcomer  2']],
  [
    'a newcomer whose quarantine opens a minute after it came',
    { ...otherIn('F2', 2), quarantines: [...house().quarantines, { ...otherQuarantine, openedAtMs: at(2) + MINUTE_MS }] },
    ['newcomer  2'],
  ],
  [
    'a cleared newcomer put in quarantine again by the very act that moves it',
    {
      ...otherIn('F2', 5),
      quarantines: [
        ...house().quarantines,
        { ...otherQuarantine, openedAtMs: at(1), endedAtMs: at(4) },
        { ...otherQuarantine, entry: 'h5', openedAtMs: at(5) },
      ],
    },
    [],
  ],
  [
    'moved beside cleared fish that the same act puts in quarantine again',
    {
      ...otherIn('G1', 0),
      balances: [
        { lot: 'fish', place: 'G1', n: 6 },
        { lot: 'other', place: 'G1', n: 3 },
      ],
      legs: [
        ...otherIn('G1', 0).legs,
        { entry: 'mv', lot: 'fish', place: 'F1', n: -6, atMs: at(3) },
        { entry: 'mv', lot: 'fish', place: 'G1', n: 6, atMs: at(3) },
      ],
      quarantines: [...house().quarantines, { ...otherQuarantine, openedAtMs: at(3) }],
      opening: new Set(['other']),
    },
    [],
  ],
  [
    'moved beside fish that were signed off early among others still in quarantine',
    {
      ...otherIn('G1', 0),
      balances: [
        { lot: 'fish', place: 'G1', n: 6 },
        { lot: 'other', place: 'G1', n: 3 },
        { lot: 'third', place: 'G1', n: 3 },
      ],
      legs: [
        ...otherIn('G1', 0).legs,
        { entry: 'in3', lot: 'third', place: 'G1', n: 3, atMs: at(0) },
        { entry: 'out3', lot: 'third', place: 'G1', n: -3, atMs: at(2, 18) },
        { entry: 'mv', lot: 'fish', place: 'F1', n: -6, atMs: at(3) },
        { entry: 'mv', lot: 'fish', place: 'G1', n: 6, atMs: at(3) },
      ],
      quarantines: [
        ...house().quarantines,
        { ...otherQuarantine, openedAtMs: at(0), endedAtMs: at(2) },
        { lot: 'third', entry: 'h6', openedAtMs: at(0), zero: 'arrival' },
      ],
    },
    ['came to fish in quarantine  3'],
  ],
  [
    'illness seen in the minute in which they were moved away',
    { ...movedAway(3), signs: [sign('s', 3, 'white spots', { atMs: at(3) })] },
    ['illness white spots 3'],
  ],
  [
    'illness of others seen in the minute in which they were moved away',
    {
      ...movedAway(3),
      signs: [sign('s', 3, 'white spots', { atMs: at(3) + 20_000, lot: 'other' })],
    },
    ['illness in the system white spots 3'],
  ],
  [
    'a death by illness of their own in a vessel, where there is no system',
    { deaths: [{ entry: 'd', atMs: at(3), place: 'run-1', lot: 'fish', cause: 'illness', n: 1 }] },
    ['illness a death 3'],
  ],
  [
    'stress of the four that stayed when two of six were moved',
    { ...twoMoved(3), signs: [sign('s', 4, 'clamped fins')] },
    ['lasting stress clamped fins 4'],
  ],
  ['stress of the two that were moved', { ...twoMoved(3), signs: [sign('s', 4, 'clamped fins', { place: 'F2' })] }, []],
  [
    'stress after their tank came to another system: nobody was moved',
    {
      systemsSince: [...house().systemsSince, { tank: 'F1', system: 'far', atMs: at(3) }],
      signs: [sign('s', 4, 'clamped fins')],
    },
    ['lasting stress clamped fins 4'],
  ],
  [
    'a newcomer whose hold was signed off before',
    { ...otherIn('F2', 5), quarantines: [...house().quarantines, { ...otherQuarantine, endedAtMs: at(4) }] },
    [],
  ],
  [
    'a tool wet from fish in quarantine',
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
    'water of fish in quarantine',
    { ...otherIn('G1', 2), contacts: [{ entry: 'k', atMs: at(4), from: 'G1', fromMs: at(4), to: 'F2', by: 'water', name: 'water' }] },
    ['shared system water 4'],
  ],
  [
    'the end of a treatment',
    { treatments: [{ entry: 'c', system: 'w', family: 'copper', fromMs: at(2), untilMs: at(4), endEntry: 'ce' }] },
    ['treatment ended copper 4'],
  ],
])('%s', (_name, more, expected) => {
  const now = clock(house(more), at(6));
  expect(now.restarts.map(({ cause, what = '', day }) => `${cause} ${what} ${day - DAY0}`)).toEqual(expected);
  expect(now.clear).toBe(expected.length === 0 ? 5 : 6 - Number(expected.at(-1)!.at(-1)) - 1);
});
