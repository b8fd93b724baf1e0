// Healing in a house: measured on its rhythm, due back when it is met; and who is ready for medicine.
import { DAY_MS, HOUR_MS, houseDay } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, quarantine, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fire', 'G1', 'firefish', 2), quarantine('fire'));
  house.wait(5 * DAY_MS);
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const begun = (more: object = {}): Said => ({
  kind: 'healing.begun',
  payload: { healing: 'flank', lot: 'fire', what: 'scrape', by: 'mm', until: 2, everyDays: 7, ...more },
});
const measured = (value: number, healing = 'flank'): Said => ({ kind: 'healing.measured', payload: { healing, value } });
const ended = (how: 'returned' | 'given up' = 'returned'): Said => ({ kind: 'healing.ended', payload: { healing: 'flank', how } });
const dues = (rule: string) => house.view('today').due.filter((due) => due.rule === rule);
const lot = () => house.view('rounds').tanks.find(({ id }) => id === 'G1')!.lots[0]!;

describe('healing', () => {
  it('is measured when it is due, may return when it is met, and is over then', () => {
    house.must(KEEPER, begun());
    expect(dues('healing')).toMatchObject([{ facts: { tankCode: 'G1', what: 'firefish, scrape' } }]);
    house.must(TRAINEE, measured(9));
    // Shown a day ahead, asked for on its day.
    expect(dues('healing')).toEqual([]);
    expect(lot().healings).toEqual([{ healing: 'flank', what: 'scrape', by: 'mm', until: 2, last: 9, due: false }]);
    house.wait(7 * DAY_MS);
    expect(dues('healing')).toHaveLength(1);
    expect(lot().healings![0]!.due).toBe(true);
    expect(house.codes(KEEPER, ended())).toEqual(['healing.notMet']);
    const act = house.must(TRAINEE, measured(2));
    expect(dues('healed')).toHaveLength(1);
    house.must(TRAINEE, undo(act));
    expect(dues('healed')).toEqual([]);
    house.must(TRAINEE, measured(1.5));
    house.must(KEEPER, ended());
    expect([...dues('healed'), ...dues('healing')]).toEqual([]);
    expect(house.codes(TRAINEE, measured(1))).toEqual(['healing.over']);
    expect(house.codes(KEEPER, ended('given up'))).toEqual(['healing.over']);
    expect(house.view('lot', { lot: 'fire' }).healings).toMatchObject([
      { measures: [{ value: 9 }, { value: 1.5 }], ended: { how: 'returned', by: 'Bram' } },
    ]);
  });
  it('is followed once, of fish that are here, by a share that can be', () => {
    house.must(KEEPER, begun());
    expect(house.codes(KEEPER, begun({ healing: 'again', what: ' Scrape ' }))).toEqual(['healing.running']);
    expect(house.codes(KEEPER, begun({ healing: 'tail', what: 'tail', by: 'percent', until: 120 }))).toEqual(['healing.badShare']);
    house.must(KEEPER, begun({ healing: 'tail', what: 'tail', by: 'percent', until: 90 }));
    expect(house.codes(TRAINEE, measured(130, 'tail'))).toEqual(['healing.badShare']);
    expect(house.codes(TRAINEE, measured(1, 'none'))).toEqual(['unknown']);
    expect(house.codes(TRAINEE, begun({ healing: 'x', what: 'x' }))).toEqual(['role']);
    house.must(LEAD, { kind: 'loss.recorded', payload: { lot: 'fire', place: 'G1', n: 2, cause: 'injury', sure: 'guess' } });
    expect(house.codes(KEEPER, begun({ healing: 'late', what: 'late' }))).toEqual(['healing.notHere']);
    // Nobody is asked to measure the dead.
    expect(dues('healing')).toEqual([]);
  });
});

describe('ready for medicine', () => {
  const lacks = () => house.view('lot', { lot: 'fire' }).lot!.condition!.flatMap(({ is, ok }) => (ok ? [] : [is]));
  const looked = (): Said => ({
    kind: 'tank.checked',
    payload: { tank: 'G1', day: houseDay(house.now(), 'Europe/Lisbon'), round: 'morning', allWell: true, lots: [] },
  });
  const treat: Said = { kind: 'treatment.begun', payload: { treatment: 'dye', system: 'salt', family: 'dye' } };
  it('ticks itself by the records, and asks at a treatment until it is', () => {
    expect(lacks()).toEqual(['eats', 'filled out', 'strong']);
    house.must(TRAINEE, looked());
    expect(lacks()).toEqual(['eats']);
    expect(house.codes(LEAD, treat)).toContain('treatment.frail');
    house.must(TRAINEE, { kind: 'lot.fed', payload: { tank: 'G1', lot: 'fire', food: 'brine', response: 'ate' } });
    expect(lacks()).toEqual([]);
    house.wait(HOUR_MS);
    house.must(TRAINEE, {
      kind: 'tank.checked',
      payload: {
        tank: 'G1',
        day: houseDay(house.now(), 'Europe/Lisbon'),
        round: 'morning',
        allWell: false,
        lots: [{ lot: 'fire', expected: 2, seen: null, signs: [{ sign: 'thin' }] }],
      },
    });
    expect(lacks()).toEqual(['filled out']);
    expect(house.codes(LEAD, treat)).toContain('treatment.frail');
  });
  it('a move to another water is settled after two days; within one water it is none', () => {
    house.must(TRAINEE, { kind: 'lot.fed', payload: { tank: 'G1', lot: 'fire', food: 'brine', response: 'ate' } });
    house.must(LEAD, {
      kind: 'stock.moved',
      payload: { moves: [{ lot: 'fire', from: 'G1', to: 'G2', n: 2 }] },
      overrules: [{ code: 'fit.noLid', reason: 'glass over it' }],
    });
    // The look is asked for where they live now.
    expect(lacks()).toEqual(['filled out', 'strong']);
  });
});
