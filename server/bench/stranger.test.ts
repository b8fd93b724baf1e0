// Of a species nobody wrote down more than its name and its water: its bag stands on the bench, its salinity is measured first, and nothing breaks.
import { bringCrate, furnish, KEEPER, land, LEAD, makeTestHouse, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(KEEPER, {
    kind: 'species.added',
    payload: { species: 'tang', common: 'tang', alsoCalled: [], water: ['marine'], is: 'fish', neverWith: [], sources: [] },
  });
});
afterEach(() => house.close());

it('every view of its bag is drawn', () => {
  bringCrate(house);
  house.must(LEAD, land(1));
  house.must(LEAD, {
    kind: 'lot.named',
    payload: { lot: 'crate-1-fire', species: 'tang', label: 'tang' },
    overrules: [{ code: 'lot.isNamed', reason: 'seen' }],
  });
  house.must(KEEPER, { kind: 'bag.assigned', payload: { bag: 'crate-1-bag1', lot: 'crate-1-fire', tank: 'G1' } });
  const bag = house.view('bench').bags.find(({ bag }) => bag === 'crate-1-bag1')!;
  expect(bag.kind).toEqual({ is: 'fish', water: ['marine'] });
});
