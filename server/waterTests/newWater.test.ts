// New water is judged by the ammonia and the medicine that stand in the old, wherever it is poured; and the trend of a system is told whole.
import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, stock, TRAINEE, type Said, type TestHouse } from '../testHouse.ts';
import { change, kit, read, treat } from './testWater.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fire', 'C1', 'firefish', 4));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});

describe('new water', () => {
  it('of a higher pH is stopped where ammonia stands bound, into the tank, at the sump and from another tank alike', () => {
    house.must(LEAD, stock('tetra', 'F1', 'cherry-barb', 4));
    house.must(TRAINEE, read('ammonia', 3, { system: 'sweet' }), read('pH', 6.4, { system: 'sweet' }));
    const sweet = (more: object = {}): Said => change({ tank: 'F1', litres: 60, salinityPpt: 0, pH: 8.2, ...more });
    expect(house.codes(KEEPER, sweet())).toContain('water.frees');
    expect(house.codes(KEEPER, sweet({ atSump: undefined, litres: 20 }))).toContain('water.frees');
    expect(house.codes(KEEPER, sweet({ pH: undefined }))).toContain('water.freesPerhaps');
    expect(house.codes(KEEPER, sweet({ pH: 6.5 }))).not.toContain('water.frees');
    // A badge shows the toxic part alone: what stands bound behind it counts.
    house.wait(HOUR_MS);
    house.must(TRAINEE, read('free ammonia', 0.003, { system: 'sweet' }), read('pH', 6.4, { system: 'sweet' }));
    expect(house.codes(KEEPER, sweet())).toContain('water.frees');
    // A few percent bring no pH along.
    expect(house.codes(KEEPER, sweet({ litres: 10, pH: undefined }))).not.toContain('water.freesPerhaps');
    house.wait(3 * DAY_MS);
    expect(house.codes(KEEPER, sweet())).not.toContain('water.frees');
  });
  it('given to the same level again makes no medicine weaker', () => {
    house.must(LEAD, treat('dye'));
    expect(house.codes(KEEPER, change())).toEqual(['water.dilutes']);
    expect(house.codes(KEEPER, change({ redosed: ['copper'] }))).toEqual(['water.dilutes']);
    expect(house.codes(KEEPER, change({ redosed: ['dye'] }))).toEqual([]);
  });
  it('poured into an empty tank meets all who live on its water', () => {
    house.must(LEAD, stock('goby', 'G1', 'firefish', 3));
    const into = (litres: number): Said => change({ tank: 'G2', litres, atSump: undefined, salinityPpt: 0, pH: undefined });
    expect(house.codes(KEEPER, into(60))).toContain('release.salinity');
    expect(house.codes(KEEPER, into(1))).not.toContain('release.salinity');
  });
});

it('the trend of a system: points by test, changes, deaths, treatments; bearable whatever is asked', () => {
  house.must(KEEPER, kit('drops'));
  house.must(TRAINEE, read('ammonia', 0.2, { kit: 'drops' }), read('ammonia', 0.3));
  house.must(KEEPER, change());
  house.must(KEEPER, { kind: 'loss.recorded', payload: { lot: 'fire', place: 'C1', n: 1, cause: 'not known', sure: 'guess' } });
  const trend = (query: Record<string, string>) => house.view('waterTrend', query);
  expect(trend({ system: 'reef', quantity: 'ammonia', days: '30' })).toMatchObject({
    instruments: expect.arrayContaining(['drops', 'not said with what']) as string[],
    readings: 2,
    quantities: ['ammonia'],
    marks: [
      { is: 'change', n: 20 },
      { is: 'loss', n: 1 },
    ],
    limits: { to: 0.5 },
  });
  for (const query of [
    {},
    { system: 'none' },
    { system: 'reef', quantity: 'volume', days: 'x' },
    { system: 'reef', quantity: '__proto__', days: '99999' },
  ])
    expect(() => trend(query as Record<string, string>)).not.toThrow();
});
