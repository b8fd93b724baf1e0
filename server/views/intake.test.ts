import { HOUR_MS } from '#core/time/index.ts';
import { bringCrate, furnish, KEEPER, LEAD, makeTestHouse, T0, TRAINEE, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => void (house = furnish(makeTestHouse())));
afterEach(() => house.close());

const taught = (heading: string, heard: string, species = 'firefish'): Said => ({
  kind: 'supplier.taught',
  payload: { supplier: 'yard', columns: [{ heading, field: 'count' }], names: [{ heard, species }] },
});
const supplier = () => house.view('intake').suppliers.find(({ id }) => id === 'yard')!;

it('remembers how a supplier writes; of one heading or name the latest word counts', () => {
  house.must(KEEPER, taught('Stück', 'fire goby'));
  house.wait(1000);
  house.must(KEEPER, taught('STÜCK', 'Fire gobies', 'comet'), taught('Heads', 'chromi', 'green-chromis'));
  expect(supplier().taught).toEqual({
    columns: [
      { heading: 'STÜCK', field: 'count' },
      { heading: 'Heads', field: 'count' },
    ],
    names: [
      { heard: 'Fire gobies', species: 'comet' },
      { heard: 'chromi', species: 'green-chromis' },
    ],
  });
});

it('forgets what was undone, and learns of no species or supplier that is not there', () => {
  const act = house.must(KEEPER, taught('Stück', 'fire goby'));
  house.must(KEEPER, { kind: 'entry.reversed', payload: { act } });
  expect(supplier().taught).toEqual({ columns: [], names: [] });
  expect(house.codes(KEEPER, taught('Stück', 'x', 'dodo'))).toEqual(['unknown']);
  expect(house.codes(TRAINEE, taught('Stück', 'fire goby'))).toEqual(['role']);
});

it('expects fish that nobody could name, without length or water, and free heads among them', () => {
  house.must(KEEPER, {
    kind: 'crate.expected',
    payload: {
      crate: 'c',
      label: 'Foreign list',
      supplier: 'yard',
      packedAtMs: T0 - HOUR_MS,
      promisedAtMs: T0,
      stated: {},
      lots: [{ lot: 'l', label: 'red gobi mix', heardAs: 'red gobi mix', origin: 'unknown' }],
      bags: [{ bag: 'b', label: 'bag 1', box: 1, lot: 'l', n: 7, free: 1 }],
    },
  });
  const [bag] = house.view('dock').crates.find(({ crate }) => crate === 'c')!.bags;
  expect(bag).toMatchObject({ listed: 7, free: 1, heardAs: 'red gobi mix', lotLabel: 'red gobi mix' });
  expect(bag!.waterL).toBeUndefined();
  expect(house.view('stream').expected).toBe(7);
});

it('refuses more free heads than heads', () => {
  bringCrate(house, 'crate-1', false);
  const { outcome } = house.write(LEAD, {
    kind: 'crate.expected',
    payload: {
      crate: 'd',
      label: 'd',
      supplier: 'yard',
      packedAtMs: T0,
      promisedAtMs: T0,
      stated: {},
      lots: [{ lot: 'm', label: 'm', species: 'comet', origin: 'wild' }],
      bags: [{ bag: 'e', label: 'bag 1', box: 1, lot: 'm', n: 1, free: 2 }],
    },
  });
  expect(outcome).toMatchObject({ ok: false, refusals: [{ code: 'crate.badList', path: 'entries.0.payload.bags.0.free' }] });
});
