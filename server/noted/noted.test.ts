// Notes about fish that are well: seen where they stand, of no more than there are, the latest opinion holds and the history stays.
import { HOUR_MS } from '#core/time/index.ts';
import type { Arranged, Behaviour } from '#core/noted/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fire', 'C1', 'firefish', 4));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const seen = (what: Behaviour[], tank = 'C1'): Said => ({ kind: 'behaviour.seen', payload: { tank, lot: 'fire', what } });
const sexed = (males: number, females: number): Said => ({ kind: 'lot.sexed', payload: { lot: 'fire', males, females, sure: 'likely' } });
const arranged = (did: Arranged[], tank = 'C1'): Said => ({ kind: 'tank.arranged', payload: { tank, did } });
const lot = () => house.view('lot', { lot: 'fire' }).lot!;

it('behaviour is of fish that stand there, each word once; elsewhere only with a reason', () => {
  house.must(TRAINEE, seen(['courting', 'holds a place']));
  expect(lot().behaviours).toMatchObject([{ what: ['courting', 'holds a place'], by: 'Pia', tankCode: 'C1' }]);
  expect(house.codes(TRAINEE, seen(['courting', 'courting']))).toEqual(['noted.twice']);
  expect(house.codes(TRAINEE, seen(['courting'], 'G1'))).toEqual(['noted.notThere']);
  expect(house.codes(KEEPER, { ...seen(['courting'], 'G1'), overrules: [{ code: 'noted.notThere', reason: 'it jumped over' }] })).toEqual(
    [],
  );
});

it('of males and females the latest opinion holds, no more than there are, and an undone one is none', () => {
  expect(lot().sexed).toBeUndefined();
  house.wait(3 * HOUR_MS);
  expect(house.codes(TRAINEE, sexed(3, 2))).toEqual(['noted.moreThanThere']);
  house.must(TRAINEE, sexed(2, 0));
  house.wait(HOUR_MS);
  const { act } = house.write(KEEPER, sexed(1, 2));
  expect(lot().sexed).toMatchObject({ males: 1, females: 2, by: 'Bram', sure: 'likely' });
  house.must(KEEPER, undo(act.actId));
  expect(lot().sexed).toMatchObject({ males: 2, females: 0 });
  // Late, it does not speak over what was seen after it.
  house.must(KEEPER, { ...sexed(0, 4), occurredAtMs: house.now() - 2 * HOUR_MS });
  expect(lot().sexed).toMatchObject({ males: 2 });
});

it('a tank is arranged and tells it; not both ways at once, and no bucket', () => {
  house.must(TRAINEE, arranged(['hides added', 'rocks moved']));
  expect(house.view('tank', { tank: 'C1' }).arrangements).toMatchObject([{ did: ['hides added', 'rocks moved'], by: 'Pia' }]);
  expect(house.codes(TRAINEE, arranged(['bare now', 'sand or gravel added']))).toEqual(['noted.against']);
  expect(house.codes(TRAINEE, arranged(['rocks moved'], 'nowhere'))).toEqual(['unknown']);
  const box = { ...house.view('house').tanks.find(({ id }) => id === 'C1')! };
  house.must(LEAD, {
    kind: 'tank.added',
    payload: {
      tank: 'box-1',
      rack: box.rack,
      system: box.system,
      code: 'Box 1',
      volumeL: 2,
      purpose: box.purpose,
      lid: true,
      row: 1,
      column: 9,
      vessel: 'box',
      hangsIn: 'C1',
    },
  });
  expect(house.codes(TRAINEE, arranged(['rocks moved'], 'box-1'))).toEqual(['noted.notOfTank']);
});
