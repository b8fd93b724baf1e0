import fs from 'node:fs';
import { SPECIES } from '#demo/species.ts';
import { decodeText, parseCsv } from '../text/index.ts';
import { formatDay, formatTime, houseDay } from '../time/index.ts';
import { readCount, readHeads, readLabels, readSize } from './cells.ts';
import {
  findHeading,
  guessColumns,
  missingColumns,
  readHeader,
  readPackingList,
  type Answers,
  type TaughtColumn,
  type TaughtName,
} from './index.ts';

const zone = 'Europe/Lisbon';
const allSpecies = SPECIES.map(({ species, ...rest }) => ({ id: species, ...rest }));
const dayOf = (ms?: number) => ms && `${formatDay(houseDay(ms, zone))} ${formatTime(ms, zone)}`;

type Taught = { columns?: TaughtColumn[]; names?: TaughtName[]; answers?: Answers };
function read(text: string, { columns: taughtColumns, names: taught, answers }: Taught = {}) {
  const { rows } = parseCsv(text);
  const index = findHeading(rows, taughtColumns);
  const heading = rows[index]!;
  const columns = guessColumns(heading.cells, taughtColumns);
  return {
    ...readHeader(rows.slice(0, index), zone),
    columns,
    list: readPackingList({ heading, rows: rows.slice(index + 1), columns, allSpecies, taught, answers }),
  };
}
const file = (name: string) => decodeText(fs.readFileSync(new URL(`../../demo/files/${name}`, import.meta.url)));
const said = (list: ReturnType<typeof read>['list']) => list.problems.map(({ line, column, expected }) => `${line} ${column}: ${expected}`);

describe('the three sample lists', () => {
  it('one line a bag, commas, a byte order mark, counts with free heads', () => {
    const { header, list } = read(file('pelican-yard.csv').text);
    expect([dayOf(header.packed?.ms), dayOf(header.due?.ms), header.salinityPpt, header.temperatureC]).toEqual([
      'Thu 5 Mar 20:15',
      'Fri 6 Mar 09:30',
      29,
      24.5,
    ]);
    expect(list.bags).toHaveLength(11);
    expect(list.bags[2]).toMatchObject({ label: 'bag 3', box: 1, n: 7, free: 1, waterL: 1.6 });
    expect(list.problems).toEqual([]);
    expect(list.names.filter(({ likeness }) => likeness === 'near').map(({ heard, species }) => [heard, species])).toEqual([
      ['Royal grama', 'royal-gramma'],
      ['Bangaii cardinal', 'banggai-cardinalfish'],
    ]);
    expect(list.notices[0]).toBe('The list says 48 in total; its lines make 49.');
    // Both bags of chromis are one lot.
    expect(list.lots.filter(({ species }) => species === 'green-chromis')).toHaveLength(1);
  });

  it('one line a species, semicolons, Windows-1252, decimal commas, headings to be shown once', () => {
    const { text, encoding } = file('marl-and-sedge.csv');
    expect(encoding).toBe('Windows-1252');
    const { header, columns } = read(text, {
      columns: [
        { heading: 'Artikel', field: 'name' },
        { heading: 'Stück', field: 'count' },
      ],
    });
    expect([header.supplier, dayOf(header.packed?.ms), header.temperatureC]).toEqual([undefined, 'Wed 4 Mar 22:40', 23.5]);
    expect(missingColumns(columns)).toEqual([]);
    const taught: TaughtColumn[] = [
      { heading: 'Artikel', field: 'name' },
      { heading: 'Stück', field: 'count' },
      { heading: 'Beutel', field: 'bags' },
      { heading: 'Größe', field: 'size' },
      { heading: 'Liter', field: 'waterL' },
      { heading: 'Herkunft', field: 'origin' },
    ];
    const { list } = read(text, { columns: taught });
    expect(list.problems).toEqual([]);
    expect(list.bags.map(({ n }) => n)).toEqual([20, 20, 20, 13, 12, 6, 6, 6, 4, 3, 10]);
    expect(list.lots.map(({ species, sizeCm, origin }) => [species, sizeCm, origin])).toEqual([
      ['harlequin-rasbora', 2.75, 'farmed'],
      ['kuhli-loach', 6, 'wild'],
      [undefined, 5, 'bred'],
      ['pearl-gourami', 8, 'farmed'],
      [undefined, 3, 'wild'],
    ]);
    expect(list.names.filter(({ asked }) => asked).map(({ heard, offers }) => [heard, offers.slice(0, 1)])).toEqual([
      ["Boeseman's rainbow; young", ['boesemans-rainbowfish']],
      ['Red gobi mix', [expect.any(String)]],
    ]);
  });

  it('tabs, a field over two lines, Latin and trade names, heads per bag, inches', () => {
    const { header, list } = read(file('kestrel-quay.tsv').text);
    expect([dayOf(header.packed?.ms), dayOf(header.due?.ms)]).toEqual(['Thu 5 Mar 06:30', 'Fri 6 Mar 08:00']);
    expect(list.problems).toEqual([]);
    expect(list.bags).toHaveLength(11);
    expect(list.bags.at(-1)).toMatchObject({ line: 11, n: 2 });
    expect(list.lots[0]).toMatchObject({ species: 'ocellaris-clownfish', sizeCm: 3.81 });
    expect(list.names.some(({ asked }) => asked)).toBe(false);
  });
});

