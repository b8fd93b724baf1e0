// What is kept of a loss: what was said of the body, when it was last seen well; and the test of the water that is asked for after it.
import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { check, furnish, KEEPER, LEAD, makeTestHouse, stock, TODAY, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fire', 'G1', 'firefish', 4));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
type Loss = Extract<Said, { kind: 'loss.recorded' }>['payload'];
const loss = (more: Partial<Loss> = {}): Said => ({
  kind: 'loss.recorded',
  payload: { lot: 'fire', place: 'G1', n: 1, cause: 'not known', sure: 'guess', ...more },
});
const ammonia = (system = 'salt'): Said => ({
  kind: 'reading.taken',
  payload: {
    subject: { kind: 'system', id: system },
    quantity: 'ammonia',
    reading: { value: 0.1, typed: '0.1', method: 'meter', source: 'measured' },
  },
});
const lost = () => house.view('tank', { tank: 'G1' }).losses;
const tests = () => house.view('today').due.filter(({ rule }) => rule === 'death-test');

it('keeps where it lay, what it shows, who examined it and where it went', () => {
  const body: Partial<Loss> = {
    found: 'in the filter',
    signs: ['white spots'],
    examined: 'from outside',
    disposed: 'burnt',
    note: 'swollen',
  };
  house.must(TRAINEE, loss({ ...body, cause: 'illness', sure: 'examined' }));
  expect(lost()).toMatchObject([{ ...body, cause: 'illness', sure: 'examined' }]);
  // A cause that nobody examined is a guess.
  expect(house.codes(KEEPER, loss({ sure: 'examined', cause: 'illness', examined: 'not examined' }))).toEqual(['loss.notExamined']);
  expect(house.codes(KEEPER, loss({ sure: 'likely', cause: 'illness', examined: 'not examined' }))).toEqual([]);
});

it('says by itself when it was last seen well: not in a check that said something odd of it, nor before it came', () => {
  house.wait(HOUR_MS);
  house.must(TRAINEE, check('G1'));
  const wellMs = house.now();
  house.wait(HOUR_MS);
  house.must(
    TRAINEE,
    check('G1', { allWell: false, day: TODAY, lots: [{ lot: 'fire', expected: 4, seen: null, signs: [{ sign: 'hiding' }] }] }),
  );
  house.wait(HOUR_MS);
  house.must(TRAINEE, loss());
  expect(lost()[0]).toMatchObject({ wellMs });
  // Newcomers were never seen well here.
  house.wait(HOUR_MS);
  house.must(LEAD, stock('new', 'G1', 'green-chromis', 2));
  house.wait(HOUR_MS);
  house.must(TRAINEE, loss({ lot: 'new' }));
  expect(lost()[0]!.lot).toBe('new');
  expect(lost()[0]!.wellMs).toBeUndefined();
});

it('asks for the ammonia of its water until that is tested; not of one that jumped, nor for ever', () => {
  house.must(TRAINEE, ammonia());
  house.wait(HOUR_MS);
  const first = house.must(TRAINEE, loss());
  house.wait(HOUR_MS);
  house.must(TRAINEE, loss());
  expect(tests()).toMatchObject([{ facts: { tankCode: 'G1' } }]);
  house.must(TRAINEE, undo(first));
  expect(tests()).toHaveLength(1);
  house.must(TRAINEE, ammonia('reef'));
  expect(tests()).toHaveLength(1);
  house.must(TRAINEE, ammonia());
  expect(tests()).toEqual([]);
  house.wait(HOUR_MS);
  house.must(TRAINEE, loss({ cause: 'jumped' }));
  expect(tests()).toEqual([]);
  house.must(TRAINEE, loss());
  expect(tests()).toHaveLength(1);
  house.wait(2 * DAY_MS + HOUR_MS);
  expect(tests()).toEqual([]);
});
