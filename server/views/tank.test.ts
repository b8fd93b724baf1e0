import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import { bringCrate, furnish, quarantine, KEEPER, LEAD, check, makeTestHouse, stock, T0, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fire', 'G1', 'green-chromis', 6), quarantine('fire'));
});
afterEach(() => house.close());
const tank = (code = 'G1') => house.view('tank', { tank: code });
const lot = (id = 'fire') => house.view('lot', { lot: id });
const balance = (place: string) => house.client.prepare('select n from p_balance where lot = ? and place = ?').pluck().get('fire', place);
const moved = (n: number, to: string, more: object = {}): Said => ({
  kind: 'stock.moved',
  payload: { moves: [{ lot: 'fire', from: 'G1', to, n, ...more }] },
});

it('is found by its code in any case, and is not there when it is not', () => {
  expect(tank('g1').tank).toMatchObject({ code: 'G1', rackName: 'Back' });
  expect(tank('Z9').tank).toBeUndefined();
});

it('tells what happened in it, with what to call everything, but not every plain look', () => {
  house.must(KEEPER, check('G1'), { kind: 'lot.fed', payload: { tank: 'G1', lot: 'fire', food: 'mysis', response: 'ate' } });
  house.wait(1000);
  house.must(KEEPER, check('G1', { allWell: false, lots: [{ lot: 'fire', expected: 6, seen: null, signs: [{ sign: 'scrape' }] }] }));
  house.must(KEEPER, {
    kind: 'reading.taken',
    payload: {
      subject: { kind: 'system', id: 'salt' },
      quantity: 'temperature',
      reading: { value: 25.1, typed: '25.1', method: 'in the water', source: 'measured' },
    },
  });
  const { timeline, names, checks14, meals, lastCheck, readings } = tank();
  expect(timeline.map(({ kind }) => kind)).toEqual(['reading.taken', 'tank.checked', 'lot.opened', 'tank.added']);
  expect(names).toMatchObject({ fire: 'green-chromis', G1: 'G1', salt: 'salt' });
  expect([checks14, meals.length, lastCheck?.allWell, readings[0]!.by]).toEqual([2, 1, false, 'Bram']);
});

it('posts a difference at the other end as missing, and has it looked for', () => {
  house.must(KEEPER, moved(4, 'G2', { arrived: 3 }));
  expect([balance('G2'), balance('missing')]).toEqual([3, 1]);
  expect(house.view('today').due.filter(({ rule }) => rule === 'missing')).toMatchObject([
    { facts: { n: 1, what: 'green-chromis', tankCode: 'G1' } },
  ]);
  // One more at the other end than was netted was not on the records.
  house.must(KEEPER, moved(1, 'G2', { arrived: 2 }));
  expect(balance('G2')).toBe(5);
});

it('refuses to move more than there are, out of an empty tank, to where they are, and says who was quicker', () => {
  expect(house.codes(KEEPER, moved(7, 'G2'))).toEqual(['stock.short']);
  expect(house.codes(KEEPER, moved(1, 'G1'))).toEqual(['move.nowhere']);
  house.must(LEAD, moved(6, 'G2'));
  const { outcome } = house.write(KEEPER, moved(6, 'G2'));
  expect(outcome).toMatchObject({ ok: false, refusals: [{ code: 'stock.short', facts: { missing: 6, by: 'Ines', place: 'G1' } }] });
});

it('shows a past instant at which the records had less than nothing as a gap', () => {
  house.wait(2 * DAY_MS);
  // Entered late, by a lead: two were sold before the day on which the records say they came.
  house.must(LEAD, { ...moved(2, 'returned'), occurredAtMs: T0 - DAY_MS });
  const gap = { fromMs: T0 - DAY_MS, untilMs: T0, n: 2 };
  expect(tank().gaps).toEqual([{ ...gap, lot: 'fire', label: 'green-chromis' }]);
  expect(lot().gaps).toEqual([{ ...gap, place: 'G1' }]);
});

