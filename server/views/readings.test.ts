// The readings of one system: of each quantity the latest few, newest first, what was undone not among them.
import { furnish, KEEPER, makeTestHouse, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
});
afterEach(() => house.close());

const read = (quantity: 'pH' | 'nitrite', value: number): Said => ({
  kind: 'reading.taken',
  payload: {
    subject: { kind: 'system', id: 'salt' },
    quantity,
    reading: { value, typed: String(value), method: 'test', source: 'measured' },
  },
});

it('gives the latest six of each, and nothing for a system that is none', () => {
  for (let turn = 0; turn < 8; turn += 1) {
    house.wait(60_000);
    house.must(TRAINEE, read('pH', 8 + turn / 10));
  }
  const act = house.must(KEEPER, read('nitrite', 0.3), read('pH', 9));
  house.must(KEEPER, undo(act));
  const { system, readings } = house.view('readings', { system: 'salt' });
  expect(system).toMatchObject({ id: 'salt', type: 'marine' });
  expect(readings.map(({ quantity, latest }) => [quantity, latest.map(({ value }) => value)])).toEqual([
    ['pH', [8.7, 8.6, 8.5, 8.4, 8.3, 8.2]],
  ]);
  expect(house.view('readings', { system: 'nowhere' })).toMatchObject({ readings: [] });
});
