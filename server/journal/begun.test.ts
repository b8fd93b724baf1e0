// What a vessel's plan does to its fish is asked when it is begun, by what the house knows: not by what a client says of it, nor by a method chosen before.
import type { Overrule } from '#core/journal/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { assign, bringCrate, furnish, KEEPER, land, LEAD, makeTestHouse, stock, type Said, type TestHouse } from '../testHouse.ts';
import { endRun, startRun } from '../testRuns.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(KEEPER, land(1), land(2), land(3), assign(1), assign(2));
});
afterEach(() => house.close());
const entryOf = (tank: string) => house.view('house').tanks.find(({ id }) => id === tank)!.entry;

const measured = (kind: 'bag' | 'system', id: string, value: number): Said => ({
  kind: 'reading.taken',
  payload: {
    subject: { kind, id },
    quantity: 'salinity',
    reading: { value, typed: `${value}`, method: 'in the water', source: 'measured' },
  },
});
const choose = (no: number, method: 'drip' | 'fast siphon', overrules?: Overrule[]): Said => ({
  kind: 'method.chosen',
  payload: { bag: `crate-1-bag${no}`, lot: 'crate-1-fire', method, advised: method },
  overrules,
});
const knowing = (size?: number): Overrule[] => [{ code: 'method.overTolerance', reason: 'they have stood it before', size }];

it('a plan over tolerance wants a lead, or a keeper who says that none can be reached or that they are poured; what its sender calculated with counts for nothing', () => {
  house.must(KEEPER, startRun([2]));
  house.must(KEEPER, measured('bag', 'crate-1-bag1', 14));
  // The client begins from 32.3 ppt, which no meter showed.
  const rosy = startRun([1], { run: 'run-b' });
  expect(rosy.payload).toMatchObject({ start: { salinity: 32.3 } });
  expect(house.codes(KEEPER, rosy)).toEqual(['acclimation.otherStart']);
  expect(house.codes(LEAD, { ...rosy, overrules: [{ code: 'acclimation.otherStart', reason: 'mine is better' }] })).toEqual([
    'acclimation.otherStart',
  ]);
  const truly = startRun([1], { run: 'run-b' }, { bagPpt: 14 });
  expect(house.codes(KEEPER, truly)).toEqual(['method.overTolerance']);
  expect(house.codes(KEEPER, { ...truly, overrules: knowing() })).toEqual(['method.overTolerance']);
  house.must(KEEPER, {
    ...truly,
    overrules: [{ code: 'method.overTolerance', reason: 'the bag burst', without: 'done already' }],
  });
});

it('a system that nobody knows is no water to pour from', () => {
  const bag = 'bag-of-a-stranger';
  const lot = 'monos';
  house.must(
    KEEPER,
    {
      kind: 'crate.expected',
      payload: {
        crate: 'monos-crate',
        label: 'monos',
        supplier: 'yard',
        packedAtMs: house.now() - 10 * HOUR_MS,
        promisedAtMs: house.now(),
        stated: {},
        lots: [{ lot, label: 'silver mono', species: 'silver-mono', origin: 'bred', sizeCm: 4.5 }],
        bags: [{ bag, label: 'bag 1', box: 1, lot, n: 4, waterL: 1.5 }],
      },
    },
    { kind: 'crate.arrived', payload: { crate: 'monos-crate', carton: 'dry' } },
    {
      kind: 'bag.landed',
      payload: { bag, crate: 'monos-crate', lot, alive: 4, dead: 0, quality: 'counted', condition: 'fit', bagCondition: 'sound' },
    },
    { kind: 'bag.assigned', payload: { bag, lot, tank: 'G1' } },
  );
  const siphon = (bagPpt?: number) => startRun([1], { method: 'fast siphon', lot, from: [{ place: bag, n: 4 }] }, { bagPpt, bagC: 23 });
  expect(house.codes(KEEPER, siphon())).toEqual(['method.notMeasured']);
  // Measured fresh it is far over what they bear; at 31 ppt it is begun.
  house.must(KEEPER, measured('bag', bag, 0.3));
  expect(house.codes(KEEPER, siphon(0.3))).toEqual(['method.overTolerance']);
  house.wait(MINUTE_MS);
  house.must(KEEPER, measured('bag', bag, 31));
  house.must(KEEPER, siphon(31));
});

