// Twelve lists in the style of different exporters. What each says was counted by eye; no rule of the reader is for one of them alone.
import fs from 'node:fs';
import { SPECIES } from '#demo/species.ts';
import { decodeText } from '../text/index.ts';
import { formatWall } from '../time/index.ts';
import { readList, type Fixes } from './index.ts';

const zone = 'Europe/Lisbon';
const allSpecies = SPECIES.map(({ species, ...rest }) => ({ id: species, ...rest }));
const folder = new URL('lists/', import.meta.url);
const textOf = (name: string) => decodeText(fs.readFileSync(new URL(name, folder))).text;
const read = (name: string, fixes: Fixes = {}) =>
  readList({ text: textOf(name), zone, allSpecies, taught: { columns: [], names: [] }, columns: {}, answers: {}, fixes });

type Said = { bags: number; heads: number; asked?: string[]; problems?: string[]; passed?: string[]; missing?: string[] };
const WHOLE: Record<string, Said> = {
  '01-reef-export.csv': { bags: 5, heads: 40, passed: ['14 none sent', '17 not fish'] },
  '02-river-farm.csv': { bags: 0, heads: 0, missing: ['name', 'count'] },
  '03-mail.txt': { bags: 5, heads: 13, asked: ['chromis'] },
  '04-groups.csv': {
    bags: 7,
    heads: 280,
    passed: ['2 heading', '4 heading', '7 heading', '9 heading', '10 heading', '11 not fish'],
  },
  '05-tabs.tsv': { bags: 4, heads: 18 },
  '06-one-cell-header.csv': { bags: 6, heads: 28 },
  '07-free-heads.csv': { bags: 4, heads: 51, problems: ['6 bag'] },
  '08-no-headings.csv': { bags: 0, heads: 0, missing: ['name', 'count'] },
  '09-carton-note.csv': { bags: 3, heads: 11, problems: ['4 QTY SHIPPED', '6 SPECIES'], asked: ['Synchiropus splendidus'] },
  '10-french.csv': { bags: 0, heads: 0, missing: ['name', 'count'] },
  '11-invoice.csv': { bags: 2, heads: 35, passed: ['6 none sent', '8 not fish', '9 not fish', '10 not fish'] },
  '12-spans.csv': { bags: 8, heads: 218 },
};

it.each(Object.entries(WHOLE))('%s', (name, said) => {
  const { list, problems, missing } = read(name);
  expect({
    bags: list?.bags.length ?? 0,
    heads: list?.bags.reduce((sum, { n }) => sum + n, 0) ?? 0,
    asked: list?.names.filter(({ asked }) => asked).map(({ heard }) => heard) ?? [],
    problems: problems.map(({ line, column }) => `${line} ${column}`),
    passed: list?.passed.map(({ line, why }) => `${line} ${why}`) ?? [],
    missing,
  }).toEqual({ asked: [], problems: [], passed: [], missing: [], ...said });
});

it('takes what stands above the lines for what it is, and an address for no date', () => {
  const said = (name: string) => {
    const { header, notices } = read(name);
    return [header.label, header.packed && formatWall(header.packed.ms, zone), header.temperatureC, header.salinityPpt, notices];
  };
  expect(said('01-reef-export.csv')).toEqual(['12345', '2026-03-02T21:30', 25, expect.closeTo(29.4, 0) as unknown, []]);
  expect(said('06-one-cell-header.csv').slice(2, 4)).toEqual([24.4, 29].map((value) => expect.closeTo(value, 1) as unknown));
  expect(said('11-invoice.csv').slice(0, 2)).toEqual(['2026/031', '2026-03-03T20:00']);
});

it('a typed line that names a fish and no number is asked about, never passed over as words', () => {
  const text = 'Hello,\n3 banggai cardinals\n2 comet\nfirefish\nsee you';
  const { problems, notices, list } = readList({ text, zone, allSpecies, taught: { columns: [], names: [] }, columns: {}, answers: {} });
  expect([problems.map(({ line, field }) => `${line} ${field}`), list!.bags.length, notices.length]).toEqual([['4 count'], 2, 2]);
});
