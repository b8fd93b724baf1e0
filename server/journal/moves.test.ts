import type { TransferTask } from '#core/moves/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { furnish, quarantine, KEEPER, LEAD, makeTestHouse, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';
import { checkReplay } from './replay.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('a', 'G1', 'green-chromis', 6), stock('b', 'C1', 'banggai-cardinalfish', 4));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const task = (id: string, more: Partial<TransferTask> = {}): TransferTask => ({
  task: id,
  lot: 'a',
  from: 'G1',
  to: 'G2',
  n: 2,
  sex: 'any',
  size: 'any',
  by: 'net',
  after: [],
  comesBack: false,
  ...more,
});
const plan = (...tasks: TransferTask[]): Said => ({ kind: 'moves.planned', payload: { plan: 'p', name: 'Caves', tasks } });
const carry = (id: string, more: Partial<Said> = {}): Said =>
  ({ kind: 'stock.moved', payload: { moves: [{ lot: 'a', from: 'G1', to: 'G2', n: 2 }], task: id }, ...more }) as Said;

describe('slips', () => {
  it('are done once, and the second is told who did it; undone, they are open again', () => {
    house.must(KEEPER, plan(task('s')));
    const act = house.must(KEEPER, carry('s'));
    const { outcome } = house.write(LEAD, carry('s'));
    expect(outcome).toMatchObject({ ok: false, refusals: [{ code: 'transfer.done', facts: { by: 'Bram' } }] });
    house.must(KEEPER, undo(act));
    house.must(KEEPER, carry('s'));
  });

  it('wait for each other and for what comes tomorrow; a keeper may go on all the same with a reason', () => {
    house.must(KEEPER, plan(task('s', { after: ['t'], waitsFor: { what: 'caves' } }), task('t', { lot: 'b', from: 'C1', to: 'G1' })));
    expect(house.codes(KEEPER, carry('s'))).toEqual(['transfer.blocked', 'transfer.waits']);
    house.must(KEEPER, { kind: 'transfer.unblocked', payload: { task: 's' } });
    expect(house.codes(KEEPER, carry('s'))).toEqual(['transfer.blocked']);
    house.must(KEEPER, { kind: 'transfer.dropped', payload: { task: 't', why: 'they get on' } });
    house.must(KEEPER, carry('s'));
    expect(house.view('moves').tasks.map(({ task: id, done, dropped }) => [id, Boolean(done), Boolean(dropped)])).toEqual([
      ['s', true, false],
      ['t', false, true],
    ]);
  });

  it('in a round are refused with words, and so is a slip twice', () => {
    expect(house.codes(KEEPER, plan(task('s', { after: ['t'] }), task('t', { after: ['s'] })))).toEqual(['transfer.round']);
    expect(house.codes(KEEPER, plan(task('s'), task('s')))).toEqual(['id.taken']);
    expect(house.codes(KEEPER, plan(task('s', { to: 'G1' })))).toEqual(['move.nowhere']);
    expect(house.codes(KEEPER, plan(task('s', { after: ['nowhere'] })))).toEqual(['unknown']);
  });

  it('rest until tomorrow after the limit of the house', () => {
    house.must(KEEPER, plan(task('s')));
    for (let dip = 0; dip < 3; dip += 1) house.must(TRAINEE, { kind: 'transfer.tried', payload: { task: 's' } });
    expect(house.codes(KEEPER, { kind: 'transfer.tried', payload: { task: 's' } })).toEqual(['transfer.resting']);
    expect(house.codes(KEEPER, carry('s'))).toEqual(['transfer.resting']);
    house.must(KEEPER, carry('s', { overrules: [{ code: 'transfer.resting', reason: 'it swam into the jug' }] }));
    house.wait(DAY_MS);
    house.must(KEEPER, { kind: 'entry.reversed', payload: { act: house.store.ofAct(house.view('logbook').acts[0]!.actId)[0]!.actId } });
    house.must(KEEPER, { kind: 'transfer.tried', payload: { task: 's' } });
  });
});

describe('lots cut and joined', () => {
  const cut = (more: object = {}): Said => ({
    kind: 'lot.split',
    payload: { lot: 'a', child: 'c', label: 'small', place: 'G1', n: 2, why: 'identity', ...more },
  });
  it('keep what is known of the fish, and are counted once', () => {
    house.must(KEEPER, cut());
    expect(house.view('room').racks[0]!.tanks.find(({ code }) => code === 'G1')!.occupants).toMatchObject([
      { lot: 'a', n: 4 },
      { lot: 'c', n: 2, label: 'small', species: { id: 'green-chromis' } },
    ]);
    expect(house.codes(KEEPER, cut())).toEqual(['exists']);
    expect(house.codes(KEEPER, cut({ child: 'd', n: 9 }))).toEqual(['stock.short']);
  });

  it('have a quarantine of their own just when the lot is in quarantine', () => {
    expect(house.codes(KEEPER, cut({ quarantine: 'h' }))).toEqual(['split.quarantine']);
    house.must(LEAD, quarantine('a'));
    expect(house.codes(KEEPER, cut())).toEqual(['split.quarantine']);
    const act = house.must(KEEPER, cut({ quarantine: 'h' }));
    expect(house.view('stream')).toMatchObject({ quarantine: 6 });
    house.must(KEEPER, undo(act));
    expect(house.view('quarantine').quarantines).toHaveLength(1);
  });

  it('are joined by a lead, only to their own kind, in one tank, on the same side of a quarantine', () => {
    house.must(KEEPER, cut());
    const join = (more: object = {}): Said => ({
      kind: 'lot.joined',
      payload: { lot: 'c', into: 'a', place: 'G1', n: 2, why: 'one crate', ...more },
    });
    expect(house.codes(KEEPER, join())).toEqual(['role']);
    expect(house.codes(LEAD, join({ into: 'b' }))).toEqual(['join.otherKind']);
    expect(house.codes(LEAD, join({ n: 1 }))).toEqual(['count.recordMoved']);
    expect(house.codes(LEAD, join({ into: 'c' }))).toEqual(['unknown']);
    house.must(LEAD, quarantine('a'));
    expect(house.codes(LEAD, join())).toEqual(['join.quarantinesDiffer']);
    house.must(LEAD, quarantine('c'));
    house.must(LEAD, join());
    expect(house.view('lot', { lot: 'a' }).lot!.cutFrom).toMatchObject([{ lot: 'c', how: 'joined', n: 2 }]);
  });
});

