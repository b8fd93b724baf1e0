// Wishes and orders: a wish is ordered once, an order becomes one crate, and is open again when that is given up.
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';
import { HOUR_MS } from '#core/time/index.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, { kind: 'supplier.added', payload: { supplier: 'farm', name: 'Farm', transit: 'van' } });
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const wish = (id = 'wish-1'): Said => ({ kind: 'wish.noted', payload: { wish: id, species: 'firefish', n: 4, forWhom: 'a school' } });
type Placed = Extract<Said, { kind: 'order.placed' }>['payload'];
const place = (more: Partial<Placed> = {}): Said => ({
  kind: 'order.placed',
  payload: {
    order: 'order-1',
    supplier: 'yard',
    currency: 'EUR',
    lines: [
      { line: 'l1', species: 'firefish', n: 4, price: 8.5, wish: 'wish-1' },
      { line: 'l2', heardAs: 'some clowns', n: 2 },
    ],
    ...more,
  },
});
const expectCrate = (crate: string, more: object = {}): Said => ({
  kind: 'crate.expected',
  payload: {
    crate,
    label: crate,
    supplier: 'yard',
    packedAtMs: house.now() - 2 * HOUR_MS,
    promisedAtMs: house.now() + 20 * HOUR_MS,
    stated: {},
    order: 'order-1',
    currency: 'EUR',
    lots: [{ lot: `${crate}-fire`, label: 'firefish', species: 'firefish', origin: 'wild', line: 'l1' }],
    bags: [{ bag: `${crate}-1`, label: 'bag 1', box: 1, lot: `${crate}-fire`, n: 4, price: 8.5 }],
    ...more,
  },
});
const view = () => house.view('orders');

it('a wish stands until it is ordered or dropped, and again when the order is dropped or undone', () => {
  house.must(TRAINEE, wish());
  expect(view().wishes).toMatchObject([{ wish: 'wish-1', label: 'Firefish'.toLowerCase(), n: 4, forWhom: 'a school', by: 'Pia' }]);
  const act = house.must(KEEPER, place());
  expect(view().wishes).toEqual([]);
  expect(house.codes(KEEPER, place({ order: 'order-2' }))).toEqual(['wish.ordered']);
  expect(house.codes(KEEPER, { kind: 'wish.dropped', payload: { wish: 'wish-1', why: 'no' } })).toEqual(['wish.ordered']);
  house.must(KEEPER, { kind: 'order.dropped', payload: { order: 'order-1', why: 'they have none' } });
  expect(view().wishes.length).toBe(1);
  expect(view().orders).toMatchObject([{ order: 'order-1', dropped: { by: 'Bram', why: 'they have none' } }]);
  // The order that was dropped needs its wish no more, but it rests on it: first the dropping is undone, then the order.
  expect(house.codes(KEEPER, undo(act))).not.toEqual([]);
  house.must(KEEPER, { kind: 'wish.dropped', payload: { wish: 'wish-1', why: 'bought elsewhere' } });
  expect(view().wishes).toEqual([]);
  expect(house.codes(KEEPER, place({ order: 'order-3' }))).toEqual(['wish.done']);
});

it('says what cannot be ordered', () => {
  expect(house.codes(TRAINEE, place({ lines: [{ line: 'a', species: 'firefish', n: 1 }] }))).toEqual(['role']);
  const codes = (more: Partial<Placed>) => house.codes(KEEPER, place(more));
  expect(codes({ supplier: 'nobody' })).toEqual(['unknown']);
  expect(codes({ lines: [{ line: 'a', n: 1 }] })).toEqual(['order.badLines']);
  expect(codes({ lines: [{ line: 'a', species: 'unicorn', n: 1 }] })).toEqual(['unknown']);
  expect(codes({ lines: [{ line: 'a', heardAs: 'x', n: 1 }, { line: 'a', heardAs: 'y', n: 1 }] })).toEqual(['order.badLines']); // prettier-ignore
  expect(codes({ lines: [{ line: 'a', heardAs: 'x', n: 1, wish: 'none' }] })).toEqual(['unknown']);
  expect(codes({ copiedFrom: 'none', lines: [{ line: 'a', heardAs: 'x', n: 1 }] })).toEqual(['unknown']);
});

it('becomes one crate with its prices; given up, it can be expected anew', () => {
  house.must(KEEPER, wish(), place());
  expect(house.codes(KEEPER, expectCrate('other', { supplier: 'farm' }))).toEqual(['order.otherSupplier']);
  expect(house.codes(KEEPER, expectCrate('other', { order: 'none' }))).toEqual(['unknown']);
  house.must(KEEPER, expectCrate('crate-a'));
  expect(view().orders[0]!.crate).toEqual({ crate: 'crate-a', label: 'crate-a', arrived: false });
  expect(house.view('dock').crates[0]).toMatchObject({ order: 'order-1', currency: 'EUR', bags: [{ price: 8.5 }] });
  expect(house.codes(KEEPER, expectCrate('crate-b'))).toEqual(['order.expected']);
  expect(house.codes(KEEPER, { kind: 'order.dropped', payload: { order: 'order-1', why: 'no' } })).toEqual(['order.expected']);
  // Its list came: it takes the place of what was expected, in one act, and tanks that were kept stay kept.
  house.must(KEEPER, { kind: 'bag.planned', payload: { bag: 'crate-a-1', lot: 'crate-a-fire', tank: 'G1' } });
  house.must(
    KEEPER,
    { kind: 'crate.givenUp', payload: { crate: 'crate-a', why: 'its packing list took its place' } },
    expectCrate('crate-b'),
    { kind: 'bag.planned', payload: { bag: 'crate-b-1', lot: 'crate-b-fire', tank: 'G1' } },
  );
  expect(view().orders[0]!.crate).toMatchObject({ crate: 'crate-b' });
  expect(house.view('dock').crates.map(({ crate, bags }) => [crate, bags[0]!.planned?.code])).toEqual([['crate-b', 'G1']]);
  house.must(KEEPER, { kind: 'crate.arrived', payload: { crate: 'crate-b', carton: 'dry' } });
  expect(view().orders[0]!.crate).toMatchObject({ arrived: true });
});

it('tells what came alive before, by species', () => {
  house.must(KEEPER, expectCrate('crate-a', { order: undefined }), { kind: 'crate.arrived', payload: { crate: 'crate-a', carton: 'dry' } });
  house.must(KEEPER, {
    kind: 'bag.landed',
    payload: { bag: 'crate-a-1', crate: 'crate-a', lot: 'crate-a-fire', alive: 3, dead: 1, quality: 'counted', condition: 'fit', bagCondition: 'sound' }, // prettier-ignore
  });
  expect(view().came).toEqual([{ supplier: 'yard', species: 'firefish', lived: 3, died: 1 }]);
});
