// What a lead says of a loss later counts for everything that is judged by its cause, as it does for the clocks.
import {
  assign,
  bringCrate,
  float,
  furnish,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  quarantine,
  release,
  type TestHouse,
} from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(KEEPER, land(1), assign(1), float(1));
  house.must(KEEPER, quarantine(), release(1));
});
afterEach(() => house.close());

const isSuspect = () =>
  house
    .view('room')
    .racks.flatMap(({ tanks }) => tanks)
    .find(({ id }) => id === 'G1')!.suspect;
const illOn = () =>
  house
    .view('room', { bag: 'crate-1-bag3' })
    .racks.flatMap(({ tanks }) => tanks)
    .find(({ id }) => id === 'G1')!
    .reasons!.map(({ code }) => code);
function lose(cause: 'not known' | 'jumped'): string {
  const { act } = house.write(KEEPER, { kind: 'loss.recorded', payload: { lot: 'crate-1-fire', place: 'G1', n: 1, cause, sure: 'guess' } });
  return act.entries[0]!.id;
}
const say = (loss: string, cause: 'illness' | 'jumped') =>
  house.must(LEAD, { kind: 'loss.classed', payload: { loss, cause, sure: 'examined', why: 'looked at under the microscope' } });

it('a death that turns out to be a jump makes nothing suspect any more', () => {
  const loss = lose('not known');
  expect(isSuspect()).toBe(true);
  say(loss, 'jumped');
  expect(isSuspect()).toBe(false);
});

it('a death that turns out to be illness makes its system suspect, and costs whoever comes there', () => {
  const loss = lose('jumped');
  expect(isSuspect()).toBe(false);
  const before = illOn();
  say(loss, 'illness');
  expect(isSuspect()).toBe(true);
  expect(illOn().length).toBeGreaterThan(before.length);
});
