// The kitchen in a house: batches out of what is here, medicine only where it is meant to go, once, on each lot's own days; food that comes out again.
import { USUAL_FOODS, type FoodFields } from '#core/feeding/index.ts';
import type { MixFields } from '#core/kitchen/index.ts';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, quarantine, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

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
const food = (id: string, more: Partial<FoodFields> = {}): Said => ({
  kind: 'food.added',
  payload: { food: id, ...USUAL_FOODS.find(({ name }) => name === 'frozen brine shrimp')!, name: id, ...more },
});
const mix = (more: Partial<MixFields> & { mix?: string } = {}): Said => ({
  kind: 'mix.added',
  payload: {
    mix: 'worm',
    name: 'antiworm food',
    family: 'antiworm',
    amount: 5,
    unit: 'mg',
    per: 'g of food',
    timesADay: 1,
    days: 3,
    breakDays: 7,
    first: true,
    ...more,
  },
});
const fed = (more: object = {}, lot = 'fire', tank = 'G1'): Said => ({
  kind: 'lot.fed',
  payload: { tank, lot, food: 'brine', response: 'ate', ...more },
});
type Line = Extract<Said, { kind: 'batch.begun' }>['payload']['lines'][number];
const begin = (lines: Line[], batch = 'batch-1'): Said => ({ kind: 'batch.begun', payload: { batch, forMs: house.now(), lines } });
const medicated: Line = { food: 'brine', g: 7, mix: { mix: 'worm', amount: 35 } };
const step = (done: 'thawed' | 'strained' | 'soaked' | 'thrown away', batch = 'batch-1'): Said => ({
  kind: 'batch.stepped',
  payload: { batch, food: 'brine', step: done },
});
const meal = (tank = 'G1') => house.view('rounds').tanks.find(({ id }) => id === tank)!.lots[0]!.meal;
const courses = () =>
  house
    .view('kitchen')
    .courses.map(({ lot, now, held }) => ({ lot, is: now.is, day: 'day' in now ? now.day : 0, held }))
    .toSorted((a, b) => (a.lot < b.lot ? -1 : 1));
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

