import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import { versionOf } from '#contract/kinds.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import type { Draft } from '../data/house.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { faultOf, type FormField } from '../parts/PlainForm.tsx';
import { codesOf, MAX_TANKS, openingOf, OWN_WATER, rackOf, supplierOf, tanksOf, systemOf } from './forms.ts';
import { rulesOf, ruleValues } from './ruleForm.ts';

/** Faults that the house would find in an act of these drafts. */
function faults(...drafts: Draft[]) {
  const entries = drafts.map((draft) => ({ id: v7(), version: versionOf(draft.kind), occurredAtMs: Date.UTC(2026, 2, 3), ...draft }));
  const checked = checkAct(JSON.parse(JSON.stringify({ actId: v7(), entries })));
  return checked.ok ? [] : checked.faults;
}
const tanks = {
  rack: 'r',
  system: 'w',
  prefix: ' T ',
  first: '1',
  rows: '2',
  columns: '3',
  volumeL: '70,5',
  purpose: 'quarantine',
  lid: 'no',
};
const system = { name: 'Reef sump', type: 'marine', temperatureC: '25,5', salinityPpt: '34', volumeL: '800' };

it('makes entries that the house takes', () => {
  const species = { id: 'comet', common: 'comet' };
  expect(
    faults(
      systemOf(system, v7),
      rackOf({ name: 'Tide rack', room: 'Shop' }, v7(), 40),
      supplierOf({ name: 'Yard', transit: 'van', note: '' }, v7),
      ...tanksOf(tanks, v7, 0),
      ...openingOf({ n: '6', sizeCm: '4.5', origin: 'bred', quarantineDays: '3' }, { tank: 't', species }, v7),
      rulesOf(ruleValues({ name: 'House', zone: 'Europe/Lisbon', rules: STARTING_RULES }), STARTING_RULES),
    ),
  ).toEqual([]);
});

it('changes no rule that nobody touched', () => {
  const house = { name: 'House', zone: 'Europe/Lisbon', rules: STARTING_RULES };
  expect(rulesOf(ruleValues(house), STARTING_RULES).payload).toEqual(house);
  // 23.3 °C shown as 73.9 °F comes back as 23.28.
  const warm = { ...STARTING_RULES, ambient: { ...STARTING_RULES.ambient, roomC: 23.3 } };
  const roomOf = (roomC: string) => (rulesOf({ ...ruleValues(house), roomC }, warm).payload as { rules: typeof warm }).rules.ambient.roomC;
  expect([roomOf('23.2778'), roomOf('22')]).toEqual([23.3, 22]);
  const typed = { ...ruleValues(house), equalPpt: '1,5', callLeadAfterMin: '20', ammoniaLine: '0,1', ammoniaBinderH: '48' };
  expect(rulesOf(typed, STARTING_RULES).payload).toMatchObject({
    rules: {
      runs: { ...STARTING_RULES.runs, equalPpt: 1.5, callLeadAfterMin: 20, ammoniaLine: 0.1 },
      ambient: { ...STARTING_RULES.ambient, ammoniaBinderH: 48 },
    },
  });
});

it('draws tanks as they stand, below what is on the rack already', () => {
  const drawn = tanksOf(tanks, v7, 2).map(({ payload }) => payload as { code: string; row: number; column: number; volumeL: number });
  expect(drawn.map(({ code, row, column }) => `${code} ${row} ${column}`)).toEqual([
    'T1 2 0',
    'T2 2 1',
    'T3 2 2',
    'T4 3 0',
    'T5 3 1',
    'T6 3 2',
  ]);
  expect(drawn[0]!.volumeL).toBe(70.5);
});

it('gives each lone tank a system of its own, as much as the tank holds', () => {
  const drafts = tanksOf({ ...tanks, ...system, volumeL: '60', system: OWN_WATER }, v7, 0);
  expect(drafts.map(({ kind }) => kind).slice(0, 2)).toEqual(['system.added', 'tank.added']);
  const [own, tank] = drafts.map(({ payload }) => payload as { system: string; volumeL: number });
  expect([own!.system === tank!.system, own!.volumeL]).toEqual([true, 60]);
  expect(faults(...drafts)).toEqual([]);
});

it('draws no more at once than one act holds, and a quarantine only when there are days to go', () => {
  expect(codesOf({ ...tanks, rows: '20', columns: '40' })).toEqual([]);
  expect(codesOf({ ...tanks, rows: '8', columns: '12' })).toHaveLength(MAX_TANKS);
  expect(
    openingOf({ n: '6', sizeCm: '4', origin: 'wild', quarantineDays: '0' }, { tank: 't', species: { id: 's', common: 's' } }, v7),
  ).toHaveLength(1);
});

it('keeps every rule that it does not ask about', () => {
  const rules = { ...STARTING_RULES, floatWithinC: 0.3 };
  const draft = rulesOf(ruleValues({ name: 'House', zone: 'UTC', rules }), rules);
  expect(draft.payload).toEqual({ name: 'House', zone: 'UTC', rules });
});

it.each<[FormField, string, string | undefined]>([
  [{ name: 'n', label: '', type: 'number', min: 1, max: 9, whole: true }, '3', undefined],
  [{ name: 'n', label: '', type: 'number', min: 1, max: 9, whole: true }, '3,5', 'A whole number.'],
  [{ name: 'n', label: '', type: 'number', min: 1, max: 9 }, 'three', 'A number from 1 to 9.'],
  [{ name: 'n', label: '', type: 'number', min: 1, max: 9 }, '10', 'A number from 1 to 9.'],
  [{ name: 'n', label: '', type: 'text' }, ' ', 'This is needed.'],
  [{ name: 'n', label: '', type: 'choice', options: [{ value: '', label: 'nothing: first' }, 'one'] }, '', undefined],
  [{ name: 'n', label: '', type: 'choice', options: ['one'] }, '', 'This is needed.'],
  [{ name: 'n', label: '', type: 'text', optional: true }, '', undefined],
  [{ name: 'n', label: '', type: 'quantity', quantity: 'volume' }, '3 gal', 'Which gallon? Write US gal (3.785 L) or imp gal (4.546 L).'],
  [{ name: 'n', label: '', type: 'quantity', quantity: 'volume' }, '3 imp gal', undefined],
  [{ name: 'n', label: '', type: 'pin' }, '123', 'A PIN has 4 to 8 digits.'],
])('%j takes %s: %s', (field, text, fault) => {
  expect(faultOf(field, text, METRIC_UNITS)).toBe(fault);
});