describe('names', () => {
  const text = 'name,qty\nRed gobi mix,5\nred gobi MIX,4\nfirefish,2\n';
  it('an answer settles every line of that name; no species is an answer too', () => {
    const [asked] = read(text).list.names;
    expect(asked).toMatchObject({ asked: true, lines: [2, 3] });
    expect(read(text, { answers: { [asked!.key]: 'knight-goby' } }).list.lots.map(({ species }) => species)).toEqual([
      'knight-goby',
      'firefish',
    ]);
    const left = read(text, { answers: { [asked!.key]: '' } }).list;
    expect(left.lots[0]).toMatchObject({ heardAs: 'Red gobi mix', label: 'Red gobi mix' });
    expect(left.names.some((name) => name.asked)).toBe(false);
  });
  it('what a supplier was taught is not asked again', () => {
    expect(read(text, { names: [{ heard: 'RED GOBI MIX', species: 'bumblebee-goby' }] }).list.lots[0]).toMatchObject({
      species: 'bumblebee-goby',
    });
  });
  it('asks when Latin and trade name mean two species', () => {
    expect(read('species,common name,qty\nGramma loreto,firefish,2').list.names[0]).toMatchObject({ asked: true });
  });
});

it('names line, column and what was expected, and gives no bag of such a line', () => {
  const { list } = read(
    [
      'box,bag,name,size,qty,bags,per bag,water',
      'B1,1,firefish,6,four,,,1.2',
      'lid,2,firefish,6 furlongs,4,,,lots',
      '1,3,firefish,6,4,,,1.2',
      '1,3,comet,6,1,,,1.2',
      '1,,comet,6,2,3,,',
      '1,,comet,6,7,2,4,',
      '1,,,,3,,,',
      '1,8-10,comet,6,2,2,,',
    ].join('\n'),
  );
  expect(said(list)).toEqual([
    '2 qty: a count such as 6, 6+1 or 3x6',
    '3 size: a length such as 4, 3-4 cm or 2"',
    '3 water: litres from 0.05 to 500, such as 1.4 or 1400 ml',
    '3 box: a box number from 1 to 500',
    '5 bag: another bag number than on line 4',
    '6 bags: no more bags than the 2 heads',
    '7 qty: 8: 2 bags of 4',
    '8 name: a name',
    '9 bag: 2 bag numbers, as many as there are bags',
  ]);
  expect(list.bags.map(({ label }) => label)).toEqual(['bag 3']);
  expect(said(read('name,qty\n').list)).toEqual(['1 : at least one line of fish under the headings']);
});

it('asks for a date it cannot read above the headings, and leaves alone what it does not know', () => {
  const { header, problems } = read('Hello: world\nPacked: soon\nTemp: warm\nname,qty\ncomet,1');
  expect(problems.map(({ line, column }) => `${line} ${column}`)).toEqual(['2 Packed', '3 Temp']);
  expect(header).toEqual({});
});

it.each([
  ['6', { n: 6, free: 0, bags: 1 }],
  ['6+1', { n: 7, free: 1, bags: 1 }],
  ['3x6', { n: 6, free: 0, bags: 3 }],
  ['3 bags of 6 pcs', { n: 6, free: 0, bags: 3 }],
  ['12.0', { n: 12, free: 0, bags: 1 }],
  ['0', undefined],
  ['-2', undefined],
  ['2.5', undefined],
  ['1e9', undefined],
])('count %s', (text, expected) => {
  expect(readCount(text)).toEqual(expected);
});

it('reads sizes in their unit, takes a size class for none, and spans of bag numbers', () => {
  expect([readSize('3-4 cm'), readSize('45', 'size (mm)'), readSize('2"'), readSize('M/L'), readSize('ten cm!')]).toEqual([
    { sizeCm: 3.5 },
    { sizeCm: 4.5 },
    { sizeCm: 5.08 },
    {},
    undefined,
  ]);
  expect(['2"-3"', '1 1/2"', '3/4"', '1-1/2"', '3/4 cm'].map((text) => readSize(text)?.sizeCm?.toFixed(2))).toEqual([
    '6.35',
    '3.81',
    '1.91',
    '3.81',
    '3.50',
  ]);
  expect([readSize('1/2', 'size (inches)')?.sizeCm?.toFixed(2), readSize('40 mm - 5 cm')]).toEqual(['1.27', undefined]);
  expect(readHeads('40-50')).toEqual({ n: 45, between: { min: 40, max: 50 } });
  expect([readHeads('about 12'), readHeads('50-40'), readHeads('some')]).toEqual([{ n: 12 }, undefined, undefined]);
  expect([readLabels('4-6'), readLabels('4, 5'), readLabels('A-7')]).toEqual([['4', '5', '6'], ['4', '5'], ['A-7']]);
});

it('a fish may be called what a program calls its own: it is asked about like any other', () => {
  const { list } = read('name,qty\nconstructor,3\ntoString,2\n__proto__,1');
  expect(list.names.map(({ heard, asked }) => [heard, asked])).toEqual([
    ['constructor', true],
    ['toString', true],
    ['__proto__', true],
  ]);
});
