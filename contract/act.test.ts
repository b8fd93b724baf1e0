import { v7 } from 'uuid';
import type { Kind } from '#core/catalogue/index.ts';
import { checkAct, lift } from './act.ts';
import { examples, KINDS, kinds } from './kinds.ts';

const entry = (kind: string, payload: unknown, more: object = {}) => ({
  id: v7(),
  kind,
  version: 1,
  occurredAtMs: Date.UTC(2026, 2, 3),
  payload,
  ...more,
});
const act = (...entries: unknown[]) => ({ actId: v7(), entries });
const faultsOf = (body: unknown) => {
  const checked = checkAct(body);
  return checked.ok ? [] : checked.faults.map(({ path }) => path);
};

it.each(KINDS)('%s: the fixture is taken as it is', (kind) => {
  const body = act(entry(kind, examples[kind], { version: kinds[kind].version }));
  expect(checkAct(body)).toEqual({ ok: true, act: body });
});

it.each(KINDS)('%s: every field is typed, and none may be added', (kind) => {
  const payload = examples[kind] as unknown as Record<string, unknown>;
  expect(faultsOf(act(entry(kind, { ...payload, extra: 1 }, { version: kinds[kind].version })))).toEqual(['entries.0.payload']);
  for (const field of Object.keys(payload)) {
    expect(faultsOf(act(entry(kind, { ...payload, [field]: { wrong: true } }, { version: kinds[kind].version })))).toContainEqual(
      expect.stringContaining(`entries.0.payload.${field}`) as string,
    );
  }
});

it.each<[Kind, string, unknown]>([
  ['bag.landed', 'alive', -1],
  ['bag.landed', 'alive', 1.5],
  ['bag.landed', 'alive', Number.POSITIVE_INFINITY],
  ['bag.landed', 'alive', Number.NaN],
  ['bag.landed', 'alive', '2'],
  ['bag.landed', 'alive', 100_001],
  ['bag.landed', 'condition', 'lively'],
  ['bag.landed', 'bag', 'supplier'],
  ['bag.landed', 'bag', 'a b'],
  ['bag.landed', 'note', 'x'.repeat(501)],
  ['float.started', 'minutes', Number.POSITIVE_INFINITY],
  ['tank.added', 'volumeL', 0],
  ['tank.added', 'code', ''],
  ['lot.opened', 'n', 0],
  ['crate.expected', 'bags', [{}]],
  ['stock.moved', 'moves', [{ lot: 'l', from: 'G1', to: 'supplier', n: 1 }]],
  ['stock.moved', 'moves', [{ lot: 'l', from: 'sold', to: 'G1', n: 1 }]],
])('%s.%s = %p is a fault', (kind, field, value) => {
  expect(faultsOf(act(entry(kind, { ...examples[kind], [field]: value })))[0]).toMatch(new RegExp(`^entries\\.0\\.payload\\.${field}`));
});

it('names what is missing', () => {
  const { bag: _bag, ...rest } = examples['bag.absent'];
  expect(checkAct(act(entry('bag.absent', rest)))).toEqual({
    ok: false,
    code: 'bad',
    faults: [{ path: 'entries.0.payload.bag', message: expect.stringContaining('required') as string }],
  });
});

it.each([
  ['no object', null],
  ['no entries', { actId: v7(), entries: [] }],
  ['no act id', { entries: [entry('bag.absent', examples['bag.absent'])] }],
  ['an unknown kind', act(entry('bag.eaten', {}))],
  ['an id that is none', act(entry('bag.absent', examples['bag.absent'], { id: 'x' }))],
  ['more in the envelope', act(entry('bag.absent', examples['bag.absent'], { seq: 4 }))],
  ['an overrule without reason', act(entry('bag.assigned', examples['bag.assigned'], { overrules: [{ code: 'fit.noLid', reason: '' }] }))],
  ['a time that is none', act(entry('bag.absent', examples['bag.absent'], { occurredAtMs: 12 }))],
  ['an object by its prototype', act(entry('constructor', {}))],
])('refuses %s', (_name, body) => {
  expect(checkAct(body)).toMatchObject({ ok: false, code: 'bad' });
});

it.each([
  ['turned round', 'note', '\u202efine'],
  ['with half a character', 'note', 'fine\ud83d'],
  ['with a zero in it', 'label', 'lot\u0000'],
])('a text %s is a fault where it stands', (_name, field, text) => {
  const payload = { ...examples['lot.named'], [field]: text };
  expect(faultsOf(act(entry('lot.named', payload)))).toEqual([`entries.0.payload.${field}`]);
});

it('an overrule’s reason is words that somebody can see', () => {
  const because = (reason: string) => act(entry('bag.assigned', examples['bag.assigned'], { overrules: [{ code: 'fit.noLid', reason }] }));
  expect(checkAct(because('lid comes today'))).toMatchObject({ ok: true });
  for (const reason of ['  ', '\u200b', 'x\u202e']) expect(checkAct(because(reason))).toMatchObject({ ok: false, code: 'bad' });
});

it('tells a newer client that it is newer', () => {
  expect(checkAct(act(entry('bag.absent', examples['bag.absent'], { version: 2 })))).toMatchObject({
    ok: false,
    code: 'client.newer',
    faults: [{ path: 'entries.0.version' }],
  });
});

it('lifts a quarantine that was opened when there was nothing but days', () => {
  const { policy: _policy, ...opened } = examples['quarantine.opened'];
  expect(lift('quarantine.opened', 1, { ...opened, days: 28 })).toEqual(examples['quarantine.opened']);
  expect(lift('quarantine.opened', 1, { ...opened, days: 0 })).toMatchObject({ policy: { days: 1 } });
});

it.each([0, 366, 10_000, 2.5])('a quarantine of %p days is a fault', (days) => {
  const { policy, ...quarantine } = examples['quarantine.opened'];
  const faults = faultsOf(act(entry('quarantine.opened', { ...quarantine, policy: { ...policy, days } }, { version: 2 })));
  expect(faults).toEqual(['entries.0.payload.policy.days']);
});

it('lifts the rules of a house from before tests were asked for: none is asked, the limits hold', () => {
  const { rules, ...house } = examples['house.configured'];
  const { waterTests: _waterTests, ...before } = rules;
  expect(lift('house.configured', 6, { ...house, rules: before })).toMatchObject({
    rules: { waterTests: { every: { unripe: { ammonia: 0 }, settled: { ammonia: 0 } }, copperEveryDays: 0, limits: { ammonia: 0.5 } } },
  });
});

it('has an upcaster for every step to the present version', () => {
  for (const kind of KINDS) {
    expect(kinds[kind].upcasters).toHaveLength(kinds[kind].version - 1);
    expect(lift(kind, kinds[kind].version, examples[kind])).toBe(examples[kind]);
  }
});
