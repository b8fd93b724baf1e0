import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import { versionOf } from '#contract/kinds.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import type { Draft } from '../data/house.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { faultOf, type FormField } from '../parts/PlainForm.tsx';
import { rackOf, systemOf } from './forms.ts';
import { supplierOf } from './supplierForm.ts';
import { openingOf, openingSaid } from './openingForms.ts';
import { lacksQuarantine, nextStep, setupSteps } from './setup.ts';
import { afterDraw, codesOf, manyChanged, MAX_TANKS, OWN_WATER, saySpans, tanksNamed, tanksOf, UNCHANGED } from './tankForms.ts';
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
      ...openingOf(openingSaid({ n: '40-50', size: '2"', origin: 'bred', quarantineDays: '3' }, { tank: 't', species }), v7),
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
    openingOf(openingSaid({ n: '6', size: '', origin: 'wild', quarantineDays: '0' }, { tank: 't', species: { id: 's', common: 's' } }), v7),
  ).toHaveLength(1);
});

it('asks no salt of fresh water, and goes on with the next numbers', () => {
  expect(systemOf({ ...system, type: 'fresh', salinityPpt: '' }, v7).payload).toMatchObject({ type: 'fresh', salinityPpt: 0.2 });
  expect(afterDraw(tanks)).toEqual({ first: '7' });
});

describe('several tanks changed at once', () => {
  const known = ['H1', 'H2', 'H4', 'T1'].map((code, index) => ({
    ...(tanksOf({ ...tanks, rows: '1', columns: '1' }, v7, 0)[0]!.payload as { rack: string }),
    id: `id-${code}`,
    entry: v7(),
    code,
    heads: 0,
    purpose: index === 3 ? 'sale' : 'quarantine',
    lid: false,
  })) as unknown as Parameters<typeof tanksNamed>[1];

  it('takes spans and single codes, in any case, and names what is not there', () => {
    const codes = (text: string) => {
      const named = tanksNamed(text, known);
      return typeof named === 'string' ? named : named.map(({ code }) => code);
    };
    expect(codes('h1-4, T1')).toEqual(['H1', 'H2', 'H4', 'T1']);
    expect(codes('H1 to H2; h1')).toEqual(['H1', 'H2']);
    expect(codes('H1-T4')).toBe('There is no tank H1-T4.');
    expect(codes('H9')).toBe('There is no tank H9.');
  });

  it('says codes as the spans that they are', () => {
    expect(saySpans(['A1', 'A3', 'A4', 'A5', 'A8', 'A9', 'C4 side'])).toBe('A1, A3 to A5, A8, A9, C4 side');
    expect(saySpans([])).toBe('');
  });

  it('changes only what is other than it was', () => {
    const same = { purpose: UNCHANGED, lid: UNCHANGED, flow: UNCHANGED, volumeL: '' };
    const drafts = manyChanged({ ...same, purpose: 'quarantine', lid: 'yes' }, known);
    expect(drafts.map(({ payload }) => (payload as { fields: object }).fields)).toEqual([
      { lid: true },
      { lid: true },
      { lid: true },
      { purpose: 'quarantine', lid: true },
    ]);
    expect(manyChanged(same, known)).toEqual([]);
    expect(faults(...drafts)).toEqual([]);
  });
});

describe('what a new house still wants', () => {
  const nothing = { species: [], systems: [], tanks: [], suppliers: [], people: [], opened: 0 };
  const marine = { id: 'w', type: 'marine' };
  const tank = (purpose: string) => ({ system: 'w', purpose });
  const house = (more: object) => ({ ...nothing, ...more }) as unknown as Parameters<typeof setupSteps>[0];

  it('asks for what is needed first, and for a quarantine tank of each water that is kept', () => {
    expect(nextStep(setupSteps(house({})))?.id).toBe('species');
    const kept = { species: [{}], systems: [marine], tanks: [tank('sale')] };
    expect(lacksQuarantine(house(kept))).toEqual(['marine']);
    const next = nextStep(setupSteps(house(kept)))!;
    expect([next.name, next.to]).toEqual(['Quarantine tanks for marine water', '/house?part=racks&for=quarantine&water=marine']);
    const held = house({ ...kept, tanks: [tank('sale'), tank('quarantine')] });
    expect([lacksQuarantine(held), nextStep(setupSteps(held))?.id]).toEqual([[], 'suppliers']);
    expect(nextStep(setupSteps(house({ ...held, suppliers: [{}] })))?.id).toBe('people');
  });
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
