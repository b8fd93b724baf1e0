import { DAY_MS, MINUTE_MS, houseDay } from '#core/time/index.ts';
import { furnish, quarantine, KEEPER, LEAD, check, makeTestHouse, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';
import { checkReplay } from './replay.ts';

const ZONE = 'Europe/Lisbon';
const signOff = (more: Partial<Said> = {}): Said =>
  ({ kind: 'quarantine.signedOff', payload: { quarantine: 'hold-fish', lot: 'fish' }, ...more }) as Said;
const toSale: Said = { kind: 'stock.moved', payload: { moves: [{ lot: 'fish', from: 'G1', to: 'C1', n: 3 }] } };
let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fish', 'G1'), quarantine('fish'));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});

/** Goes on for so many days, each looked at and fed, unless it is passed over. */
function days(n: number, { passOver = [] as number[], tank = 'G1', lot = 'fish' } = {}): void {
  for (let day = 1; day <= n; day += 1) {
    house.wait(DAY_MS);
    if (passOver.includes(day)) continue;
    house.must(KEEPER, check(tank, { day: houseDay(house.now(), ZONE) }), {
      kind: 'lot.fed',
      payload: { tank, lot, food: 'mysis', response: 'ate' },
    });
  }
}
const clock = (lot = 'fish') => house.view('quarantine').quarantines.find((quarantine) => quarantine.lot === lot)!.clock;

it('is signed off by a keeper on the day after its last clear day, not before; then the fish may go on sale', () => {
  days(28);
  expect(clock()).toMatchObject({ clear: 27, required: 28 });
  expect(house.codes(KEEPER, signOff())).toEqual(['quarantine.notOver']);
  expect(house.codes(KEEPER, toSale)).toEqual(['fit.saleBeforeQuarantine']);
  expect(house.view('stream')).toMatchObject({ quarantine: 3, cleared: 0 });
  days(1);
  expect(clock().blockers).toEqual([]);
  expect(house.codes(TRAINEE, signOff())).toEqual(['role']);
  house.must(KEEPER, signOff());
  expect(house.view('stream')).toMatchObject({ quarantine: 0, cleared: 3 });
  expect(house.view('room').racks[0]!.tanks.find(({ code }) => code === 'G1')!.occupants[0]).not.toHaveProperty('hold.id');
  expect(house.view('quarantine').quarantines).toEqual([]);
  house.must(KEEPER, toSale);
});

it('restarts with stress of fish that have stood there long before the quarantine was opened', () => {
  house.must(KEEPER, { kind: 'loss.recorded', payload: { lot: 'fish', place: 'G1', n: 1, cause: 'injury', sure: 'guess' } });
  house.must(
    LEAD,
    signOff({
      overrules: [
        { code: 'quarantine.notOver', reason: 'a test' },
        { code: 'quarantine.neverAte', reason: 'a test' },
      ],
    }),
  );
  days(9);
  house.must(LEAD, { ...quarantine('fish'), payload: { ...quarantine('fish').payload, quarantine: 'again' } } as Said);
  days(1);
  const signs = [{ sign: 'clamped fins' as const }];
  house.must(
    KEEPER,
    check('G1', { day: houseDay(house.now(), ZONE), allWell: false, lots: [{ lot: 'fish', expected: 2, seen: null, signs }] }),
  );
  expect(clock().restarts).toMatchObject([{ cause: 'lasting stress' }]);
});

it('is put off by days without a health check, and blocked while the fish do not eat', () => {
  days(29, { passOver: [3, 9] });
  expect(clock()).toMatchObject({ clear: 26, blockers: [{ why: 'days', left: 2 }] });
  days(2);
  house.wait(DAY_MS);
  house.wait(DAY_MS);
  expect(house.codes(KEEPER, signOff())).toEqual(['quarantine.notEating']);
  days(1);
  house.must(KEEPER, signOff());
});

it('restarts with a sign of illness, and again by an entry that comes late', () => {
  days(10);
  house.must(
    KEEPER,
    check('G1', {
      day: houseDay(house.now(), ZONE),
      allWell: false,
      lots: [{ lot: 'fish', expected: 3, seen: null, signs: [{ sign: 'fungus' }] }],
    }),
  );
  days(4);
  expect(clock()).toMatchObject({ clear: 3, zero: { cause: 'illness' } });
  const late: Said = {
    kind: 'loss.recorded',
    occurredAtMs: house.now() - 2 * DAY_MS,
    payload: { lot: 'fish', place: 'G1', n: 1, cause: 'not known', sure: 'guess' },
  };
  const act = house.must(KEEPER, late);
  expect(clock()).toMatchObject({ clear: 1, zero: { cause: 'unexplained death' } });
  // A lead may say what it was of; then it does not begin anew, and neither when it is undone.
  const loss = house.store.ofAct(act)[0]!.id;
  house.must(LEAD, { kind: 'loss.classed', payload: { loss, cause: 'jumped', sure: 'likely', why: 'found on the floor' } });
  expect(clock()).toMatchObject({ clear: 3, zero: { cause: 'illness' } });
});

it('is ended early by a lead with a reason, once, and that is undone like anything else', () => {
  const overrules = (['quarantine.notOver', 'quarantine.neverAte'] as const).map((code) => ({ code, reason: 'their tank leaks' }));
  expect(house.codes(KEEPER, signOff({ overrules }))).toEqual(['quarantine.notOver', 'quarantine.neverAte']);
  const act = house.must(LEAD, signOff({ overrules }));
  expect(house.codes(LEAD, signOff({ overrules }))).toEqual(['quarantine.notOpen']);
  house.must(LEAD, undo(act));
  expect(house.view('stream')).toMatchObject({ quarantine: 3, cleared: 0 });
});

it('goes on in a lot that is cut out, with the same clock, and each then has its own', () => {
  days(5);
  house.must(KEEPER, {
    kind: 'lot.split',
    payload: { lot: 'fish', child: 'one', label: 'firefish', place: 'G1', n: 1, why: 'another system', quarantine: 'hold-one' },
  });
  expect(clock('one')).toMatchObject({ clear: clock().clear, openedDay: clock().openedDay });
  house.must(LEAD, stock('ill', 'F1', 'honey-gourami'), quarantine('ill'));
  house.wait(MINUTE_MS);
  house.must(LEAD, {
    kind: 'stock.moved',
    payload: { moves: [{ lot: 'one', from: 'G1', to: 'F1', n: 1 }] },
    overrules: (['fit.wrongWater', 'release.salinity'] as const).map((code) => ({ code, reason: 'a test of clocks only' })),
  });
  expect(clock('one').restarts.map(({ cause }) => cause)).toEqual(['came to fish in quarantine']);
  // On the very day that its own hold opened it is no restart yet, for that day is its zero anyway.
  expect(clock('ill').restarts.map(({ cause }) => cause)).toEqual([]);
  expect(clock().restarts).toEqual([]);
});

it('restarts by a net that was wet in fish in quarantine, unless it was disinfected, and says which', () => {
  house.must(
    LEAD,
    { kind: 'tool.added', payload: { tool: 'net', name: 'Gull net', what: 'net', racks: [] } },
    stock('ill', 'F1', 'honey-gourami'),
    quarantine('ill'),
  );
  days(3);
  const used: Said = { kind: 'tool.used', payload: { tool: 'net', tanks: ['F1', 'G1'] } };
  const act = house.must(TRAINEE, used);
  expect(clock().restarts).toMatchObject([{ cause: 'shared tool', what: 'Gull net', who: 'F1', place: 'G1' }]);
  expect(house.view('tank', { tank: 'G1' }).contacts).toMatchObject([
    { by: 'tool', name: 'Gull net', from: { code: 'F1' }, to: { code: 'G1' } },
  ]);
  house.must(LEAD, undo(act));
  expect(clock().restarts).toEqual([]);
  house.must(
    KEEPER,
    { kind: 'tool.used', payload: { tool: 'net', tanks: ['F1'] } },
    { kind: 'tool.disinfected', payload: { tool: 'net' } },
  );
  house.wait(1000);
  house.must(KEEPER, { kind: 'tool.used', payload: { tool: 'net', tanks: ['G1'] } });
  expect(clock().restarts).toEqual([]);
});
