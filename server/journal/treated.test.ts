// Treatments and changes of water are judged by who lives there: by the same table as fish that are moved into them.
import { HOUR_MS, houseDay } from '#core/time/index.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, stock, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => void (house = furnish(makeTestHouse())));
afterEach(() => house.close());

const fed = (lot: string, tank = 'G1'): Said => ({ kind: 'lot.fed', payload: { tank, lot, food: 'mysis', response: 'ate' } });
/** Looked at: without a sign is what somebody saw. */
const looked = (tank = 'G1'): Said => ({
  kind: 'tank.checked',
  payload: { tank, day: houseDay(house.now(), 'Europe/Lisbon'), round: 'morning', allWell: true, lots: [] },
});
const begun = (family: 'copper' | 'dye', treatment: string = family): Said => ({
  kind: 'treatment.begun',
  payload: { treatment, system: 'salt', family },
});
const ended = (treatment: string): Said => ({ kind: 'treatment.ended', payload: { treatment, system: 'salt' } });

it('a treatment is asked about where it harms who lives there, runs once, and ends', () => {
  house.must(LEAD, stock('wrasse', 'G1', 'six-line-wrasse', 1), fed('wrasse'), looked());
  expect(house.codes(KEEPER, begun('copper'))).toEqual(['treatment.harms']);
  house.must(KEEPER, begun('dye'));
  expect(house.codes(KEEPER, begun('dye', 'copper'))).toEqual(['treatment.running']);
  house.must(KEEPER, ended('dye'));
  expect(house.codes(KEEPER, ended('dye'))).toEqual(['treatment.notRunning']);
});

it('no treatment for a system with shrimps, nor where nobody knows who lives; what is in already is written, and a lead called', () => {
  house.must(LEAD, stock('shrimp', 'G2', 'cleaner-shrimp', 1), fed('shrimp', 'G2'), looked('G2'));
  expect(house.codes(KEEPER, begun('dye'))).toEqual(['treatment.invertebrates']);
  house.must(KEEPER, {
    ...begun('dye'),
    overrules: [{ code: 'treatment.invertebrates', reason: 'in by mistake', without: 'done already' }],
  });
});

it('a second within a day, and fish that are weak or have not eaten, are asked about', () => {
  house.must(LEAD, stock('fish', 'G1', 'firefish', 2));
  const taken = (said: Said, code: 'treatment.frail' | 'treatment.second'): Said => ({
    ...said,
    overrules: [{ code, reason: 'the vet says so' }],
  });
  expect(house.codes(KEEPER, begun('dye'))).toEqual(['treatment.frail']);
  // Fed, and nobody has looked: not seen ill is not seen well.
  house.must(KEEPER, fed('fish'));
  expect(house.codes(KEEPER, begun('dye'))).toEqual(['treatment.frail']);
  house.must(KEEPER, looked(), begun('dye'), ended('dye'));
  house.wait(20 * HOUR_MS);
  expect(house.codes(KEEPER, begun('copper'))).toEqual(['treatment.second']);
  house.must(KEEPER, taken(begun('copper'), 'treatment.second'));
  house.wait(60 * HOUR_MS);
  house.must(KEEPER, ended('copper'));
  house.wait(30 * HOUR_MS);
  expect(house.codes(KEEPER, begun('dye', 'third'))).toEqual(['treatment.frail']);
  house.must(KEEPER, taken(begun('dye', 'third'), 'treatment.frail'));
});

describe('a change of water', () => {
  const mixed = (litres: number, more: object = {}): Said => ({
    kind: 'water.exchanged',
    payload: { tank: 'G1', litres, source: 'mixed', ...more },
  });
  const from = (tank: string, litres: number): Said => ({
    kind: 'water.exchanged',
    payload: { tank: 'G1', litres, source: 'tank', fromTank: tank },
  });

  it('of much at once wants the new water read, and stops one that is another', () => {
    house.must(KEEPER, mixed(40));
    house.must(LEAD, stock('fish', 'G1', 'firefish', 2));
    // Unread it may be fresh: a little of that they bear, a fifth of the tank they do not.
    house.must(KEEPER, mixed(1));
    expect(house.codes(KEEPER, mixed(12))).toEqual(['water.notRead']);
    expect(house.codes(KEEPER, mixed(12, { salinityPpt: 32 }))).toEqual([]);
    house.must(KEEPER, mixed(30, { salinityPpt: 32, temperatureC: 25 }));
    expect(house.codes(KEEPER, mixed(30, { salinityPpt: 0.2, temperatureC: 25 }))).toContain('release.salinity');
    expect(house.codes(KEEPER, mixed(30, { salinityPpt: 32, temperatureC: 12 }))).toContain('release.temperature');
  });

  it('from a tank of another system, or of one under a treatment that they do not bear, is stopped', () => {
    house.must(LEAD, stock('fish', 'G1', 'six-line-wrasse', 2));
    expect(house.codes(KEEPER, from('F1', 30))).toContain('release.salinity');
    house.must(KEEPER, from('C1', 10), { kind: 'treatment.begun', payload: { treatment: 'c', system: 'reef', family: 'copper' } });
    expect(house.codes(KEEPER, from('C1', 10))).toEqual(['water.treated']);
    // Copper stays in what it touched until a test shows zero.
    house.must(KEEPER, { kind: 'treatment.ended', payload: { treatment: 'c', system: 'reef' } });
    expect(house.codes(KEEPER, from('C1', 10))).toEqual(['water.treated']);
    house.must(KEEPER, { ...from('C1', 10), overrules: [{ code: 'water.treated', reason: 'hose', without: 'done already' }] });
  });
});
