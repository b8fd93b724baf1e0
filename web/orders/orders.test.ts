// Orders as they are typed, what they become, and an order against its list; no screen.
import type { OrderCard } from '#contract/views.ts';
import { checkAct } from '#contract/act.ts';
import { versionOf } from '#contract/kinds.ts';
import { v7 } from 'uuid';
import { METRIC_UNITS } from '../data/units.ts';
import { orderLetter, orderSum } from '../words/order.ts';
import { againstOrder, plansKept, sayAgainstOrder } from './compare.ts';
import { adviceFor, copyOf, crateOfOrder, emptyLine, EMPTY_ORDER, orderEntries, orderFaults, type TypedOrder } from './draft.ts';

const ZONE = 'Europe/Lisbon';
const NOW = Date.UTC(2026, 2, 3, 8);
const typed = (more: Partial<TypedOrder> = {}): TypedOrder => ({
  ...EMPTY_ORDER,
  supplier: 'yard',
  currency: 'EUR',
  lines: [
    {
      ...emptyLine('l1'),
      label: 'green chromis',
      species: 'green-chromis',
      n: 7,
      sizeCm: '4,5',
      price: '€3.20',
      sex: 'any',
      origin: 'wild',
    },
    { ...emptyLine('l2'), label: 'small clowns', n: 2, sex: 'pairs', forWhom: ' the school ' },
  ],
  ...more,
});
const faults = (more: Partial<TypedOrder>) => orderFaults(typed(more), { zone: ZONE, now: NOW });
const line = (part: object) => ({ lines: [{ ...typed().lines[0]!, ...part }] });

it('what is typed becomes one entry that the contract takes', () => {
  expect(faults({})).toEqual([]);
  const [entry] = orderEntries(typed({ wanted: '2026-03-06T21:40' }), { order: 'o', zone: ZONE });
  expect(entry).toEqual({
    kind: 'order.placed',
    payload: {
      order: 'o',
      supplier: 'yard',
      currency: 'EUR',
      wantedAtMs: Date.UTC(2026, 2, 6, 21, 40),
      lines: [
        { line: 'l1', species: 'green-chromis', n: 7, sizeCm: 4.5, origin: 'wild', price: 3.2 },
        { line: 'l2', heardAs: 'small clowns', n: 2, sex: 'pairs', forWhom: 'the school' },
      ],
    },
  });
  const act = { actId: v7(), entries: [{ id: v7(), version: versionOf('order.placed'), occurredAtMs: NOW, ...entry! }] };
  expect(checkAct(act)).toMatchObject({ ok: true });
});

it.each<[string, Partial<TypedOrder>]>([
  ['nobody', { supplier: '' }],
  ['nothing', { lines: [] }],
  ['no name', line({ label: ' ' })],
  ['none', line({ n: 0 })],
  ['no length', line({ sizeCm: 'big' })],
  ['a whale', line({ sizeCm: '3000' })],
  ['no price', line({ price: '1.000,00' })],
  ['no currency for prices', { currency: '' }],
  ['a currency of two letters', { currency: 'EU' }],
  ['a day that is over', { wanted: '2026-03-02T10:00' }],
  ['no day', { wanted: '2026-13-45T10:00' }],
])('%s is said', (_name, more) => expect(faults(more)).not.toEqual([]));

const order: OrderCard = {
  order: 'o',
  supplier: 'Yard',
  supplierId: 'yard',
  by: 'Ines',
  atMs: NOW,
  actId: 'a',
  currency: 'EUR',
  wantedAtMs: NOW,
  lines: [
    { line: 'l1', label: 'green chromis', species: 'green-chromis', n: 7, price: 3.2, wish: 'w' },
    { line: 'l2', label: 'small clowns', heardAs: 'small clowns', n: 2, forWhom: 'the school' },
  ],
};

it('a copy has its lines and none of its wishes, and a day only when it stands in its place', () => {
  let next = 0;
  const newId = () => `new-${(next += 1)}`;
  const again = copyOf(order, { zone: ZONE, newId, instead: false });
  expect(again).toMatchObject({
    wanted: '',
    copiedFrom: 'o',
    lines: [
      { line: 'new-1', n: 7, price: '3.2' },
      { line: 'new-2', n: 2 },
    ],
  });
  expect(again.lines.some(({ wish }) => wish)).toBe(false);
  expect(again.instead).toBeUndefined();
  const changed = copyOf(order, { zone: ZONE, newId, instead: true });
  expect(orderEntries(changed, { order: 'p', zone: ZONE }).map(({ kind }) => kind)).toEqual(['order.dropped', 'order.placed']);
});

