// The kitchen in a house: batches out of what is here, food that comes out again, what is to be ordered.
import { DAY_MS, HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, quarantine, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';
import { begin as begun, fed, food, medicated, mix, step } from './testKitchen.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fire', 'G1', 'firefish', 4), quarantine('fire'), food('brine'), mix());
  house.wait(DAY_MS);
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const begin = (lines: Parameters<typeof begun>[1], batch?: string) => begun(house, lines, batch);
const here = () => house.view('house').foods[0]!.here?.amount;
describe('a batch', () => {
  it('takes its food out of what is here, and gives it back when it is undone', () => {
    house.must(KEEPER, { kind: 'supply.received', payload: { item: 'brine', amount: 20 } });
    house.wait(MINUTE_MS);
    const act = house.must(TRAINEE, begin([{ food: 'brine', g: 14 }]));
    expect(here()).toBe(6);
    // A count is of the shelf: what was taken before it does not matter.
    house.wait(MINUTE_MS);
    house.must(KEEPER, { kind: 'supply.counted', payload: { item: 'brine', amount: 5 } });
    expect(here()).toBe(5);
    expect(house.codes(TRAINEE, begin([{ food: 'brine', g: 14 }], 'batch-2'))).toEqual(['batch.notThere']);
    house.must(TRAINEE, undo(act));
    expect(here()).toBe(5);
  });
  it('is not begun for ever: timers that nobody thaws would hide the others', () => {
    for (let no = 0; no < 24; no += 1) house.must(TRAINEE, begin([{ food: 'brine', g: 1 }], `batch-${no}`));
    expect(house.codes(LEAD, begin([{ food: 'brine', g: 1 }], 'one-more'))).toEqual(['batch.tooMany']);
  });
  it('is for a meal of these days', () => {
    const far: Said = {
      kind: 'batch.begun',
      payload: { batch: 'far', forMs: house.now() + 3 * DAY_MS, lines: [{ food: 'brine', g: 14 }] },
    };
    expect(house.codes(TRAINEE, far)).toEqual(['batch.farOff']);
  });
  it('of a food that nobody counts asks nothing, of one that is not on the list is refused', () => {
    expect(house.codes(TRAINEE, begin([{ food: 'brine', g: 14 }]))).toEqual([]);
    expect(house.codes(TRAINEE, begin([{ food: 'krill', g: 14 }], 'batch-2'))).toEqual(['unknown']);
    expect(house.codes(TRAINEE, begin([medicated, medicated], 'batch-3'))).toEqual(['batch.foodTwice']);
  });
  it('holds the medicine that its label makes, and no other amount', () => {
    expect(house.codes(TRAINEE, begin([{ ...medicated, mix: { mix: 'worm', amount: 350 } }]))).toEqual(['batch.badMix']);
    expect(house.codes(TRAINEE, begin([{ ...medicated, mix: { mix: 'none', amount: 35 } }]))).toEqual(['unknown']);
    expect(house.codes(TRAINEE, begin([medicated]))).toEqual([]);
  });
  it('thaws in the strip, is strained by hands, and is not said twice', () => {
    house.must(TRAINEE, begin([{ food: 'brine', g: 14 }]));
    expect(house.view('running').kitchen).toMatchObject([{ name: 'brine', is: 'thawing', untilMs: house.now() + HOUR_MS }]);
    expect(house.codes(TRAINEE, fed({ batch: 'batch-1' }))).toEqual(['fed.batchNotReady']);
    house.wait(HOUR_MS);
    house.must(TRAINEE, step('strained'));
    expect(house.codes(KEEPER, step('strained'))).toEqual(['batch.doneAlready']);
    expect(house.view('running').kitchen).toMatchObject([{ is: 'soaking' }]);
    house.wait(15 * MINUTE_MS);
    expect(house.view('running').kitchen).toEqual([]);
    house.wait(6 * HOUR_MS);
    expect(house.view('today').due.filter(({ rule }) => rule === 'batch-away')).toHaveLength(1);
    expect(house.codes(TRAINEE, fed({ batch: 'batch-1' }))).toEqual(['fed.batchOld']);
    house.must(TRAINEE, step('thrown away'));
    expect(house.view('today').due.filter(({ rule }) => rule === 'batch-away')).toEqual([]);
  });
});

it('food that stays in is to come out again, once for a tank, until somebody says so', () => {
  house.must(KEEPER, food('clam', { leaveInH: 4 }));
  house.must(LEAD, stock('more', 'G1', 'firefish', 2));
  house.must(TRAINEE, fed({ food: 'Clam ' }), fed({ food: 'clam' }, 'more'));
  const out = () => house.view('today').due.filter(({ rule }) => rule === 'food-out');
  expect(house.view('running').stillIn).toMatchObject([{ tankCode: 'G1', outMs: house.now() + 4 * HOUR_MS }]);
  expect(out()).toMatchObject([{ fromMs: house.now() + 4 * HOUR_MS }]);
  house.wait(5 * HOUR_MS);
  house.must(TRAINEE, { kind: 'due.done', payload: { due: out()[0]!.id } });
  expect(out()).toEqual([]);
  expect(house.view('running').stillIn).toEqual([]);
});

it('what is nearly used up is to be ordered, and what is past its date to be checked', () => {
  house.must(KEEPER, { kind: 'supply.added', payload: { supply: 'salt-mix', name: 'salt', unit: 'kg', reorderAt: 10 } });
  const due = () => house.view('today').due.filter(({ rule }) => rule === 'supply');
  expect(due()).toEqual([]);
  house.must(KEEPER, { kind: 'supply.received', payload: { item: 'salt-mix', amount: 12, bestBeforeMs: house.now() + DAY_MS } });
  expect(due()).toEqual([]);
  house.wait(2 * DAY_MS);
  expect(due()).toMatchObject([{ step: 'low' }, { step: 'past' }]);
  house.must(KEEPER, { kind: 'supply.counted', payload: { item: 'salt-mix', amount: 0 } });
  house.must(KEEPER, { kind: 'supply.received', payload: { item: 'salt-mix', amount: 25 } });
  const { entry } = house.view('house').supplies[0]!;
  expect(house.codes(KEEPER, { kind: 'supply.changed', payload: { supply: 'salt-mix', basedOn: entry, fields: { unit: 'g' } } })).toEqual([
    'supply.unitFixed',
  ]);
  expect(house.codes(TRAINEE, { kind: 'supply.counted', payload: { item: 'salt-mix', amount: 1 } })).toEqual(['role']);
  expect(house.codes(KEEPER, { kind: 'supply.counted', payload: { item: 'nothing', amount: 1 } })).toEqual(['unknown']);
});
