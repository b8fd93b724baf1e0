import { v7 } from 'uuid';
import { DAY_MS } from '#core/time/index.ts';
import { makeHealth } from '../health.ts';
import {
  assign,
  bringCrate,
  float,
  furnish,
  quarantine,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  release,
  T0,
  TRAINEE,
  undo,
  type TestHouse,
} from '../testHouse.ts';
import { checkReplay } from './replay.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
});
afterEach(() => {
  expect(makeHealth(house)()).toMatchObject({ ok: true, balance: 0 });
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const stream = () => {
  const { seq: _seq, lost7: _lost, ...counts } = house.view('stream');
  return counts;
};

describe('undo', () => {
  it('takes a whole act back and leaves the records as they were', () => {
    const before = stream();
    const act = house.must(KEEPER, land(1, { alive: 3, dead: 1 }));
    house.must(KEEPER, undo(act));
    expect(stream()).toEqual(before);
    expect(house.view('stream').lost7).toBe(0);
    expect(house.view('logbook').acts.find(({ actId }) => actId === act)!.undone).toEqual({ by: 'Bram', atMs: T0 });
    expect(house.codes(KEEPER, land(1))).toEqual([]);
  });

  it('is refused twice, of an undo, by another keeper, and after a day', () => {
    const act = house.must(KEEPER, land(1));
    expect(house.codes(TRAINEE, undo(act))).toEqual(['undo.notYours']);
    const second = house.must(KEEPER, land(2));
    const undone = house.must(LEAD, undo(act));
    expect(house.codes(LEAD, undo(act))).toEqual(['undo.twice']);
    expect(house.codes(LEAD, undo(undone))).toEqual(['undo.ofUndo']);
    house.wait(DAY_MS + 1);
    expect(house.codes(KEEPER, undo(second))).toEqual(['undo.tooLate']);
    expect(house.codes(LEAD, undo(second))).toEqual([]);
    expect(house.codes(LEAD, undo(v7()))).toEqual(['unknown']);
  });

  it('says what must be undone first', () => {
    const landing = house.must(KEEPER, land(1));
    const chosen = house.must(KEEPER, assign(1));
    const floating = house.must(KEEPER, float(1));
    expect(house.codes(KEEPER, undo(chosen))).toEqual(['undo.needed']);
    const out = house.must(KEEPER, quarantine(), release(1));
    expect(house.write(KEEPER, undo(landing)).outcome).toMatchObject({
      refusals: [{ code: 'undo.needed', facts: { first: [{ actId: floating }, { actId: out }] } }],
    });
    expect(house.codes(KEEPER, undo(floating))).toEqual(['undo.needed']);
    house.must(KEEPER, undo(out));
    house.must(KEEPER, undo(floating));
    house.must(KEEPER, undo(landing));
    expect(stream()).toMatchObject({ expected: 12, inHouse: 0, dock: 0 });
  });

  it('is refused when the fish have gone on, naming the place', () => {
    house.must(KEEPER, land(1), assign(1));
    const out = house.must(KEEPER, quarantine(), release(1, { floatId: undefined }));
    house.must(KEEPER, { kind: 'stock.moved', payload: { moves: [{ lot: 'crate-1-fire', from: 'G1', to: 'returned', n: 2 }] } });
    expect(house.write(KEEPER, undo(out)).outcome).toMatchObject({
      refusals: [{ code: 'stock.short', facts: { place: 'G1', missing: 2 } }],
    });
  });

  it('of what set the house up is a further entry instead', () => {
    const act = house.must(LEAD, { kind: 'rack.added', payload: { rack: 'r2', room: 'x', name: 'R2', walk: 2 } });
    expect(house.codes(LEAD, undo(act))).toEqual(['undo.never']);
  });

  it('corrects in one act: undo, write anew', () => {
    const wrong = house.must(KEEPER, land(1));
    house.must(KEEPER, undo(wrong), land(1, { alive: 3, dead: 1, quality: 'counted' }));
    expect(stream()).toMatchObject({ dock: 3 });
    expect(house.codes(KEEPER, land(2), undo(wrong))).toContain('undo.twice');
  });
});
