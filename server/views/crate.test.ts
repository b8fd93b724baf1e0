// One crate on one page: every fish that came stands in it once, whatever became of it.
import { assign, bringCrate, float, furnish, KEEPER, land, makeTestHouse, quarantine, release, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
});
afterEach(() => house.close());
const report = (crate = 'crate-1') => house.view('crate', { crate });
const lot = (name: string) => report().lots.find(({ lot }) => lot === `crate-1-${name}`)!;

it('tells the way of each bag, where its fish are, and what became of the others; their sum is what came', () => {
  house.must(KEEPER, land(1, { alive: 3, dead: 1 }), assign(1), float(1));
  house.must(KEEPER, quarantine(), release(1, { alive: 3 }));
  house.must(KEEPER, land(2));
  house.must(KEEPER, {
    kind: 'loss.recorded',
    payload: { lot: 'crate-1-fire', place: 'G1', n: 1, cause: 'not known', sure: 'guess' },
  });
  expect(lot('fire')).toMatchObject({
    listed: 6,
    alive: 5,
    dead: 1,
    ways: [{ way: 'float, net', bags: 1 }],
    here: [
      { name: 'G1', n: 2, isTank: true },
      { name: 'bag 2', n: 2, isTank: false },
    ],
    out: [{ place: 'died', n: 2 }],
    clock: { clear: 0, required: 28 },
  });
  for (const { alive, dead, here, out } of report().lots) expect([...here, ...out].reduce((sum, { n }) => sum + n, 0)).toBe(alive + dead);
  expect(report().crate).toMatchObject({ label: 'crate-1', supplier: 'Yard', claim: 'open', arrived: { by: 'Bram' } });
});

it('of a crate that is on its way it tells the list, of none nothing', () => {
  bringCrate(house, 'crate-2', false);
  expect(report('crate-2').crate!.arrived).toBeUndefined();
  expect(report('crate-2').lots.map(({ listed, alive, here }) => [listed, alive, here])).toEqual([
    [6, 0, []],
    [6, 0, []],
  ]);
  expect(report('nowhere')).toMatchObject({ lots: [] });
  expect(report('').crate).toBeUndefined();
});
