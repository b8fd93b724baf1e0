// A shift handed over and taken over: by somebody else, once; and what is told begins where the last one that was taken over ended.
import { HOUR_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import {
  assign,
  bringCrate,
  check,
  float,
  furnish,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  stock,
  TRAINEE,
  undo,
  type Said,
  type TestHouse,
} from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const hand = (shift: string, worries?: string): Said => ({ kind: 'shift.handed', payload: { shift, ...(worries ? { worries } : {}) } });
const take = (shift: string): Said => ({ kind: 'shift.taken', payload: { shift } });
const page = () => house.view('handover');
const kindsTold = () => page().happened.map(({ kind }) => kind);

it('is taken over by another, once, and says by whom', () => {
  house.must(KEEPER, hand('shift-1', 'the heater hums'));
  expect(house.codes(KEEPER, take('shift-1'))).toEqual(['shift.own']);
  expect(house.codes(TRAINEE, take('shift-1'))).toEqual(['role']);
  expect(house.codes(LEAD, take('shift-9'))).toEqual(['unknown']);
  expect(page().last).toMatchObject({ by: 'Bram', worries: 'the heater hums' });
  expect(page().last!.taken).toBeUndefined();
  const act = house.must(LEAD, take('shift-1'));
  expect(house.codes(LEAD, take('shift-1'))).toEqual(['shift.takenAlready']);
  expect(page().last!.taken).toMatchObject({ by: 'Ines' });
  house.must(LEAD, undo(act));
  expect(page().last!.taken).toBeUndefined();
});

it('tells what was recorded since the last one that was taken over, as a second count of the journal has it', () => {
  bringCrate(house);
  house.must(LEAD, stock('old', 'G1'));
  house.must(KEEPER, hand('shift-1'));
  house.must(LEAD, take('shift-1'));
  const from = house.store.latestSeq();
  house.wait(HOUR_MS);
  house.must(KEEPER, land(1), assign(1), float(1));
  house.must(KEEPER, check('G1'));
  const undone = house.must(KEEPER, land(2));
  house.must(KEEPER, undo(undone));
  // Handed over and not taken: the next one covers both.
  house.must(KEEPER, hand('shift-2'));
  house.must(KEEPER, land(3));
  const plain = house.client
    .prepare(
      "select kind from entry where seq > ? and kind in ('bag.landed', 'bag.assigned') and act_id not in (select act from p_reversal) order by seq desc",
    )
    .all(from) as { kind: string }[];
  expect(kindsTold()).toEqual(plain.map(({ kind }) => kind));
  expect(kindsTold()).toEqual(['bag.landed', 'bag.assigned', 'bag.landed']);
  expect(page()).toMatchObject({ counted: { checks: 1, meals: 0 }, floats: [{ n: 4 }] });
  expect(page().due.every(({ fromMs }) => fromMs <= house.now())).toBe(true);
  house.must(LEAD, take('shift-2'));
  expect(kindsTold()).toEqual(['bag.landed']);
});

it('with nothing handed over yet it tells a day, and a house without entries nothing', () => {
  bringCrate(house);
  expect(kindsTold()).toContain('crate.expected');
  house.wait(25 * HOUR_MS);
  expect(kindsTold()).toEqual([]);
  expect(page().last).toBeUndefined();
});
