// Runs in the records: fish in exactly one place, begun once, released with counts that add up, undone in order.
import type { Payloads } from '#core/catalogue/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makeHealth } from '../health.ts';
import { assign, bringCrate, furnish, quarantine, KEEPER, land, LEAD, makeTestHouse, TRAINEE, undo, type TestHouse } from '../testHouse.ts';
import { action, endRun, readIn, startRun } from '../testRuns.ts';
import { checkReplay } from './replay.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(KEEPER, land(1), land(2), land(3), assign(1), assign(2), assign(3));
});
afterEach(() => {
  expect(makeHealth(house)()).toMatchObject({ ok: true, balance: 0 });
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const headsAt = (lot: string, place: string) =>
  (house.client.prepare('select n from p_balance where lot = ? and place = ?').pluck().get(lot, place) as number | undefined) ?? 0;

it('pours fish from the bag into the vessel, where they count as on the bench, and out into tanks', () => {
  house.must(KEEPER, startRun([1]));
  expect([headsAt('crate-1-fire', 'crate-1-bag1'), headsAt('crate-1-fire', 'run-a')]).toEqual([0, 4]);
  expect(house.view('stream')).toMatchObject({ bench: 4, dock: 8 });
  expect(house.view('bench').runs[0]).toMatchObject({
    run: 'run-a',
    n: 4,
    lotLabel: 'firefish',
    from: [{ label: 'bag 1', n: 4 }],
    holdKnown: false,
  });
  expect(house.view('bench').bags.map(({ label }) => label)).not.toContain('bag 1');
  house.must(KEEPER, quarantine(), endRun({ into: [{ tank: 'G1', n: 3 }], dead: 1 }));
  expect([headsAt('crate-1-fire', 'G1'), headsAt('crate-1-fire', 'died'), headsAt('crate-1-fire', 'run-a')]).toEqual([3, 1, 0]);
  expect(house.view('bench').runs).toEqual([]);
  expect(house.view('stream')).toMatchObject({ bench: 0, quarantine: 3 });
});

it('pools bags of one lot as a deliberate join, and refuses a bag of another lot among them', () => {
  expect(house.codes(KEEPER, startRun([1, 3]))).toEqual(['bag.otherLot']);
  house.must(KEEPER, startRun([1, 2]));
  expect(house.view('bench').runs[0]!.from).toEqual([expect.objectContaining({ n: 4 }), expect.objectContaining({ n: 2 })]);
  expect(headsAt('crate-1-fire', 'run-a')).toBe(6);
});

it('the dock tells where the fish of a poured bag are, and that they are released', () => {
  const bag = () => house.view('dock').crates[0]!.bags.find(({ bag: id }) => id === 'crate-1-bag1')!;
  const began = house.must(KEEPER, startRun([1]));
  expect(bag()).toMatchObject({ inRun: 'run-a', afloat: false });
  expect(bag().released).toBeUndefined();
  const ended = house.must(KEEPER, quarantine(), endRun());
  expect(bag()).toMatchObject({ inRun: 'run-a', released: { atMs: house.now() } });
  house.must(KEEPER, undo(ended));
  house.must(KEEPER, undo(began));
  expect([bag().inRun, bag().released]).toEqual([undefined, undefined]);
});

it('two people begin the same bag: the second is told who has it', () => {
  house.must(KEEPER, startRun([1]));
  const { outcome } = house.write(LEAD, startRun([1], { run: 'run-b' }));
  expect(outcome).toMatchObject({ ok: false, refusals: [{ code: 'acclimation.running', facts: { bag: 'bag 1', by: 'Bram' } }] });
  // Nor is it floated, released, or sent elsewhere meanwhile.
  expect(house.codes(KEEPER, assign(1, 'G2'))).toEqual(['acclimation.running']);
});

it.each([
  [
    'an unlanded bag',
    () => house.codes(KEEPER, { ...startRun([1]), payload: { ...startRun([1]).payload, from: [{ place: 'nobag', n: 1 }] } } as never),
    ['unknown'],
  ],
  ['part of a bag', () => house.codes(KEEPER, startRun([1], { from: [{ place: 'crate-1-bag1', n: 3 }] })), ['release.countDiffers']],
  ['another tank than chosen', () => house.codes(KEEPER, startRun([1], { tank: 'G2' })), ['release.otherTank']],
  ['a watcher who does not work here', () => house.codes(KEEPER, startRun([1], { watcher: 'nobody' })), ['unknown']],
  ['a bath without one', () => house.codes(KEEPER, startRun([1], { method: 'first-aid bath' })), ['bath.noBath']],
] as const)('refuses %s', (_name, codes, expected) => {
  expect(codes()).toEqual(expected);
});

it('a release adds up, names each tank once, has a quarantine, and happens once', () => {
  house.must(KEEPER, startRun([1]));
  expect(house.codes(KEEPER, endRun())).toEqual(['quarantine.notOpened']);
  expect(house.codes(KEEPER, quarantine(), endRun({ into: [{ tank: 'G1', n: 3 }] }))).toEqual(['release.countDiffers']);
  expect(
    house.codes(
      KEEPER,
      quarantine(),
      endRun({
        into: [
          { tank: 'G1', n: 2 },
          { tank: 'G1', n: 2 },
        ],
      }),
    ),
  ).toEqual(['release.twice']);
  const split = endRun({
    into: [
      { tank: 'G1', n: 3 },
      { tank: 'G2', n: 1 },
    ],
  });
  house.must(LEAD, quarantine(), { ...split, overrules: [{ code: 'fit.noLid', reason: 'net over it' }] });
  expect([headsAt('crate-1-fire', 'G1'), headsAt('crate-1-fire', 'G2')]).toEqual([3, 1]);
  expect(house.codes(LEAD, endRun())).toEqual(['acclimation.over']);
  expect(house.codes(KEEPER, action({ do: 'ammonia binder' }))).toEqual(['acclimation.over']);
});

it('lets the weakest out first: the run goes on with those that stay, and ends with the last', () => {
  house.must(KEEPER, startRun([1]));
  const first = house.must(KEEPER, quarantine(), endRun({ into: [{ tank: 'G1', n: 1 }], remaining: 3, water: 'kept for another' }));
  expect([headsAt('crate-1-fire', 'G1'), headsAt('crate-1-fire', 'run-a')]).toEqual([1, 3]);
  const [going] = house.view('bench').runs;
  expect(going).toMatchObject({ run: 'run-a', n: 3, holdKnown: true, fewer: [{ n: 1, how: 'released' }] });
  expect(house.view('stream')).toMatchObject({ bench: 3, quarantine: 1 });
  const bag = () => house.view('dock').crates[0]!.bags.find(({ bag: id }) => id === 'crate-1-bag1')!;
  expect(bag().released).toBeUndefined();
  house.must(KEEPER, action({ do: 'air', level: 'gentle' }));
  // Neither none, nor more than are there.
  expect(house.codes(KEEPER, endRun({ into: [], remaining: 3 }))).toEqual(['release.countDiffers']);
  expect(house.codes(KEEPER, endRun({ into: [{ tank: 'G1', n: 1 }], remaining: 3 }))).toEqual(['release.countDiffers']);
  expect(house.codes(KEEPER, endRun({ into: [{ tank: 'G1', n: 1 }] }))).toEqual(['release.countDiffers']);
  const last = house.must(KEEPER, endRun({ into: [{ tank: 'G1', n: 2 }], dead: 1 }));
  expect([headsAt('crate-1-fire', 'G1'), headsAt('crate-1-fire', 'died'), headsAt('crate-1-fire', 'run-a')]).toEqual([3, 1, 0]);
  expect(bag().released).toBeDefined();
  expect(house.codes(KEEPER, action({ do: 'stand' }))).toEqual(['acclimation.over']);
  // The last rests on the quarantine that the first opened: back in order.
  expect(house.codes(KEEPER, undo(first))).toEqual(['undo.needed']);
  house.must(KEEPER, undo(last));
  expect(house.view('bench').runs[0]).toMatchObject({ n: 3 });
  house.must(KEEPER, undo(first));
  expect(headsAt('crate-1-fire', 'run-a')).toBe(4);
});

it('takes no ammonia binder where copper runs in, whoever says so', () => {
  const ammoniaBinder = { do: 'ammonia binder' } as const;
  const { plan } = startRun([1]).payload as Payloads['acclimation.started'];
  const withBinder = startRun([1], { plan: [ammoniaBinder, ...plan] });
  house.must(KEEPER, { kind: 'treatment.begun', payload: { treatment: 'half dose', system: 'salt', family: 'copper' } });
  expect(house.codes(LEAD, { ...withBinder, overrules: [{ code: 'acclimation.binderInCopper', reason: 'it gasps' }] })).toEqual([
    'acclimation.binderInCopper',
  ]);
  house.must(KEEPER, startRun([1]));
  expect(house.codes(LEAD, action(ammoniaBinder))).toEqual(['acclimation.binderInCopper']);
  house.must(KEEPER, action({ do: 'air', level: 'gentle' }), {
    kind: 'treatment.ended',
    payload: { treatment: 'half dose', system: 'salt' },
  });
  house.must(KEEPER, action(ammoniaBinder));
});

it('is judged for fit at its tank, and a lead may pass over that with a reason', () => {
  house.must(KEEPER, startRun([1]));
  // Firefish jump; G2 has no lid.
  expect(house.codes(KEEPER, quarantine(), endRun({ into: [{ tank: 'G2', n: 4 }] }))).toEqual(['fit.noLid']);
  house.must(LEAD, quarantine(), {
    ...endRun({ into: [{ tank: 'G2', n: 4 }] }),
    overrules: [{ code: 'fit.noLid', reason: 'net over it' }],
  });
});

it('the dead leave the vessel by the records; a count that differs is posted', () => {
  house.must(KEEPER, startRun([1]), {
    kind: 'loss.recorded',
    payload: { lot: 'crate-1-fire', place: 'run-a', n: 1, cause: 'acclimation', sure: 'guess' },
  });
  expect(house.view('bench').runs[0]!.n).toBe(3);
  house.must(
    KEEPER,
    { kind: 'stock.counted', payload: { place: 'run-a', lot: 'crate-1-fire', found: 2, onRecord: 3, against: 'missing' } },
    quarantine(),
    endRun({ into: [{ tank: 'G1', n: 2 }] }),
  );
  expect([headsAt('crate-1-fire', 'G1'), headsAt('crate-1-fire', 'missing'), headsAt('crate-1-fire', 'died')]).toEqual([2, 1, 1]);
});

it('is undone from its end: first the release, then what was done, then the beginning; the bag holds its fish again', () => {
  const began = house.must(KEEPER, startRun([1]));
  const worked = house.must(KEEPER, action({ do: 'open' }, 0));
  const ended = house.must(KEEPER, quarantine(), endRun());
  expect(house.codes(KEEPER, undo(began))).toEqual(['undo.needed']);
  house.must(KEEPER, undo(ended));
  house.must(KEEPER, undo(worked));
  house.must(KEEPER, undo(began));
  expect([headsAt('crate-1-fire', 'crate-1-bag1'), headsAt('crate-1-fire', 'run-a')]).toEqual([4, 0]);
  expect(house.view('bench').bags.map(({ label }) => label)).toContain('bag 1');
  house.must(KEEPER, startRun([1], { run: 'run-b' }));
});

it('a trainee may tap, read and look, not begin or released', () => {
  expect(house.codes(TRAINEE, startRun([1]))).toEqual(['role']);
  house.must(KEEPER, startRun([1]));
  house.must(TRAINEE, action({ do: 'flow', mLPerMin: 5, low: 4, high: 6, from: 'taps' }), readIn(29));
  expect(house.codes(TRAINEE, endRun())).toEqual(['role']);
});

it('pages are the house’s own: nobody else may send one', () => {
  house.must(KEEPER, startRun([1]));
  expect(house.codes(LEAD, { kind: 'page.sent', payload: { due: 'x:run-check:look-1', stage: 1, to: 'bram', says: 'check' } })).toEqual([
    'role',
  ]);
});

it('lights go down for hours, not for days', () => {
  expect(house.codes(KEEPER, { kind: 'lights.dimmed', payload: { tank: 'G1', untilMs: house.now() + 60 * HOUR_MS } })).toEqual([
    'lights.badEnd',
  ]);
  expect(house.codes(KEEPER, { kind: 'lights.dimmed', payload: { tank: 'G1', untilMs: house.now() - 1000 } })).toEqual(['lights.badEnd']);
  house.must(KEEPER, { kind: 'lights.dimmed', payload: { tank: 'G1', untilMs: house.now() + 4 * HOUR_MS } });
  expect(house.view('today').due.find(({ rule }) => rule === 'lights-on')).toMatchObject({ facts: { tankCode: 'G1' } });
});
