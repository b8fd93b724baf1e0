import { furnish, hold, KEEPER, LEAD, makeTestHouse, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';
import { checkReplay } from './replay.ts';

const DAY_MS = 86_400_000;
const signOff = (more: Partial<Said> = {}): Said =>
  ({ kind: 'hold.signedOff', payload: { hold: 'hold-fish', lot: 'fish' }, ...more }) as Said;
const toSale: Said = { kind: 'stock.moved', payload: { moves: [{ lot: 'fish', from: 'G1', to: 'C1', n: 3 }] } };
let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fish', 'G1'), hold('fish'));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});

it('is signed off by a keeper on the day its days are over, not before; then the fish may go on sale', () => {
  house.wait(27 * DAY_MS);
  expect(house.codes(KEEPER, signOff())).toEqual(['hold.notOver']);
  expect(house.codes(KEEPER, toSale)).toEqual(['fit.saleBeforeHold']);
  expect(house.view('stream')).toMatchObject({ hold: 3, cleared: 0 });
  house.wait(DAY_MS);
  expect(house.codes(TRAINEE, signOff())).toEqual(['role']);
  house.must(KEEPER, signOff());
  expect(house.view('stream')).toMatchObject({ hold: 0, cleared: 3 });
  expect(house.view('room').racks[0]!.tanks.find(({ code }) => code === 'G1')!.occupants[0]).not.toHaveProperty('hold.id');
  house.must(KEEPER, toSale);
});

it('is ended early by a lead with a reason, once, and that is taken back like anything else', () => {
  const overrules = [{ code: 'hold.notOver' as const, reason: 'their tank leaks' }];
  expect(house.codes(KEEPER, signOff({ overrules }))).toEqual(['hold.notOver']);
  const act = house.must(LEAD, signOff({ overrules }));
  expect(house.codes(LEAD, signOff({ overrules }))).toEqual(['hold.notOpen']);
  house.must(LEAD, undo(act));
  expect(house.view('stream')).toMatchObject({ hold: 3, cleared: 0 });
});