describe('a bucket', () => {
  const stayLimit = (untilMs: number): Said => ({
    kind: 'stay.limited',
    payload: { stayLimit: `s${untilMs}`, lot: 'fire', place: 'B1', untilMs, why: 'while the tank is cleaned' },
  });
  beforeEach(() => {
    house.must(
      LEAD,
      { kind: 'system.added', payload: { system: 'pail', name: 'pail', type: 'marine', temperatureC: 25, salinityPpt: 33, volumeL: 12 } },
      {
        kind: 'tank.added',
        payload: {
          tank: 'B1',
          rack: 'back',
          system: 'pail',
          code: 'B1',
          volumeL: 12,
          purpose: 'quarantine',
          lid: true,
          row: 9,
          column: 0,
          vessel: 'bucket',
        },
      },
    );
  });

  it('takes fish only with an hour at which they are out again, which runs in the strip and falls due', () => {
    expect(house.codes(KEEPER, moved(2, 'B1'))).toEqual(['stay.needed']);
    house.must(KEEPER, stayLimit(house.now() + HOUR_MS), moved(2, 'B1'));
    expect(house.view('running').stays).toMatchObject([{ n: 2, tankCode: 'B1', untilMs: T0 + HOUR_MS }]);
    house.wait(2 * HOUR_MS);
    expect(house.view('today').due.filter(({ rule }) => rule === 'fish-out')).toMatchObject([{ facts: { n: 2, tankCode: 'B1' } }]);
    // More of them may join those for whom there is an hour; when all are out it is over.
    house.must(KEEPER, moved(1, 'B1'));
    house.must(KEEPER, { kind: 'stock.moved', payload: { moves: [{ lot: 'fire', from: 'B1', to: 'G1', n: 3 }] } });
    expect(house.view('running').stays).toEqual([]);
    expect(house.view('today').due.filter(({ rule }) => rule === 'fish-out')).toEqual([]);
    expect(house.codes(KEEPER, moved(1, 'B1'))).toEqual(['stay.needed']);
  });

  it('cannot vanish with fish in it, and is gone when it is empty', () => {
    house.must(KEEPER, stayLimit(house.now() + HOUR_MS), moved(2, 'B1'));
    const gone: Said = { kind: 'thing.retired', payload: { what: 'tank', id: 'B1' } };
    expect(house.codes(LEAD, gone)).toEqual(['tank.notEmpty']);
    house.must(KEEPER, { kind: 'stock.moved', payload: { moves: [{ lot: 'fire', from: 'B1', to: 'G1', n: 2 }] } });
    house.must(LEAD, gone);
    expect(tank('B1').tank).toBeUndefined();
    house.wait(1000);
    expect(house.codes(KEEPER, stayLimit(house.now() + HOUR_MS), moved(2, 'B1'))).toEqual(['tank.retired']);
    // The same arrangement twice is refused with words, not broken.
    expect(house.codes(KEEPER, stayLimit(T0 + HOUR_MS))).toEqual(['id.taken']);
    expect(house.codes(LEAD, { kind: 'thing.retired', payload: { what: 'rack', id: 'back' } })).toEqual(['thing.inUse']);
  });
});

it('tells of a lot where it was, what it was cut from, and who shared system with it', () => {
  house.must(LEAD, stock('other', 'G2', 'banggai-cardinalfish'));
  house.wait(HOUR_MS);
  house.must(KEEPER, {
    kind: 'lot.split',
    payload: { lot: 'fire', child: 'one', label: 'the bold one', place: 'G1', n: 1, why: 'followed singly', quarantine: 'hold-one' },
  });
  house.wait(HOUR_MS);
  house.must(LEAD, {
    kind: 'stock.moved',
    payload: { moves: [{ lot: 'one', from: 'G1', to: 'C1', n: 1 }] },
    overrules: [{ code: 'fit.saleBeforeQuarantine', reason: 'shown for an hour' }],
  });
  const view = lot('one');
  expect(view.been.map(({ name, as }) => `${name} ${as ?? ''}`)).toEqual(['G1 green-chromis', 'G1 ', 'C1 ']);
  expect(view.lot).toMatchObject({ cutFrom: [{ lot: 'fire', n: 1, how: 'cut' }], inHouse: 1 });
  expect(view.shared.map((sharing) => sharing.label)).toContain('banggai-cardinalfish');
  expect(lot().lot!.cutInto).toMatchObject([{ lot: 'one' }]);
  expect(lot('nobody').lot).toBeUndefined();
});

it('finds fish by species, tank, crate, supplier and customer, letters wrong or not', () => {
  bringCrate(house);
  house.must(KEEPER, { kind: 'lot.promised', payload: { promise: 'p', lot: 'fire', n: 2, forWhom: 'Mossbank school' } });
  const hits = (q: string) => house.view('find', { q }).hits.map(({ what, name, lots }) => `${what} ${name} ${lots.length}`);
  expect(hits('green cromis')).toContain('lot green chromis 2');
  expect(hits('g1')[0]).toBe('tank G1 1');
  expect(hits('crate-1')).toContain('crate crate-1 2');
  expect(hits('yard')).toContain('supplier Yard 2');
  expect(hits('mossbank')).toContain('customer Mossbank school 1');
  expect([hits(''), hits('zzzzzz'), hits('%')]).toEqual([[], [], expect.anything()]);
});
