// Out of the house: to people only what is cleared, never what is promised to others; a promise is kept or lifted.
import { furnish, quarantine, KEEPER, LEAD, makeTestHouse, stock, type Said, type TestHouse } from '../testHouse.ts';
import { checkReplay } from './replay.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fish', 'G1', 'firefish', 4));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
type To = 'sold' | 'given' | 'returned' | 'culled' | 'put-down';
const out = (to: To, n: number): Said => ({ kind: 'stock.moved', payload: { moves: [{ lot: 'fish', from: 'G1', to, n }] } });
const promised = (n: number): Said => ({ kind: 'lot.promised', payload: { promise: 'p', lot: 'fish', n, forWhom: 'a school' } });
const lifted: Said = { kind: 'promise.lifted', payload: { promise: 'p', lot: 'fish', why: 'fetched' } };
const left = () => house.view('lot', { lot: 'fish' });

it('fish in quarantine are neither sold nor given; they go back, or are put down', () => {
  house.must(KEEPER, quarantine('fish'));
  expect(house.codes(KEEPER, out('sold', 1))).toEqual(['out.inQuarantine']);
  expect(house.codes(KEEPER, out('given', 1))).toEqual(['out.inQuarantine']);
  house.must(KEEPER, out('returned', 1), out('put-down', 1));
  expect(left().left).toEqual(expect.arrayContaining([expect.objectContaining({ place: 'put-down', n: 1 })]));
  house.must(LEAD, { ...out('sold', 1), overrules: [{ code: 'out.inQuarantine', reason: 'to a vet' }] });
});

it('what is promised stays until it is fetched or not wanted', () => {
  house.must(KEEPER, promised(3), out('sold', 1));
  expect(house.codes(KEEPER, out('sold', 1))).toEqual(['out.promised']);
  expect(left().lot!.promised).toEqual([{ promise: 'p', n: 3, forWhom: 'a school' }]);
  expect(house.view('stream').promised).toBe(3);
  // Fetched: the promise and its fish go in one act.
  house.must(KEEPER, lifted, out('sold', 3));
  expect(left().lot!.promised).toEqual([]);
  expect(house.view('stream')).toMatchObject({ promised: 0, cleared: 0 });
  expect(house.codes(KEEPER, lifted)).toEqual(['unknown']);
});