describe('medicated food', () => {
  const ready = () => {
    house.must(TRAINEE, begin([{ food: 'brine', g: 7 }, medicated]), step('soaked'));
  };
  it('waits until they eat, is planned by its batch, and given once a day', () => {
    ready();
    expect(meal()).toMatchObject({ food: 'brine', batch: 'batch-1', medicated: { is: 'not eating', day: 1 } });
    house.must(TRAINEE, fed({ batch: 'batch-1' }));
    house.wait(MINUTE_MS);
    expect(meal()).toMatchObject({ batch: 'batch-1', medicated: { is: 'given', day: 1, of: 3 } });
    house.must(TRAINEE, fed({ batch: 'batch-1', mix: 'worm' }));
    expect(meal().medicated).toBeUndefined();
    expect(house.codes(TRAINEE, fed({ batch: 'batch-1', mix: 'worm' }))).toEqual(['fed.medicatedTwice']);
    house.wait(DAY_MS);
    expect(meal()).toMatchObject({ medicated: { is: 'not ready', day: 2 } });
    expect(courses()).toEqual([{ lot: 'fire', is: 'on', day: 2, held: undefined }]);
  });
  it('is never given as if it were plain, nor plain food as if it were medicated', () => {
    house.must(TRAINEE, begin([medicated]), step('soaked'));
    expect(house.codes(TRAINEE, fed({ batch: 'batch-1' }))).toEqual(['fed.otherMix']);
    house.must(TRAINEE, begin([{ food: 'brine', g: 7 }], 'batch-2'), step('soaked', 'batch-2'));
    expect(house.codes(TRAINEE, fed({ batch: 'batch-2', mix: 'worm' }))).toEqual(['fed.otherMix']);
    expect(house.codes(TRAINEE, fed({ batch: 'batch-2', food: 'clam' }))).toEqual(['fed.notInBatch']);
  });
  it('never where shrimps live, and not where others are not on their days', () => {
    house.must(LEAD, stock('others', 'G1', 'green-chromis', 2));
    ready();
    expect(house.codes(KEEPER, fed({ mix: 'worm' }))).toEqual(['fed.notOnCourse']);
    house.must(LEAD, stock('crew', 'G1', 'cleaner-shrimp', 2));
    expect(house.codes(KEEPER, fed({ mix: 'worm' }))).toEqual(expect.arrayContaining(['fed.invertebrates']));
    expect(house.codes(TRAINEE, fed({ mix: 'worm' }))).toEqual(expect.arrayContaining(['fed.invertebrates']));
    house.must(TRAINEE, fed());
    expect(courses()[0]).toMatchObject({ held: 'invertebrates' });
    expect(house.view('kitchen').lines.every(({ mix: of }) => of === undefined)).toBe(true);
  });
  it('counts each lot by itself, and those cut off go on where they stood', () => {
    house.must(TRAINEE, fed());
    house.wait(MINUTE_MS);
    house.must(TRAINEE, fed({ mix: 'worm' }));
    house.wait(DAY_MS);
    house.must(KEEPER, {
      kind: 'lot.split',
      payload: { lot: 'fire', child: 'cut', label: 'the small ones', place: 'G1', n: 2, why: 'followed singly', quarantine: 'hold-cut' },
    });
    house.must(TRAINEE, fed({ mix: 'worm' }, 'cut'));
    expect(courses()).toEqual([
      { lot: 'cut', is: 'on', day: 2, held: undefined },
      { lot: 'fire', is: 'on', day: 2, held: undefined },
    ]);
    house.wait(2 * DAY_MS);
    expect(courses()).toMatchObject([
      { lot: 'cut', is: 'break', day: 1 },
      { lot: 'fire', is: 'break', day: 1 },
    ]);
    // What it took is remembered of those cut off, too.
    expect(meal()).toMatchObject({ food: 'brine' });
  });
  it('a second course is for signs, not within the break, and may be stopped', () => {
    const again: Said = { kind: 'course.begun', payload: { course: 'again', lot: 'fire', mix: 'worm', why: 'stringy faeces' } };
    const stop: Said = { kind: 'course.stopped', payload: { lot: 'fire', mix: 'worm', why: 'they spit it out' } };
    house.must(TRAINEE, fed());
    house.wait(MINUTE_MS);
    house.must(TRAINEE, fed({ mix: 'worm' }));
    expect(house.codes(KEEPER, again)).toEqual(['course.running']);
    house.wait(3 * DAY_MS);
    expect(house.codes(KEEPER, again)).toEqual(['course.onBreak', 'course.noSign']);
    house.wait(8 * DAY_MS);
    expect(house.codes(TRAINEE, again)).toEqual(['role']);
    expect(house.codes(KEEPER, again)).toEqual(['course.noSign']);
    house.must(KEEPER, {
      kind: 'tank.checked',
      payload: {
        tank: 'G1',
        day: Math.floor(house.now() / DAY_MS),
        round: 'morning',
        allWell: false,
        lots: [{ lot: 'fire', expected: 4, seen: null, signs: [{ sign: 'stringy faeces', n: 1 }] }],
      },
    });
    house.must(KEEPER, again);
    expect(courses()).toEqual([{ lot: 'fire', is: 'on', day: 1, held: undefined }]);
    house.wait(DAY_MS);
    house.must(KEEPER, stop);
    expect(courses()).toEqual([]);
    expect(house.codes(KEEPER, stop)).toEqual(['course.none']);
  });
  it('that was left is in nobody: the day is missed, and it may be offered again', () => {
    house.must(TRAINEE, fed());
    house.wait(MINUTE_MS);
    house.must(TRAINEE, fed({ mix: 'worm', response: 'ignored' }));
    expect(house.codes(TRAINEE, fed({ mix: 'worm', response: 'tasted' }))).toEqual([]);
    expect(house.codes(TRAINEE, fed({ mix: 'worm' }))).toEqual(['fed.medicatedTwice']);
  });
  it('and medicine in the water are asked about together, whichever came first', () => {
    const treat = (family: 'copper' | 'dye', treatment = family): Said => ({
      kind: 'treatment.begun',
      payload: { treatment, system: 'salt', family },
    });
    house.must(TRAINEE, fed());
    house.wait(MINUTE_MS);
    house.must(TRAINEE, fed({ mix: 'worm' }));
    expect(house.codes(KEEPER, treat('copper'))).toEqual(['treatment.second']);
    house.wait(DAY_MS + MINUTE_MS);
    house.must(TRAINEE, fed());
    expect(house.codes(KEEPER, treat('copper'))).toEqual([]);
    expect(house.codes(TRAINEE, fed({ mix: 'worm' }))).toEqual(['fed.second']);
  });
  it('only one mix is for all newcomers', () => {
    expect(house.codes(KEEPER, mix({ mix: 'other', name: 'other' }))).toEqual(['mix.firstTaken']);
    expect(house.codes(KEEPER, mix({ mix: 'other', name: ' Antiworm  Food', first: false }))).toEqual(['exists']);
    expect(house.codes(KEEPER, mix({ mix: 'other', name: 'other', first: false }))).toEqual([]);
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
