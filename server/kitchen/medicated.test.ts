// Medicine in food, in a house: only where it is meant to go, once, on each lot's own days.
import { DAY_MS, HOUR_MS, MINUTE_MS, houseDay } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, quarantine, stock, TRAINEE, type Said, type TestHouse } from '../testHouse.ts';
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
const meal = (tank = 'G1') => house.view('rounds').tanks.find(({ id }) => id === tank)!.lots[0]!.meal;
const courses = () =>
  house
    .view('kitchen')
    .courses.map(({ lot, now, held }) => ({ lot, is: now.is, day: 'day' in now ? now.day : 0, held }))
    .toSorted((a, b) => (a.lot < b.lot ? -1 : 1));
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
    house.wait(MINUTE_MS);
    house.must(TRAINEE, fed({ mix: 'worm' }), fed({ mix: 'worm' }, 'cut'));
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
  it('is stopped in the hour in which it was begun, and those cut off are stopped with it', () => {
    const again = (course: string): Said => ({ kind: 'course.begun', payload: { course, lot: 'fire', mix: 'worm', why: 'thin' } });
    const stop: Said = { kind: 'course.stopped', payload: { lot: 'fire', mix: 'worm', why: 'they spit it out' } };
    house.must(TRAINEE, fed());
    house.wait(MINUTE_MS);
    house.must(KEEPER, stop);
    house.wait(MINUTE_MS);
    house.must(KEEPER, { ...again('again'), overrules: [{ code: 'course.noSign', reason: 'asked for by the veterinarian' }] });
    expect(courses()).toMatchObject([{ is: 'on', day: 1 }]);
    house.wait(MINUTE_MS);
    house.must(KEEPER, stop);
    expect(courses()).toEqual([]);
    house.wait(MINUTE_MS);
    house.must(KEEPER, {
      kind: 'lot.split',
      payload: { lot: 'fire', child: 'cut', label: 'the small ones', place: 'G1', n: 2, why: 'followed singly', quarantine: 'hold-cut' },
    });
    expect(courses()).toEqual([]);
  });
  it('is for newcomers: not for fish that ate here for days, nor for those cut from them, nor for a quarantine that began anew', () => {
    house.must(TRAINEE, fed());
    house.wait(5 * DAY_MS);
    expect(courses()).toEqual([]);
    house.must(KEEPER, {
      kind: 'lot.split',
      payload: { lot: 'fire', child: 'cut', label: 'the small ones', place: 'G1', n: 2, why: 'followed singly', quarantine: 'hold-cut' },
    });
    expect(courses()).toEqual([]);
    house.must(LEAD, stock('old', 'C1', 'firefish', 3));
    house.must(TRAINEE, fed({}, 'old', 'C1'));
    house.wait(5 * DAY_MS);
    house.must(LEAD, quarantine('old'));
    expect(courses()).toEqual([]);
  });
  it('is not given again to one of a tank for the sake of another', () => {
    house.must(LEAD, stock('mate', 'G1', 'firefish', 2), quarantine('mate'));
    house.must(TRAINEE, fed(), fed({}, 'mate'));
    house.wait(MINUTE_MS);
    // One meal is written lot by lot.
    house.must(TRAINEE, fed({ mix: 'worm' }), fed({ mix: 'worm', response: 'ignored' }, 'mate'));
    house.wait(2 * HOUR_MS);
    expect(courses()).toMatchObject([{ lot: 'fire' }, { lot: 'mate', held: 'tankmates' }]);
    expect(house.codes(KEEPER, fed({ mix: 'worm' }, 'mate'))).toEqual(['fed.medicatedTwice']);
  });
  it('is told of those who are through with it', () => {
    house.must(TRAINEE, fed());
    house.wait(MINUTE_MS);
    house.must(TRAINEE, fed({ mix: 'worm' }));
    house.wait(30 * DAY_MS);
    expect(courses()).toMatchObject([{ lot: 'fire', is: 'over' }]);
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
    const looked = (): Said => ({
      kind: 'tank.checked',
      payload: { tank: 'G1', day: houseDay(house.now(), 'Europe/Lisbon'), round: 'morning', allWell: true, lots: [] },
    });
    house.must(TRAINEE, fed(), looked());
    house.wait(MINUTE_MS);
    house.must(TRAINEE, fed({ mix: 'worm' }));
    expect(house.codes(KEEPER, treat('copper'))).toEqual(['treatment.second']);
    house.wait(DAY_MS + MINUTE_MS);
    house.must(TRAINEE, fed(), looked());
    expect(house.codes(KEEPER, treat('copper'))).toEqual([]);
    expect(house.codes(TRAINEE, fed({ mix: 'worm' }))).toEqual(['fed.second']);
  });
  it('only one mix is for all newcomers', () => {
    expect(house.codes(KEEPER, mix({ mix: 'other', name: 'other' }))).toEqual(['mix.firstTaken']);
    expect(house.codes(KEEPER, mix({ mix: 'other', name: ' Antiworm  Food', first: false }))).toEqual(['exists']);
    expect(house.codes(KEEPER, mix({ mix: 'other', name: 'other', first: false }))).toEqual([]);
  });
});
