import type { RoundTank } from '#contract/views.ts';
import { DAY_MS, HOUR_MS, parseLocal } from '#core/time/index.ts';
import {
  assign,
  bringCrate,
  furnish,
  quarantine,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  check,
  release,
  stock,
  TODAY,
  T0,
  undo,
  type Said,
  type TestHouse,
} from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => (house = furnish(makeTestHouse())));
afterEach(() => house.close());

describe('rounds', () => {
  const tanks = (query = {}) => house.view('rounds', query).tanks.map(({ code }) => code);
  const tank = (code: string): RoundTank => house.view('rounds').tanks.find((tank) => tank.code === code)!;
  beforeEach(() =>
    house.must(LEAD, stock('a', 'G1'), stock('b', 'G2', 'green-chromis'), stock('c', 'F1', 'cherry-barb'), stock('v', 'V1')),
  );

  it('walks the tanks that quarantine fish, ours only', () => expect(tanks()).toEqual(['G1', 'G2', 'F1']));

  it('each round knows what is left to check, and a look undone is left again', () => {
    const act = house.must(KEEPER, check('G1'));
    house.must(KEEPER, check('G1', { round: 'evening' }), check('G2', { round: 'evening' }));
    expect(house.view('rounds')).toMatchObject({ round: 'morning', current: 'morning', left: { morning: 2, evening: 1 } });
    expect(house.view('rounds', { round: 'evening' })).toMatchObject({ round: 'evening', current: 'morning' });
    expect(tank('G1')).toMatchObject({ checkedBy: 'Bram', allWell: true });
    house.must(KEEPER, undo(act));
    expect(house.view('rounds').left).toEqual({ morning: 3, evening: 1 });
  });

  it('restarts in the evening and on the next house day', () => {
    house.must(KEEPER, check('G1'));
    house.wait(parseLocal('2026-03-03T14:00', 'Europe/Lisbon') - T0);
    expect(house.view('rounds')).toMatchObject({ round: 'evening', left: { morning: 2, evening: 3 } });
    house.wait(10 * HOUR_MS);
    expect(house.view('rounds')).toMatchObject({ day: TODAY + 1, round: 'morning', left: { morning: 3, evening: 3 } });
  });

  it('walks the whole water last when one tank on it shows illness, for a week', () => {
    house.must(KEEPER, check('G1', { allWell: false, lots: [{ lot: 'a', expected: 3, seen: null, signs: [{ sign: 'white spots' }] }] }));
    expect(tanks()).toEqual(['F1', 'G1', 'G2']);
    expect(tank('G1')).toMatchObject({ suspect: true, odd: [{ signs: ['white spots'], missing: 0, died: 0 }] });
    expect(tank('G2')).toMatchObject({ suspect: true, odd: [] });
    house.wait(3 * DAY_MS);
    expect(tank('G1')).toMatchObject({ suspect: true, odd: [] });
    house.wait(4 * DAY_MS);
    expect(tanks()).toEqual(['G1', 'G2', 'F1']);
  });

  it('an unexplained death makes suspect, a jump does not; both are shown', () => {
    const lose = (lot: string, place: string, cause: 'jumped' | 'not known'): Said => ({
      kind: 'loss.recorded',
      payload: { lot, place, n: 1, cause, sure: 'guess' },
    });
    house.must(KEEPER, lose('a', 'G1', 'jumped'));
    expect(tank('G1')).toMatchObject({ suspect: false, odd: [{ died: 1 }] });
    house.must(KEEPER, lose('c', 'F1', 'not known'));
    expect(tank('F1')).toMatchObject({ suspect: true, odd: [{ died: 1 }] });
  });

  it('fast breathing right after arrival is expected', () => {
    bringCrate(house);
    house.must(KEEPER, land(3), assign(3));
    house.must(KEEPER, quarantine('crate-1-chromis'), release(3, { floatId: undefined }));
    const breathing: Said = check('G1', {
      allWell: false,
      lots: [{ lot: 'crate-1-chromis', expected: 6, seen: null, signs: [{ sign: 'fast breathing' }] }],
    });
    house.must(KEEPER, breathing);
    expect(tank('G1').suspect).toBe(false);
  });

  it('shows the last meal of each lot', () => {
    const feed = (food: string, agoMs: number): Said => ({
      kind: 'lot.fed',
      occurredAtMs: T0 - agoMs,
      payload: { tank: 'G1', lot: 'a', food, response: 'tasted' },
    });
    house.must(KEEPER, feed('mysis', 1000), feed('flake', 5000));
    expect(tank('G1').lots[0]!.lastFed).toEqual({ food: 'mysis', response: 'tasted', atMs: T0 - 1000 });
  });

  it('counts days since a lot last ate, from its release before that, and flags by class', () => {
    bringCrate(house);
    house.must(KEEPER, land(3), assign(3));
    house.must(KEEPER, quarantine('crate-1-chromis'), release(3, { floatId: undefined }));
    const fast = () => tank('G1').lots.find(({ lot }) => lot === 'crate-1-chromis')!.fast;
    const feed = (response: 'tasted' | 'ate'): Said => ({
      kind: 'lot.fed',
      payload: { tank: 'G1', lot: 'crate-1-chromis', food: 'mysis', response },
    });
    expect(fast()).toEqual({ days: 0, allowedDays: 3, hungry: false, first: true });
    house.wait(3 * DAY_MS);
    house.must(KEEPER, feed('tasted'));
    expect(fast()).toMatchObject({ days: 3, hungry: true, first: true });
    house.must(KEEPER, feed('ate'));
    expect(fast()).toMatchObject({ days: 0, hungry: false, first: false });
    // Fish that were there before the records began have fasted since then as far as anybody knows.
    expect(tank('G1').lots.find(({ lot }) => lot === 'a')!.fast).toMatchObject({ days: 3, first: true });
  });

  it('takes how many ate and what was left, but not that some ate what all ignored', () => {
    const fed = (more: object): Said => ({
      kind: 'lot.fed',
      payload: { tank: 'G1', lot: 'a', food: 'mysis', response: 'ignored', ...more },
    });
    expect(house.codes(KEEPER, fed({ ate: 2 }))).toEqual(['fed.contradicts']);
    expect(house.codes(KEEPER, fed({ leftovers: 'much' }), fed({ response: 'ate', ate: 2, leftovers: 'none' }))).toEqual([]);
  });
});
