// No way round the rules by a legal rank: one name space, the house's own holds, counts and dates that cannot have been.
import { plainPolicy, STARTING_QUARANTINES, type QuarantinePolicy } from '#core/quarantine/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { bringCrate, furnish, KEEPER, land, LEAD, makeTestHouse, stock, TRAINEE, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
});
afterEach(() => house.close());

describe('one name space', () => {
  const bag = (id: string, lot = 'new'): Said => ({
    kind: 'crate.expected',
    payload: {
      crate: 'c',
      label: 'c',
      supplier: 'yard',
      packedAtMs: house.now(),
      promisedAtMs: house.now(),
      stated: {},
      lots: [{ lot, label: 'firefish', species: 'firefish', origin: 'wild' }],
      bags: [{ bag: id, label: 'bag 1', box: 1, lot, n: 9 }],
    },
  });
  it.each([
    ['a tank', 'F1', 'new'],
    ['a water', 'salt', 'new'],
    ['a species', 'firefish', 'new'],
    ['a supplier', 'yard', 'new'],
    ['its own crate', 'c', 'new'],
    ['its own lot', 'new', 'new'],
    ['a rack, as a lot', 'b', 'back'],
  ])('a bag cannot be called as %s', (_what, id, lot) => {
    expect(house.codes(KEEPER, bag(id, lot))).toEqual(['id.taken']);
  });
  it('nor what was undone once; a landing may be written anew', () => {
    const act = house.must(KEEPER, bag('b'));
    house.must(KEEPER, { kind: 'entry.reversed', payload: { act } });
    expect(house.codes(KEEPER, bag('b'))).toEqual(['id.taken']);
    bringCrate(house);
    const landed = house.must(KEEPER, land(1));
    house.must(KEEPER, { kind: 'entry.reversed', payload: { act: landed } });
    house.must(KEEPER, land(1));
  });
  it('nor a net as somebody’s hands', () => {
    const net: Said = { kind: 'tool.added', payload: { tool: 'hands-bram', name: 'Net', what: 'net', racks: [] } };
    expect(house.codes(LEAD, net)).toEqual(['id.taken']);
  });
});

describe('how long fish are held', () => {
  const open = (lot: string, policy: QuarantinePolicy, quarantine = `h-${lot}`): Said => ({
    kind: 'quarantine.opened',
    payload: { quarantine, lot, policy, zero: 'contact' },
  });
  const set = (days: number): Said => ({
    kind: 'house.configured',
    payload: {
      name: 'x',
      zone: 'UTC',
      rules: { ...STARTING_RULES, quarantine: { ...STARTING_QUARANTINES, marine: plainPolicy(days) } },
    },
  });
  beforeEach(() => void house.must(LEAD, stock('fire', 'G1', 'firefish', 4)));

  it('is the house’s for that water; another is a lead’s', () => {
    expect(house.codes(KEEPER, open('fire', plainPolicy(3)))).toEqual(['quarantine.otherPolicy']);
    expect(house.codes(KEEPER, open('fire', STARTING_QUARANTINES.fresh))).toEqual(['quarantine.otherPolicy']);
    expect(house.codes(KEEPER, open('fire', STARTING_QUARANTINES.invertebrates))).toEqual(['quarantine.otherPolicy']);
    house.must(LEAD, open('fire', plainPolicy(3)));
  });
  it('is so before anybody chose a tank, too', () => {
    bringCrate(house);
    house.must(KEEPER, land(1));
    expect(house.codes(KEEPER, open('crate-1-fire', plainPolicy(1)))).toEqual(['quarantine.otherPolicy']);
    expect(house.codes(KEEPER, open('crate-1-fire', STARTING_QUARANTINES.fresh))).toEqual(['quarantine.otherPolicy']);
    house.must(KEEPER, open('crate-1-fire', STARTING_QUARANTINES.marine));
  });
  it('is the longest that they may need, of fish that nobody could name and for which no tank is chosen', () => {
    bringCrate(house);
    const surprise: Said = land(1, {
      bag: 'odd',
      lot: 'odd-fish',
      newBag: { label: 'odd bag', box: 1, waterL: 1 },
      newLot: { label: 'a goby', heardAs: 'goby', origin: 'unknown' },
    });
    house.must(KEEPER, surprise);
    expect(house.codes(KEEPER, open('odd-fish', STARTING_QUARANTINES.fresh))).toEqual(['quarantine.otherPolicy']);
    house.must(KEEPER, open('odd-fish', STARTING_QUARANTINES.marine));
  });
  it('is as it was when it happened, also of an act that comes late', () => {
    const then = house.now();
    house.wait(HOUR_MS);
    house.must(LEAD, set(40));
    house.wait(HOUR_MS);
    expect(house.codes(KEEPER, open('fire', STARTING_QUARANTINES.marine))).toEqual(['quarantine.otherPolicy']);
    house.must(KEEPER, { ...open('fire', STARTING_QUARANTINES.marine), occurredAtMs: then });
  });
  it('does not begin before they came', () => {
    house.wait(3 * DAY_MS);
    bringCrate(house);
    house.must(KEEPER, land(1));
    const early = { ...open('crate-1-fire', STARTING_QUARANTINES.marine), occurredAtMs: house.now() - 2 * DAY_MS };
    expect(house.codes(KEEPER, early)).toEqual(['time.before']);
  });
});