it('without a list its crate has a lot a line, and every head in some bag', () => {
  let next = 0;
  const crate = crateOfOrder(order, {
    filled: { label: 'Yard', packed: '2026-03-03T05:00', due: '2026-03-03T21:00', temperature: '', salinity: '', pH: '', lastMeal: '', caught: '', packedWith: '' }, // prettier-ignore
    bagsOf: (line) => (line === 'l1' ? 3 : 5),
    zone: ZONE,
    units: METRIC_UNITS,
    newId: () => `id-${(next += 1)}`,
  });
  expect(crate.bags.map(({ n }) => n)).toEqual([3, 2, 2, 1, 1]);
  expect(crate.bags.map(({ label }) => label)).toEqual(['bag 1', 'bag 2', 'bag 3', 'bag 4', 'bag 5']);
  expect(crate).toMatchObject({
    order: 'o',
    currency: 'EUR',
    stated: {},
    lots: [{ line: 'l1', origin: 'unknown' }, { heardAs: 'small clowns' }],
  });
  expect(new Set(crate.bags.map(({ lot }) => lot))).toEqual(new Set(crate.lots.map(({ lot }) => lot)));
});

const listed = (id: string | undefined, n: number, label = id ?? 'x') => ({
  ...(id ? { species: { id, common: id } } : { heardAs: label }),
  lotLabel: label,
  listed: n,
});

it('tells what of an order is not on its list, and what is on it besides', () => {
  expect(
    againstOrder(order.lines, [listed('green-chromis', 4), listed('green-chromis', 3), listed(undefined, 2, 'Small Clowns ')]),
  ).toEqual([]);
  const compared = againstOrder(order.lines, [listed('green-chromis', 6), listed('comet', 1)]);
  expect(sayAgainstOrder(compared)).toBe(
    '6 green chromis for the 7 ordered; 2 small clowns ordered, none on the list; 1 comet not ordered',
  );
});

it('tanks that were kept go to as many bags of the same kind', () => {
  const was = [
    { species: { id: 'a', common: 'a' }, planned: { id: 't1', code: 'T1' } },
    { species: { id: 'b', common: 'b' } },
    { species: { id: 'a', common: 'a' }, planned: { id: 't2', code: 'T2' } },
  ];
  const crate = { lots: [{ lot: 'x', species: 'a' }, { lot: 'y', species: 'b' }], bags: ['x', 'y', 'x', 'x'].map((lot, index) => ({ bag: `n${index}`, lot })) }; // prettier-ignore
  expect(plansKept(was, crate)).toEqual([
    { bag: 'n0', lot: 'x', tank: 't1' },
    { bag: 'n2', lot: 'x', tank: 't2' },
  ]);
});

it('the letter says what is ordered, asks of the water, and not for whom it is', () => {
  const letter = orderLetter(order, { house: 'the house', when: () => 'Friday' });
  expect(letter).toMatch(/9 heads, to be here Friday/);
  expect(letter).toMatch(/1\. 7 green chromis, 3\.20 EUR each/);
  expect(letter).toMatch(/salinity and how it was read/);
  expect(letter).not.toMatch(/school/);
  expect(orderSum(order)).toBeUndefined();
  expect(orderSum({ ...order, lines: order.lines.slice(0, 1) })).toBe('22.40 EUR');
});

it('how many to order goes by that kind, else by all of that supplier, else is not known', () => {
  const came = [
    { supplier: 'yard', species: 'green-chromis', lived: 90, died: 10 },
    { supplier: 'yard', species: '', lived: 10, died: 0 },
    { supplier: 'farm', species: 'comet', lived: 1, died: 0 },
  ];
  expect(adviceFor(came, { supplier: 'yard', species: 'green-chromis', wanted: 10 })).toMatchObject({ ofKind: true, lived: 90, died: 10 });
  expect(adviceFor(came, { supplier: 'yard', species: 'comet', wanted: 10 })).toMatchObject({ ofKind: false, lived: 100, died: 10 });
  expect(adviceFor(came, { supplier: 'yard', wanted: 10 })).toMatchObject({ ofKind: false, lived: 100 });
  expect(adviceFor(came, { supplier: 'nobody', wanted: 10 })).toBeUndefined();
});
