import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import { STAGES } from '#core/stock/index.ts';
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
  type TestHouse,
  stock,
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

it('takes a bag from the dock to its tank, each head at one stage all the way', () => {
  expect(stream()).toMatchObject({ expected: 12, inHouse: 0 });
  house.must(KEEPER, land(1));
  expect(stream()).toMatchObject({ expected: 8, dock: 4, inHouse: 4 });
  house.must(KEEPER, assign(1));
  house.must(KEEPER, float(1));
  expect(stream()).toMatchObject({ dock: 0, bench: 4, inHouse: 4 });
  house.must(KEEPER, quarantine(), release(1, { alive: 3, dead: 1 }));
  expect(stream()).toMatchObject({ bench: 0, quarantine: 3, inHouse: 3 });
  expect(house.view('stream').lost7).toBe(1);
  house.must(LEAD, { kind: 'stock.moved', payload: { moves: [{ lot: 'crate-1-fire', from: 'G1', to: 'returned', n: 1 }] } });
  expect(STAGES.reduce((sum, stage) => sum + house.view('stream')[stage], 0)).toBe(2);
});

it('tells the second receiver who landed the bag and when', () => {
  house.must(KEEPER, land(1));
  const { outcome } = house.write(TRAINEE, land(1));
  expect(outcome).toMatchObject({
    ok: false,
    refusals: [{ code: 'bag.alreadyLanded', path: 'entries.0.payload.bag', facts: { bag: 'bag 1', by: 'Bram', atMs: T0 } }],
  });
});

it('writes all of an act or none of it', () => {
  expect(house.codes(KEEPER, land(1), land(1))).toEqual(['bag.alreadyLanded']);
  expect(stream()).toMatchObject({ dock: 0, expected: 12 });
});

it('answers a resent act as before, and refuses its id with other content', () => {
  const act = house.actOf([land(1)]);
  const first = house.append(act, KEEPER);
  expect(house.append(structuredClone(act), KEEPER)).toEqual({ ...first, repeated: true });
  expect(house.append({ ...act, entries: [{ ...act.entries[0]!, occurredAtMs: T0 - 1 }] }, KEEPER)).toMatchObject({
    refusals: [{ code: 'id.reused' }],
  });
  expect(house.append(act, LEAD)).toMatchObject({ refusals: [{ code: 'id.reused' }] });
  expect(house.append({ actId: v7(), entries: act.entries }, KEEPER)).toMatchObject({
    refusals: [{ code: 'id.reused', path: 'entries.0.id' }],
  });
  const twin = house.actOf([land(2)]).entries[0]!;
  expect(house.append({ actId: v7(), entries: [twin, twin] }, KEEPER)).toMatchObject({
    refusals: [{ code: 'id.reused', path: 'entries.1.id' }],
  });
});

it('an act that was recorded before an update is the same when it is sent again after it', () => {
  house.must(LEAD, stock('fire', 'G1'));
  const [actId, id] = [v7(), v7()];
  const old = { quarantine: 'h', lot: 'fire', days: 28, zero: 'contact' };
  house.client
    .prepare(
      "insert into entry (id, act_id, kind, version, occurred_at_ms, recorded_at_ms, actor, payload) values (?, ?, 'quarantine.opened', 1, ?, ?, 'bram', ?)",
    )
    .run(id, actId, house.now(), house.now(), JSON.stringify(old));
  const sent = checkAct({ actId, entries: [{ id, kind: 'quarantine.opened', version: 1, occurredAtMs: house.now(), payload: old }] });
  if (!sent.ok) throw new Error(JSON.stringify(sent));
  expect(house.append(sent.act, KEEPER)).toMatchObject({ ok: true, repeated: true });
  // It was written past the house, so it is nowhere but in the journal.
  house.client.prepare('delete from entry where act_id = ?').run(actId);
});