describe('counts', () => {
  const count = (place: string, onRecord: number, found: number): Said => ({
    kind: 'stock.counted',
    payload: { place, lot: 'fire', onRecord, found, against: found > onRecord ? 'discrepancy' : 'missing' },
  });
  beforeEach(() => {
    house.must(LEAD, stock('fire', 'G1', 'firefish', 4));
    house.must(KEEPER, {
      kind: 'quarantine.opened',
      payload: { quarantine: 'h', lot: 'fire', policy: STARTING_QUARANTINES.marine, zero: 'contact' },
    });
  });

  it('post only where fish can be, and bring none where it never was', () => {
    expect(house.codes(KEEPER, count('nowhere', 0, 3))).toEqual(['unknown']);
    expect(house.codes(KEEPER, count('salt', 0, 3))).toEqual(['unknown']);
    expect(house.codes(KEEPER, count('G2', 0, 3))).toEqual(['count.neverThere']);
    expect(house.codes(LEAD, count('G2', 0, 3))).toEqual(['count.neverThere']);
    house.must(KEEPER, count('G1', 4, 3));
    bringCrate(house);
    house.must(KEEPER, land(3, { alive: 0, dead: 6 }));
    const inBag: Said = {
      kind: 'stock.counted',
      payload: { place: 'crate-1-bag3', lot: 'crate-1-chromis', onRecord: 0, found: 2, against: 'discrepancy' },
    };
    expect(house.codes(KEEPER, inBag)).toEqual(['count.neverThere']);
  });
  it('that bring fish back ask as a move does', () => {
    house.must(LEAD, {
      kind: 'stock.moved',
      payload: { moves: [{ lot: 'fire', from: 'G1', to: 'G2', n: 4 }] },
      overrules: [{ code: 'fit.noLid', reason: 'net' }],
    });
    const { entry } = house.client.prepare("select entry from p_tank where id = 'G1'").get() as { entry: string };
    house.must(LEAD, { kind: 'tank.changed', payload: { tank: 'G1', basedOn: entry, fields: { purpose: 'sale' } } });
    expect(house.codes(KEEPER, count('G1', 0, 2))).toContain('fit.saleBeforeQuarantine');
  });
});

