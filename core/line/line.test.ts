import fc from 'fast-check';
import { offersFor, readLine, type LineHouse, type LineLot } from './index.ts';

const lot = (id: string, n: number, label: string, ...names: string[]): LineLot => ({ lot: id, n, label, names: [label, ...names] });
const tank = (code: string, ...lots: LineLot[]) => ({ id: `t-${code}`, code, system: `w-${code[0]}`, lots });
const house: LineHouse = {
  tanks: [
    tank('B3', lot('bos', 9, "boeseman's rainbowfish", 'Melanotaenia boesemani')),
    tank('B4', lot('cher', 6, 'cherry barb', 'Puntius titteya'), lot('pearl', 4, 'pearl gourami', 'Trichopodus leerii')),
    tank('C4', lot('fire', 1, 'firefish', 'Nemateleotris magnifica')),
    tank('F2', lot('kuh', 7, 'kuhli loach', 'Pangio kuhlii')),
    tank('F7'),
    tank('Q1', lot('yell', 6, 'yellow watchman goby', 'Cryptocentrus cinctus')),
  ],
  now: Date.UTC(2026, 2, 3, 7, 40),
  zone: 'Europe/Lisbon',
  eveningFromHour: 14,
  preference: { temperature: '°C', volume: 'L' },
};
const entries = (text: string, lineHouse = house) => {
  const read = readLine(text, lineHouse);
  return read.ok ? read.entries : read.stuck.at;
};
const loss = (lotId: string, place: string, n: number, cause = 'not known') => [
  { kind: 'loss.recorded', payload: { lot: lotId, place: `t-${place}`, n, cause, sure: 'guess' } },
];
const checked = (code: string, allWell: boolean, ...lots: [string, number, { sign: string; n?: number }[]][]) => [
  {
    kind: 'tank.checked',
    payload: {
      tank: `t-${code}`,
      day: 20515,
      round: 'morning',
      allWell,
      lots: lots.map(([id, expected, signs]) => ({ lot: id, expected, seen: null, signs })),
    },
  },
];
const fed = (code: string, id: string, food: string, more: object) => ({
  kind: 'lot.fed',
  payload: { tank: `t-${code}`, lot: id, food, ...more },
});
const moved = (id: string, from: string, to: string, n: number) => [
  { kind: 'stock.moved', payload: { moves: [{ lot: id, from: `t-${from}`, to: `t-${to}`, n }] } },
];
const counted = (found: number, against: string) => [
  { kind: 'stock.counted', payload: { place: 't-B3', lot: 'bos', found, onRecord: 9, against } },
];

