/** @jest-environment jsdom */
import { checkAct } from '#contract/act.ts';
import { v7 } from 'uuid';
import { METRIC_UNITS as units } from '../data/units.ts';
import { faultsOf } from '../parts/crateFacts.ts';
import { crateOf, fill, usualOf, keepIntake, keptIntake, type Intake } from './draft.ts';
import { learnt, readList, type ReadRequest } from '#core/intake/index.ts';

const zone = 'Europe/Lisbon';
const allSpecies = [
  { id: 'firefish', common: 'firefish', scientific: 'Nemateleotris magnifica', alsoCalled: ['fire goby'] },
  { id: 'knight-goby', common: 'knight goby', scientific: 'Stigmatogobius sadanundio', alsoCalled: [] },
  { id: 'comet', common: 'comet', scientific: 'Calloplesiops altivelis', alsoCalled: [] },
];
const TEXT = 'Packed;2026-03-02 20:30\nTemp;23,5\n\nArtikel;Stück;Größe\nfirefish;6+1;4\nred gobi mix;2;3\n';
const request = (more: Partial<ReadRequest> = {}): ReadRequest => ({
  text: TEXT,
  zone,
  allSpecies,
  taught: { columns: [], names: [] },
  columns: {},
  answers: {},
  fixes: {},
  ...more,
});
const intake: Intake = { fileName: 'f.csv', text: TEXT, supplier: 's', columns: {}, answers: {}, fixes: {}, typed: {} };

it('finds headings that nobody knows, asks for their columns, and reads once they are shown', () => {
  const first = readList(request());
  expect([first.headingLine, first.missing, first.list, first.samples]).toEqual([
    4,
    ['name', 'count'],
    undefined,
    ['firefish', '6+1', '4'],
  ]);
  const columns = { 0: 'name', 1: 'count', 2: 'size' } as const;
  const shown = readList(request({ columns }));
  expect(shown.list?.bags.map(({ n }) => n)).toEqual([7, 2]);
  expect(shown.list?.names.map(({ asked }) => asked)).toEqual([false, true]);
  const answers = { [shown.list!.names[1]!.key]: 'knight-goby' };
  const told = readList(request({ columns, answers }));
  expect(learnt(told, columns, answers)).toEqual({
    columns: [
      { heading: 'Artikel', field: 'name' },
      { heading: 'Stück', field: 'count' },
      { heading: 'Größe', field: 'size' },
    ],
    names: [{ heard: 'red gobi mix', species: 'knight-goby' }],
  });
  // The next list of this supplier needs no hand.
  const next = readList(request({ taught: learnt(told, columns, answers) }));
  expect([next.missing, next.list?.names.some(({ asked }) => asked)]).toEqual([[], false]);
});

it('reads a file without headings by columns alone', () => {
  const read = readList(request({ text: 'firefish,4\ncomet,1\n', headingLine: 0, columns: { 0: 'name', 1: 'count' } }));
  expect([read.headings, read.list?.bags.length]).toEqual([['column 1', 'column 2'], 2]);
});

const NOTHING_ANSWERED = { pH: '', lastMeal: '', caught: '', packedWith: '' };

it('how a supplier usually sends is offered for what is empty, and never filled in: nobody stated it, nobody promised it', () => {
  const { header } = readList(request());
  const usual = { usualH: 14, ships: { temperatureC: 26, salinityPpt: 27.5, salinitySaid: '1.0205 sg 25/25', pH: 7.9 } };
  const [where, ways] = [
    { supplierName: 'Yard', zone, units },
    { units, zone },
  ];
  const filled = fill(intake, header, where);
  expect(filled).toMatchObject({ due: '', temperature: '23.5', salinity: '', pH: '' });
  expect(usualOf(filled, usual, ways)).toEqual({ due: '2026-03-03T10:30', salinity: '1.0205 sg 25/25', pH: '7.9' });
  const typed = { ...intake, typed: { salinity: '30', due: '2026-03-03T09:00', pH: '8' } };
  expect(usualOf(fill(typed, header, where), usual, ways)).toEqual({});
  expect(usualOf(filled, {}, ways)).toEqual({});
  // Words that cannot be read are not offered to be stated.
  expect(usualOf(filled, { ships: { salinityPpt: 28, salinitySaid: 'rather low' } }, ways)).toEqual({ salinity: '28' });
});

it('fills the fields from the list, and lets a hand have the last word', () => {
  const { header } = readList(request());
  const filled = fill(intake, header, { supplierName: 'Yard', zone, units });
  expect(filled).toEqual({
    label: 'Yard, Mon 2 Mar',
    packed: '2026-03-02T20:30',
    due: '',
    temperature: '23.5',
    salinity: '',
    ...NOTHING_ANSWERED,
  });
  expect(faultsOf(filled, { zone, units })).toEqual(['Say when it is due.']);
  const typed = fill({ ...intake, typed: { due: '2026-03-01T09:00', temperature: 'warm' } }, header, { supplierName: 'Yard', zone, units });
  expect(faultsOf(typed, { zone, units })).toEqual(['It is due before it was packed.', 'The temperature of the water cannot be read.']);
});

it('becomes one entry that the house takes', () => {
  const { header, list } = readList(request({ columns: { 0: 'name', 1: 'count' } }));
  const filled = fill({ ...intake, typed: { due: '2026-03-03T09:00' } }, header, { supplierName: 'Yard', zone, units });
  const payload = crateOf({ filled, list: list!, supplier: 's', zone, units, newId: v7 });
  expect(payload.bags[0]).toMatchObject({ n: 7, free: 1, label: 'bag 1' });
  const entries = [{ id: v7(), kind: 'crate.expected', version: 1, occurredAtMs: Date.UTC(2026, 2, 3), payload }];
  expect(checkAct(JSON.parse(JSON.stringify({ actId: v7(), entries })))).toMatchObject({ ok: true });
});

it('keeps a half-read list over a reload', () => {
  keepIntake(intake);
  expect(keptIntake()).toEqual(intake);
  keepIntake(undefined);
  expect(keptIntake()).toBeUndefined();
  sessionStorage.setItem('daily-crate-intake', 'not json');
  expect(keptIntake()).toBeUndefined();
});