describe('what cannot be', () => {
  const move = (n: number, from = 'G1') => ({
    kind: 'stock.moved' as const,
    payload: { moves: [{ lot: 'old', from, to: 'returned', n }] },
  });
  beforeEach(() =>
    house.must(LEAD, {
      kind: 'lot.opened',
      payload: { lot: 'old', species: 'firefish', label: 'firefish', tank: 'G1', n: 3, sizeCm: 6, origin: 'bred' },
    }),
  );

  it('more fish out than in: says how many are missing and who was there last', () => {
    expect(house.write(KEEPER, move(4)).outcome).toMatchObject({
      refusals: [{ code: 'stock.short', facts: { lot: 'firefish', place: 'G1', missing: 1, by: 'Ines', atMs: T0 } }],
    });
    expect(house.codes(KEEPER, move(3))).toEqual([]);
  });

  it('fish of a lot from a tank where it does not live', () => expect(house.codes(KEEPER, move(1, 'F1'))).toEqual(['stock.short']));

  it.each<[string, Parameters<TestHouse['codes']>[1], string]>([
    ['an unknown tank', assign(1, 'Z9'), 'unknown'],
    ['an unknown bag', land(4, { bag: 'crate-1-bag9' }), 'unknown'],
    ['a bag with nothing in it', land(1, { alive: 0 }), 'bag.empty'],
    ['the lot of another bag', land(1, { lot: 'crate-1-chromis' }), 'bag.otherLot'],
    ['a crate a second time', { kind: 'crate.arrived', payload: { crate: 'crate-1', carton: 'dry' } }, 'crate.alreadyArrived'],
    ['ahead of the clock', { ...land(1), occurredAtMs: T0 + 121_000 }, 'time.future'],
    ['long ago', { ...land(1), occurredAtMs: T0 - 8 * DAY_MS }, 'time.old'],
    ['a float before landing', float(1), 'bag.notLanded'],
    [
      'a count of books that moved',
      { kind: 'stock.counted', payload: { place: 'G1', lot: 'old', found: 2, onRecord: 4, against: 'missing' } },
      'count.recordMoved',
    ],
    [
      'more promised than there are',
      { kind: 'lot.promised', payload: { promise: 'p', lot: 'old', n: 4, forWhom: 'x' } },
      'promise.tooMany',
    ],
    [
      'well and odd at once',
      {
        kind: 'tank.checked',
        payload: { tank: 'G1', day: 20515, round: 'morning', allWell: true, lots: [{ lot: 'old', expected: 3, seen: 2, signs: [] }] },
      },
      'check.contradicts',
    ],
    [
      'a look of another day',
      { kind: 'tank.checked', payload: { tank: 'G1', day: 20514, round: 'morning', allWell: true, lots: [] } },
      'check.otherDay',
    ],
    [
      'a bag of 60 °C',
      {
        kind: 'reading.taken',
        payload: {
          subject: { kind: 'bag', id: 'crate-1-bag1' },
          quantity: 'temperature',
          reading: { value: 60, typed: '60', method: 'folded', source: 'measured' },
        },
      },
      'reading.implausible',
    ],
  ])('%s', (_name, said, code) => expect(house.codes(KEEPER, said)).toEqual([code]));

  it('but a lead may enter what is more than a week old', () => {
    expect(house.codes(LEAD, { ...move(1), occurredAtMs: T0 - 8 * DAY_MS })).toEqual([]);
  });
});

describe('bags that are not as listed', () => {
  it('wrong fish become a lot of their own', () => {
    house.must(
      KEEPER,
      land(2, {
        lot: 'wrasse',
        newLot: {
          label: 'six-line wrasse',
          species: 'six-line-wrasse',
          heardAs: 'six lines',
          origin: 'unknown',
          insteadOf: 'crate-1-fire',
        },
      }),
    );
    expect(house.view('dock').crates[0]!.bags[1]).toMatchObject({
      lot: 'wrasse',
      lotLabel: 'six-line wrasse',
      landed: { wrong: true, alive: 2 },
    });
  });

  it('a bag on no list lands with fish that nobody can name, and only a lead sends it anywhere', () => {
    const surprise = {
      bag: 'bag-x',
      lot: 'lot-x',
      newBag: { label: 'bag +1', box: 0, waterL: 1.5 },
      newLot: { label: 'blue thing', heardAs: 'blue thing', origin: 'unknown' as const },
    };
    house.must(TRAINEE, land(1, { ...surprise, alive: 1 }));
    const choose = { kind: 'bag.assigned' as const, payload: { bag: 'bag-x', lot: 'lot-x', tank: 'G1' } };
    // Judged by the water of its bag only, which is a cost, taken knowingly.
    expect(house.costs(KEEPER, choose)).toEqual(['cost.unknownKind']);
    expect(house.codes(KEEPER, choose)).toEqual([]);
  });

  it('dead on arrival land in their bag and leave it in the same entry', () => {
    house.must(KEEPER, land(1, { alive: 0, dead: 4 }));
    expect(stream()).toMatchObject({ dock: 0, expected: 8, inHouse: 0 });
    expect(house.view('stream').lost7).toBe(4);
  });
});