it.each<[string, unknown]>([
  ['B3 lost 2', loss('bos', 'B3', 2)],
  ['B3 sold 2', [{ kind: 'stock.moved', payload: { moves: [{ lot: 'bos', from: 't-B3', to: 'sold', n: 2 }] } }]],
  ['1 cherry barb given away B4', [{ kind: 'stock.moved', payload: { moves: [{ lot: 'cher', from: 't-B4', to: 'given', n: 1 }] } }]],
  ['C4 put down all', [{ kind: 'stock.moved', payload: { moves: [{ lot: 'fire', from: 't-C4', to: 'put-down', n: 1 }] } }]],
  ['b3: 2 dead', loss('bos', 'B3', 2)],
  ['lost two in B 3', loss('bos', 'B3', 2)],
  ['B3 lost all', loss('bos', 'B3', 9)],
  ['B4 lost 1 cherry barb, illness', loss('cher', 'B4', 1, 'illness')],
  ['C4 lost 1 jumped', loss('fire', 'C4', 1, 'jumped')],
  ['Q1 brine: ate 4/6', [fed('Q1', 'yell', 'brine', { response: 'ate', ate: 4 })]],
  ['Q1 frozen mysis: charged, leftovers some', [fed('Q1', 'yell', 'frozen mysis', { response: 'charged', leftovers: 'some' })]],
  ['Q1 goby brine refused', [fed('Q1', 'yell', 'brine', { response: 'ignored' })]],
  ['B4 pearl gourami flakes: tasted 2', [fed('B4', 'pearl', 'flakes', { response: 'tasted', ate: 2 })]],
  ['B4 flakes: ate all', [fed('B4', 'cher', 'flakes', { response: 'ate' }), fed('B4', 'pearl', 'flakes', { response: 'ate' })]],
  ['move 6 F2 > F7', moved('kuh', 'F2', 'F7', 6)],
  ['F2 -> F7 all', moved('kuh', 'F2', 'F7', 7)],
  ['move 2 gouramis from B4 to F7', moved('pearl', 'B4', 'F7', 2)],
  ['move 2 gouramis to F7 from B4', moved('pearl', 'B4', 'F7', 2)],
  ['move 2 gourami B4 to F7', moved('pearl', 'B4', 'F7', 2)],
  ['B3 count 8', counted(8, 'missing')],
  ['B3 counted 11', counted(11, 'discrepancy')],
  ['B3 well', checked('B3', true, ['bos', 9, []])],
  ['B4 all well', checked('B4', true, ['cher', 6, []], ['pearl', 4, []])],
  ['B4 white spots 2 cherry', checked('B4', false, ['cher', 6, [{ sign: 'white spots', n: 2 }]], ['pearl', 4, []])],
  ['C4 jumped', [{ kind: 'mishap.recorded', payload: { lot: 'fire', tank: 't-C4', n: 1, what: 'jumped' } }]],
  ['C4 on its back', [{ kind: 'mishap.recorded', payload: { lot: 'fire', tank: 't-C4', n: 1, what: 'landed on its back' } }]],
])('%s', (text, said) => expect(entries(text)).toEqual(said));

it('reads water in any unit, into the water that the tank is on', () => {
  const reading = (text: string) => readLine(text, house);
  expect(reading('F2 77F')).toMatchObject({
    entries: [
      {
        kind: 'reading.taken',
        payload: {
          subject: { kind: 'system', id: 'w-F' },
          quantity: 'temperature',
          reading: { value: 25, typed: '77f', source: 'measured' },
        },
      },
    ],
  });
  expect(reading('C4 31 ppt')).toMatchObject({ entries: [{ payload: { quantity: 'salinity', reading: { value: 31 } } }] });
  expect(reading('C4 310 ppt')).toMatchObject({ ok: false, stuck: { at: 'reading', quantity: 'salinity', value: 310 } });
});

it('says beside it when the line names another number than the records', () => {
  expect(readLine('Q1 brine: ate 4/5', house)).toMatchObject({ ok: true, notes: [{ lot: 'yell', said: 5, onRecord: 6 }] });
  expect(readLine('Q1 brine: ate 4/6', house)).toMatchObject({ ok: true, notes: [] });
});

it.each<[string, string, string[]]>([
  ['', 'empty', []],
  ['B33 lost 2', 'tank', ['b3 lost 2']],
  ['boeseman lost 2', 'tank', ['B3 boeseman lost 2']],
  ['B3 lots 2', 'words', ['b3 loss 2']],
  ['B3 2', 'saying', ['B3 2 lost', 'B3 2 count']],
  ['B3', 'saying', ['B3 well']],
  ['B4 lost 1', 'fish', ['B4 lost 1 cherry barb', 'B4 lost 1 pearl gourami']],
  ['B3 lost', 'number', ['B3 lost 1', 'B3 lost 9']],
  ['B3 lost 12', 'tooMany', ['B3 lost 9']],
  ['Q1 brine: ate 8/6', 'tooMany', ['Q1 brine: ate 6/6']],
  ['Q1 brine: ignored 2', 'contradiction', []],
  ['Q1 : ate', 'food', []],
  ['Q1 brine:', 'saying', ['Q1 brine: ate', 'Q1 brine: charged', 'Q1 brine: tasted', 'Q1 brine: looked', 'Q1 brine: ignored']],
  ['B4 white spot cherry', 'words', ['b4 white spots cherry']],
  ['F7 lost 1', 'noFish', []],
  ['move 6 F2', 'destination', []],
  ['move 6 F2 > F8', 'destination', ['move 6 f2 > f7']],
  ['move 6 F2 > F2', 'destination', []],
  ['B3 F2 lost 1', 'words', []],
])('%j is not understood (%s), and could be %j', (text, station, offers) => {
  const read = readLine(text, house);
  if (read.ok) throw new Error('it was understood');
  expect(read.stuck.at).toBe(station);
  expect(offersFor(read, house).map((offer) => offer.text)).toEqual(offers);
});