describe('dates', () => {
  it('nothing was done with what was not there yet, except by a lead', () => {
    bringCrate(house);
    house.wait(DAY_MS);
    const act = house.must(KEEPER, land(1));
    house.must(KEEPER, { kind: 'entry.reversed', payload: { act } });
    house.wait(DAY_MS);
    house.must(KEEPER, land(1));
    const loss = (atMs: number): Said => ({
      kind: 'loss.recorded',
      payload: { lot: 'crate-1-fire', place: 'crate-1-bag1', n: 1, cause: 'not known', sure: 'guess' },
      occurredAtMs: atMs,
    });
    expect(house.codes(KEEPER, loss(house.now() - DAY_MS))).toEqual(['stock.notYet']);
    expect(house.codes(KEEPER, loss(house.now() - 4 * MINUTE_MS))).toEqual([]);
    expect(house.codes(LEAD, loss(house.now() - DAY_MS))).toEqual([]);
  });
  it('a bag is not assigned before its crate was expected', () => {
    house.wait(DAY_MS);
    bringCrate(house);
    const assign: Said = { kind: 'bag.assigned', payload: { bag: 'crate-1-bag1', lot: 'crate-1-fire', tank: 'G1' } };
    expect(house.codes(KEEPER, { ...assign, occurredAtMs: house.now() - HOUR_MS })).toEqual(['time.before']);
  });
});

describe('nets and hands', () => {
  const wet = (tool: string, occurredAtMs = house.now()) => ({
    kind: 'tool.used' as const,
    payload: { tool, tanks: ['G1'] },
    occurredAtMs,
  });
  const clean = (tool: string, occurredAtMs = house.now()) => ({ kind: 'tool.disinfected' as const, payload: { tool }, occurredAtMs });
  it('of others a trainee tells nothing, and a keeper not that they are clean', () => {
    expect(house.codes(TRAINEE, wet('hands-bram'))).toEqual(['tool.notYourHands']);
    expect(house.codes(KEEPER, wet('hands-ines'))).toEqual([]);
    expect(house.codes(KEEPER, clean('hands-ines'))).toEqual(['tool.notYourHands']);
    expect(house.codes(KEEPER, clean('hands-bram'))).toEqual([]);
    expect(house.codes(LEAD, clean('hands-bram'))).toEqual([]);
  });
  it('what was wet again was not disinfected before that', () => {
    house.must(LEAD, { kind: 'tool.added', payload: { tool: 'net', name: 'Net', what: 'net', racks: [] } });
    house.wait(HOUR_MS);
    house.must(KEEPER, wet('net'));
    expect(house.codes(KEEPER, clean('net', house.now() - HOUR_MS / 2))).toEqual(['tool.usedSince']);
    expect(house.codes(KEEPER, clean('net', house.now() + MINUTE_MS))).toEqual([]);
  });
});

it('an overrule is kept only where it passed over something; sent again the act is the same', () => {
  house.must(LEAD, stock('fire', 'G1', 'firefish', 4));
  const said: Said = {
    kind: 'stock.moved',
    payload: { moves: [{ lot: 'fire', from: 'G1', to: 'G2', n: 1 }] },
    overrules: [
      { code: 'fit.noLid', reason: 'net over it' },
      { code: 'out.inQuarantine', reason: 'for the record' },
    ],
  };
  const act = house.actOf([said]);
  expect(house.append(act, LEAD)).toMatchObject({ ok: true, repeated: false });
  expect(house.append(act, LEAD)).toMatchObject({ ok: true, repeated: true });
  expect(house.store.ofAct(act.actId)[0]!.overrules).toEqual([{ code: 'fit.noLid', reason: 'net over it' }]);
  const idle = house.actOf([
    { kind: 'lot.measured', payload: { lot: 'fire', place: 'G1', sizeCm: 6 }, overrules: [{ code: 'fit.noLid', reason: 'x' }] },
  ]);
  expect(house.append(idle, LEAD).ok).toBe(true);
  expect(house.store.ofAct(idle.actId)[0]!.overrules).toBeUndefined();
});