describe('the tank', () => {
  beforeEach(() => house.must(KEEPER, land(1)));
  it('refuses with the reason; a keeper may not overrule, a lead may, and the reason is kept', () => {
    const over = [{ code: 'fit.saleBeforeQuarantine' as const, reason: 'one buyer, tonight' }];
    expect(house.codes(KEEPER, assign(1, 'C1', over))).toEqual(['fit.saleBeforeQuarantine']);
    expect(house.codes(LEAD, assign(1, 'C1'))).toEqual(['fit.saleBeforeQuarantine']);
    expect(house.codes(LEAD, assign(1, 'C1', over))).toEqual([]);
    expect(house.view('logbook').acts[0]!.entries[0]).toMatchObject({ overrules: over });
    // The release stands on the same overrule: nobody is asked twice.
    expect(house.codes(KEEPER, float(1, 'C1'))).toEqual([]);
    expect(house.codes(KEEPER, quarantine(), release(1, { tank: 'C1' }))).toEqual([]);
  });

  it('an overrule passes only the code it names', () => {
    expect(house.codes(LEAD, assign(1, 'F1', [{ code: 'fit.noLid', reason: 'x' }]))).toEqual(['fit.wrongWater']);
  });

  it.each([
    ['G2', 'fit.noLid'],
    ['F1', 'fit.wrongWater'],
    ['V1', 'fit.awayFromHome'],
  ])('%s: %s', (tank, code) => expect(house.codes(KEEPER, assign(1, tank))).toEqual([code]));

  it('lets fish go once, with the count right, their hold open, from the float that runs', () => {
    house.must(KEEPER, assign(1));
    house.must(KEEPER, float(1));
    expect(house.codes(KEEPER, float(1, 'G1', 'run-again'))).toEqual(['float.running']);
    expect(house.codes(KEEPER, quarantine(), release(1, { floatId: 'run-9' }))).toEqual(['release.noFloat']);
    expect(house.codes(KEEPER, quarantine(), release(1, { alive: 3 }))).toEqual(['release.countDiffers']);
    expect(house.codes(KEEPER, release(1))).toEqual(['quarantine.notOpened']);
    house.must(KEEPER, quarantine(), release(1));
    expect(house.codes(KEEPER, release(1))).toEqual(['bag.alreadyReleased']);
    expect(house.codes(KEEPER, quarantine('crate-1-fire', 'hold-2'))).toEqual(['quarantine.alreadyOpen']);
  });

  it('posts a difference found in the net, then lets go what is there', () => {
    house.must(KEEPER, assign(1));
    const bag = 'crate-1-bag1';
    house.must(
      KEEPER,
      { kind: 'stock.counted', payload: { place: bag, lot: 'crate-1-fire', found: 3, onRecord: 4, against: 'missing' } },
      quarantine(),
      release(1, { floatId: undefined, alive: 3 }),
    );
    expect(stream()).toMatchObject({ quarantine: 3, inHouse: 3 });
  });

  it('floats no soft bag and no dying fish', () => {
    house.must(KEEPER, land(2, { bagCondition: 'soft' }), land(3, { condition: 'critical' }), assign(2), assign(3));
    expect(house.codes(KEEPER, float(2))).toEqual(['float.notThisBag']);
    expect(house.codes(KEEPER, float(3))).toEqual(['float.notThisBag']);
    expect(house.codes(KEEPER, quarantine(), release(2, { floatId: undefined }))).toEqual([]);
  });
});