it('never throws, never takes more fish than there are, and offers only what would be understood', () => {
  const words = fc.constantFrom(
    'B3',
    'b4',
    'F2',
    'F7',
    'Q1',
    'Z9',
    'lost',
    'count',
    'ate',
    'brine',
    ':',
    '>',
    '4/6',
    '2',
    '0',
    '99',
    'cherry',
    'all',
    'well',
    'pale',
    'move',
    '25c',
    'ppt',
    'jumped',
    'x',
    '👍',
    '((',
    '\\b',
  );
  fc.assert(
    fc.property(
      fc.oneof(
        fc.array(words, { maxLength: 8 }).map((some) => some.join(' ')),
        fc.string({ maxLength: 40 }),
      ),
      (text) => {
        const read = readLine(text, house);
        for (const offer of read.ok ? [read] : offersFor(read, house)) {
          expect(offer.entries.length).toBeGreaterThan(0);
          for (const entry of offer.entries) {
            if (entry.kind === 'loss.recorded') expect(entry.payload.n).toBeGreaterThan(0);
            if (entry.kind === 'stock.moved') expect(entry.payload.moves[0]!.n).toBeLessThanOrEqual(9);
            if (entry.kind === 'lot.fed') expect(entry.payload.food).not.toBe('');
          }
        }
      },
    ),
    { seed: 3, numRuns: 2000 },
  );
});

it('takes several readings of one water, each by its name or its unit, and a bare decimal for its temperature', () => {
  const read = (text: string) => {
    const line = readLine(text, house);
    return line.ok
      ? line.entries.map(({ payload }) => {
          const { quantity, reading } = payload as { quantity: string; reading: { value: number; method: string } };
          return [quantity, Number(reading.value.toFixed(3)), reading.method];
        })
      : line.stuck;
  };
  expect(read('F2 pH 6.8 nh4 0.25')).toEqual([
    ['pH', 6.8, 'meter'],
    ['ammonia', 0.194, 'test'],
  ]);
  expect(read('F2: 25,4')).toEqual([['temperature', 25.4, 'in the water']]);
  expect(read('F2 no2 0.1, no3 20 kh 7')).toEqual([
    ['nitrite', 0.1, 'test'],
    ['nitrate', 20, 'test'],
    ['alkalinity', 2.5, 'test'],
  ]);
  expect(read('C4 sg 1.022 25.5C')).toEqual([
    ['salinity', expect.closeTo(29.2, 0), 'meter'],
    ['temperature', 25.5, 'in the water'],
  ]);
  // A badge shows the free part as NH3; nitrogen of nitrite is a third of it.
  expect(read('F2 badge 0.0608, no2-n 0.1')).toEqual([
    ['free ammonia', 0.05, 'test'],
    ['nitrite', 0.328, 'test'],
  ]);
  expect(read('F2 free nh3 0.0608 ph 8.1')).toEqual([
    ['free ammonia', 0.05, 'test'],
    ['pH', 8.1, 'meter'],
  ]);
  expect(read('F2 free ammonia 0.05')).toEqual([['free ammonia', 0.05, 'test']]);
  // Twice the same, a value that cannot be, and a name without a value are asked about.
  expect(read('F2 ph 6.8 ph 7.2')).toEqual({ at: 'words', word: '7.2' });
  expect(read('F2 ph 14')).toMatchObject({ at: 'reading', quantity: 'pH' });
  expect(read('F2 ph')).toEqual({ at: 'words', word: 'ph' });
});

it('a word that a program knows is a word like any other', () => {
  for (const word of ['constructor', 'toString', '__proto__']) expect(readLine(`F2 ${word} 3`, house).ok).toBe(false);
});