it('what cannot be computed is not fine', () => {
  const small = choose(1, 'drip');
  const compared = { controls: { bucketL: 0.5 }, opening: { is: 'closed' as const }, fed: false };
  expect(house.codes(KEEPER, { ...small, payload: { ...small.payload, compared } } as Said)).toEqual(['method.notComputed']);
});

describe('chosen by a lead over tolerance', () => {
  const times = () => {
    const outcome = house.write(LEAD, choose(1, 'drip'));
    return outcome.outcome.ok ? 0 : Number(outcome.outcome.refusals[0]!.facts.times);
  };
  beforeEach(() => void house.must(KEEPER, measured('bag', 'crate-1-bag1', 26)));

  it('is begun by a keeper without a further word, and by no other method', () => {
    const stress = times();
    expect(stress).toBeGreaterThan(1);
    house.must(LEAD, choose(1, 'drip', knowing(stress)));
    expect(house.codes(KEEPER, startRun([1], { method: 'fast siphon' }, { bagPpt: 26 }))).toEqual(['method.overTolerance']);
    house.must(KEEPER, startRun([1], {}, { bagPpt: 26 }));
  });

  it('does not stand for another tank, nor for a bag beside it, nor once the tank has gone further off', () => {
    house.must(LEAD, choose(1, 'drip', knowing(times())));
    house.must(KEEPER, measured('bag', 'crate-1-bag2', 26));
    expect(house.codes(KEEPER, startRun([1, 2], {}, { bagPpt: 26 }))).toEqual(['method.overTolerance']);
    house.wait(MINUTE_MS);
    house.must(LEAD, assign(1, 'G2', [{ code: 'fit.noLid', reason: 'net over it' }]));
    expect(house.codes(KEEPER, startRun([1], { tank: 'G2' }, { bagPpt: 26 }))).toEqual(['method.overTolerance']);
    house.must(KEEPER, assign(1));
    house.wait(MINUTE_MS);
    house.must(LEAD, choose(1, 'drip', knowing(times())));
    house.must(KEEPER, measured('system', 'salt', 36));
    expect(house.codes(KEEPER, startRun([1], {}, { bagPpt: 26, tankPpt: 36 }))).toEqual(['method.overTolerance']);
  });
});

it('fish of a tank are judged by its system', () => {
  house.must(LEAD, stock('old', 'G1', 'firefish', 3));
  const run = (more: object, bagPpt = 32): Said =>
    startRun([1], { lot: 'old', tank: 'G1', from: [{ place: 'G1', n: 3 }], ...more }, { bagPpt, bagC: 25 });
  house.must(KEEPER, run({ run: 'run-home' }));
  house.must(LEAD, stock('others', 'C1', 'firefish', 3), measured('system', 'reef', 18));
  expect(house.codes(KEEPER, run({ lot: 'others', from: [{ place: 'C1', n: 3 }] }, 18))).toContain('method.overTolerance');
});

it('out of a tank their new place is judged when they are begun for it, and what was passed over is not asked again at the end', () => {
  house.must(LEAD, stock('old', 'C1', 'firefish', 3), measured('system', 'reef', 32));
  // G2 has no lid, and firefish jump.
  const out = startRun([1], { lot: 'old', tank: 'G2', from: [{ place: 'C1', n: 3 }] }, { bagPpt: 32, bagC: 25 });
  expect(house.codes(KEEPER, out)).toEqual(['fit.noLid']);
  house.must(LEAD, { ...out, overrules: [{ code: 'fit.noLid', reason: 'net over it' }] });
  const into = (tank: string) => endRun({ lot: 'old', into: [{ tank, n: 3 }] });
  // What was passed over of one tank says nothing of another.
  house.must(LEAD, { kind: 'tank.changed', payload: { tank: 'C1', basedOn: entryOf('C1'), fields: { lid: false } } });
  expect(house.codes(KEEPER, into('C1'))).toEqual(['fit.noLid']);
  house.must(KEEPER, into('G2'));
});