describe('the house edited', () => {
  const entryOf = (code: string) => house.view('house').tanks.find((tank) => tank.code === code)!.entry;
  const change = (fields: object, basedOn = entryOf('G2')): Said => ({ kind: 'tank.changed', payload: { tank: 'G2', basedOn, fields } });
  it('merges different fields, and tells the later of two who change the same', () => {
    const seen = entryOf('G2');
    house.must(LEAD, change({ lid: true }, seen));
    house.must(LEAD, change({ volumeL: 75 }, seen));
    const { outcome } = house.write(LEAD, change({ lid: false }, seen));
    expect(outcome).toMatchObject({
      ok: false,
      refusals: [{ code: 'change.overtaken', facts: { field: 'lid', now: 'true', by: 'Ines' } }],
    });
    expect(house.view('room').racks[0]!.tanks.find(({ code }) => code === 'G2')).toMatchObject({ lid: true, volumeL: 75 });
  });

  it('does not put one tank on another, nor give two one code, nor make a quarantine tank a sale tank', () => {
    expect(house.codes(LEAD, change({ column: 0 }))).toEqual(['tank.placeTaken']);
    expect(house.codes(LEAD, change({ code: 'G1' }))).toEqual(['exists']);
    expect(house.codes(LEAD, change({}))).toEqual(['change.nothing']);
    house.must(LEAD, quarantine('a'));
    const toSale: Said = { kind: 'tank.changed', payload: { tank: 'G1', basedOn: entryOf('G1'), fields: { purpose: 'sale' } } };
    expect(house.codes(LEAD, toSale)).toEqual(['fit.saleBeforeQuarantine']);
  });

  it('a box is in the water of its tank, which does not go while it hangs there', () => {
    const box = (more: object): Said => ({
      kind: 'tank.added',
      payload: {
        tank: 'box',
        rack: 'back',
        system: 'salt',
        code: 'Box',
        volumeL: 3,
        purpose: 'quarantine',
        lid: true,
        row: 0,
        column: 0,
        vessel: 'box',
        ...more,
      },
    });
    expect(house.codes(LEAD, box({}))).toEqual(['vessel.needsTank']);
    expect(house.codes(LEAD, box({ hangsIn: 'C1' }))).toEqual(['vessel.otherSystem']);
    house.must(LEAD, box({ hangsIn: 'G2' }));
    expect(house.codes(LEAD, { kind: 'thing.retired', payload: { what: 'tank', id: 'G2' } })).toEqual(['tank.hasVessels']);
  });

  it('joins two systems of one kind, explicitly, and counts the clocks from there', () => {
    house.must(LEAD, quarantine('a'), quarantine('b'));
    house.wait(3 * DAY_MS);
    const join = (tanks: string[], into = 'salt'): Said => ({
      kind: 'systems.joined',
      payload: { from: 'reef', into, tanks, volumeL: 600 },
    });
    expect(house.codes(LEAD, join([]))).toEqual(['system.tanksMoved']);
    expect(house.codes(LEAD, join(['C1'], 'sweet'))).toEqual(['system.otherType']);
    house.must(LEAD, join(['C1']));
    expect(house.view('tank', { tank: 'C1' }).system).toMatchObject({ id: 'salt', volumeL: 600 });
    expect(house.view('quarantine').quarantines.map(({ clock }) => clock.restarts.map(({ cause }) => cause))).toEqual([
      ['newcomer'],
      ['came to fish in quarantine'],
    ]);
    house.must(LEAD, { kind: 'thing.retired', payload: { what: 'system', id: 'reef' } });
  });
});

it('water goes from cleared tanks to quarantine, and back only when a lead says that it was done', () => {
  const exchange = (tank: string, fromTank: string, litres = 10): Said => ({
    kind: 'water.exchanged',
    payload: { tank, litres, source: 'tank', fromTank },
  });
  house.must(KEEPER, exchange('G1', 'C1'));
  house.wait(1000);
  expect(house.codes(KEEPER, exchange('C1', 'G1'))).toEqual(['water.fromQuarantine']);
  expect(house.codes(KEEPER, exchange('G1', 'C1', 61))).toEqual(['water.tooMuch']);
  house.must(LEAD, { ...exchange('C1', 'G1'), overrules: [{ code: 'water.fromQuarantine', reason: 'the wrong hose' }] });
  expect(house.view('tank', { tank: 'C1' }).contacts).toMatchObject([
    { by: 'water', from: { code: 'G1' } },
    { by: 'water', from: { code: 'C1' } },
  ]);
});
