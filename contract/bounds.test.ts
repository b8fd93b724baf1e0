import { checkAct } from './act.ts';
import { BOUNDS, isDeep, sizeOf } from './bounds.ts';
import { examples, versionOf } from './kinds.ts';

const nested = (levels: number, leaf: unknown = 1): unknown => Array.from({ length: levels }).reduce((inner) => [inner], leaf);
const act = (entries: unknown) => ({ actId: '019cb270-7380-7000-8036-9ee768e6d3a5', entries });
const entry = (payload: unknown, kind = 'tank.checked', more: object = {}) => ({
  id: '019cb270-7380-7000-8036-9ee768e6d3a6',
  kind,
  version: versionOf('tank.checked'),
  occurredAtMs: 1,
  payload,
  ...more,
});
const LONG = 'x'.repeat(900_000);

it.each<[string, unknown, string | undefined]>([
  ['as deep as may be', nested(BOUNDS.depth - 1), undefined],
  ['a level deeper', nested(BOUNDS.depth), 'levels deep'],
  ['200,000 levels', nested(200_000), 'levels deep'],
  ['the longest list', Array(BOUNDS.list).fill(1), undefined],
  ['one more', Array(BOUNDS.list + 1).fill(1), 'a list of'],
  ['a long text', { a: LONG }, 'a text of'],
  ['a long name', { [LONG]: 1 }, 'the name of a field'],
  ['many fields', Object.fromEntries(Array.from({ length: BOUNDS.fields + 1 }, (_, n) => [n, n])), 'fields in one object'],
  ['many values', Array(300).fill(Array(300).fill(1)), 'values'],
])('%s', (_name, body, beyond) => {
  if (beyond === undefined) expect(sizeOf(body).beyond).toBeUndefined();
  else expect(sizeOf(body).beyond).toContain(beyond);
  // It never goes on walking once it knows.
  expect(sizeOf(body).nodes).toBeLessThanOrEqual(BOUNDS.nodes);
});

it('the longest packing list that is taken is well within', () => {
  const { lots, bags, ...crate } = examples['crate.expected'];
  const many = { ...crate, lots, bags: Array.from({ length: 2000 }, (_, no) => ({ ...bags[0]!, bag: `bag-${no}`, label: `bag ${no}` })) };
  expect(sizeOf(act([entry(many, 'crate.expected')])).beyond).toBeUndefined();
});

it.each<[string, unknown]>([
  ['nothing', null],
  ['a number', 1],
  ['an act of lists', act(nested(8))],
  ['200 empty entries', act(Array(200).fill({}))],
  ['200 entries of a kind that is none', act(Array(200).fill(entry({}, 'y'.repeat(40))))],
  ['a kind of 4,000 letters', act([entry({}, 'k'.repeat(4000))])],
  [
    'a payload of everything unknown',
    act([entry(Object.fromEntries(Array.from({ length: 90 }, (_, n) => [`unknown-${n}-${'z'.repeat(3000)}`, n])))]),
  ],
  ['lists of wrong things', act([entry({ ...examples['tank.checked'], lots: Array(3000).fill({ a: [1, 2, 3] }) })])],
  [
    'overrules without end',
    act([entry(examples['tank.checked'], 'tank.checked', { overrules: Array(3000).fill({ code: 'w'.repeat(3000).slice(0, 15) }) })]),
  ],
  ['its prototype', act([JSON.parse('{"__proto__":{"kind":"tank.checked"},"constructor":1}')])],
  ['a text as big as all of it', act([entry({ note: LONG })])],
])('what is wrong with %s is said in few words', (_name, body) => {
  const checked = checkAct(body);
  expect(checked.ok).toBe(false);
  const { faults } = checked as Extract<typeof checked, { ok: false }>;
  expect(faults.length).toBeGreaterThan(0);
  expect(faults.length).toBeLessThanOrEqual(20);
  expect(JSON.stringify(faults).length).toBeLessThan(64_000);
});

it.each([
  ['[[[]]]', false],
  [`${'['.repeat(BOUNDS.depth)}${']'.repeat(BOUNDS.depth)}`, false],
  [`${'['.repeat(BOUNDS.depth + 1)}`, true],
  [`{"a":${'{"b":'.repeat(BOUNDS.depth)}1`, true],
  [`"${'['.repeat(100)}"`, false],
  [`["\\"${'['.repeat(100)}"]`, false],
  [`["\\\\",${'['.repeat(100)}`, true],
  [`${'[]'.repeat(1000)}`, false],
])('how deep a text is, told from its bytes: %s', (text, deep) => {
  expect(isDeep(new TextEncoder().encode(text))).toBe(deep);
});
