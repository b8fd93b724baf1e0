// The tank that a bag is meant for before it comes: judged then with all else that is meant for it, kept for it, and judged anew by what came.
import { HOUR_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { assign, bringCrate, furnish, KEEPER, land, LEAD, makeTestHouse, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house, 'crate-1', false);
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const lotOf = (no: number) => (no === 3 ? 'crate-1-chromis' : 'crate-1-fire');
const meant = (no: number, tank: string): Said => ({ kind: 'bag.planned', payload: { bag: `crate-1-bag${no}`, lot: lotOf(no), tank } });
const arrive: Said = { kind: 'crate.arrived', payload: { crate: 'crate-1', carton: 'dry' } };
const givenUp: Said = { kind: 'crate.givenUp', payload: { crate: 'crate-1', why: 'lost on the road' } };
const card = (no: number) =>
  house
    .view('dock')
    .crates.flatMap(({ bags }) => bags)
    .find(({ bag }) => bag === `crate-1-bag${no}`);
/** What is to come to a tank, as the rules are told. */
const comingTo = (tank: string) =>
  house.client.prepare('select place, lot, n from now_coming where tank = ? order by place').all(tank) as object[];
const tankWith = (bag: number, tank: string) =>
  house
    .view('room', { bag: `crate-1-bag${bag}` })
    .racks.flatMap(({ tanks }) => tanks)
    .find(({ id }) => id === tank)!;

it('is kept for it, and comes to nobody else unseen', () => {
  house.must(KEEPER, meant(1, 'G1'));
  expect(card(1)).toMatchObject({ planned: { id: 'G1', code: 'G1' } });
  expect(card(1)!.tank).toBeUndefined();
  expect(comingTo('G1')).toEqual([{ place: 'crate-1-bag1', lot: 'crate-1-fire', n: 4 }]);
  // Another lot that thinks of the same tank hears who is to live there.
  expect(tankWith(3, 'G1').coming).toBe(1);
  house.must(KEEPER, meant(2, 'G1'));
  expect(comingTo('G1').length).toBe(2);
});

it('is judged as any place is: a jumper into a tank without a lid is refused to a keeper', () => {
  expect(house.codes(KEEPER, meant(1, 'G2'))).toContain('fit.noLid');
  expect(house.codes(KEEPER, meant(1, 'F1'))).toContain('fit.wrongWater');
  expect(house.codes(TRAINEE, meant(1, 'G1'))).toEqual(['role']);
  expect(house.codes(KEEPER, { kind: 'bag.planned', payload: { bag: 'crate-1-bag1', lot: 'crate-1-chromis', tank: 'G1' } })).toEqual([
    'bag.otherLot',
  ]);
});

it('what was passed over for the plan is asked about again when the bag is here', () => {
  const why = [{ code: 'fit.noLid' as const, reason: 'a net lies over it' }];
  house.must(LEAD, { ...meant(1, 'G2'), overrules: why });
  house.must(KEEPER, arrive, land(1));
  expect(card(1)).toMatchObject({ planned: { id: 'G2' } });
  expect(comingTo('G2')).toEqual([{ place: 'crate-1-bag1', lot: 'crate-1-fire', n: 4 }]);
  expect(house.codes(KEEPER, assign(1, 'G2'))).toContain('fit.noLid');
  house.must(KEEPER, assign(1, 'G1'));
  expect(card(1)!.planned).toBeUndefined();
  expect(comingTo('G2')).toEqual([]);
  expect(comingTo('G1')).toEqual([{ place: 'crate-1-bag1', lot: 'crate-1-fire', n: 4 }]);
});

it('counts what landed alive, and nothing of fish other than listed', () => {
  house.must(KEEPER, meant(1, 'G1'), meant(2, 'G1'), arrive);
  house.must(KEEPER, land(1, { alive: 3, dead: 1, quality: 'counted' }));
  house.must(
    KEEPER,
    land(2, { lot: 'other', newLot: { label: 'grammas', heardAs: 'grammas', origin: 'wild', insteadOf: 'crate-1-fire' } }),
  );
  expect(comingTo('G1')).toEqual([{ place: 'crate-1-bag1', lot: 'crate-1-fire', n: 3 }]);
  expect(card(2)!.planned).toBeUndefined();
  expect(house.codes(KEEPER, meant(2, 'G1'))).toEqual(['bag.alreadyLanded']);
});

it('a tank is chosen for good only for a bag that is here', () => {
  expect(house.codes(KEEPER, assign(1, 'G1'))).toEqual(['bag.notLanded']);
});

it('bags of a lot that are meant for one tank are judged as one party there, each counted once; the screen says what the house would', () => {
  const said = (bag: number, tank: string) => tankWith(bag, tank).reasons!.map(({ code, facts }) => [code, facts.size]);
  const refused = (bag: number, tank: string) => {
    const outcome = house.append(house.actOf([meant(bag, tank)]), LEAD);
    return outcome.ok ? [] : outcome.refusals.map(({ code, facts }) => [code, facts.size]);
  };
  const agree = (bag: number) => expect(refused(bag, 'G1')).toEqual(said(bag, 'G1'));
  const sizeOf = (bag: number) => Number(said(bag, 'G1').find(([code]) => code === 'cost.crowdedGrown')?.[1] ?? 0);
  [1, 2, 3].forEach(agree);
  const alone = sizeOf(1);
  house.must(KEEPER, meant(2, 'G1'));
  [1, 3].forEach(agree);
  const both = sizeOf(1);
  expect(both).toBeGreaterThan(alone);
  house.must(KEEPER, meant(1, 'G1'));
  expect(sizeOf(1)).toBe(both);
  expect(sizeOf(2)).toBe(both);
});

it('a crate that is given up leaves dock, stream, Today and the tanks; it comes back by undo, and by coming', () => {
  house.must(KEEPER, meant(1, 'G1'));
  const heads = () => house.view('stream').expected;
  const due = () => house.view('today').due.filter(({ rule }) => rule === 'crate-due').length;
  expect([heads(), due(), comingTo('G1').length]).toEqual([12, 1, 1]);
  const act = house.must(KEEPER, givenUp);
  expect([heads(), due(), comingTo('G1').length, card(1)]).toEqual([0, 0, 0, undefined]);
  expect(house.codes(KEEPER, givenUp)).toEqual(['crate.alreadyGivenUp']);
  house.must(KEEPER, undo(act));
  expect([heads(), due(), comingTo('G1').length]).toEqual([12, 1, 1]);
  house.must(KEEPER, givenUp);
  house.wait(HOUR_MS);
  // Another device never heard of it: the box is here.
  house.must(KEEPER, arrive);
  expect([heads(), comingTo('G1').length]).toEqual([12, 1]);
  house.must(KEEPER, land(1));
  expect(card(1)).toMatchObject({ planned: { id: 'G1' } });
  expect(house.codes(KEEPER, givenUp)).toEqual(['crate.alreadyArrived']);
});
