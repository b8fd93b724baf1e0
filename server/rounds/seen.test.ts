// Checks that see, in a house: how many, how strong; as before; what lasts; fish that counts did not find; who chases whom; young.
import type { LotCheck, RoundName, SignSeen } from '#core/rounds/index.ts';
import { DAY_MS, HOUR_MS, MINUTE_MS, houseDay } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, quarantine, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(
    LEAD,
    stock('fire', 'G1', 'firefish', 4),
    quarantine('fire'),
    stock('shrimp', 'C1', 'cleaner-shrimp', 3),
    stock('gramma', 'C1', 'royal-gramma', 2),
  );
  house.wait(DAY_MS);
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const checked = (
  lot: string,
  look: Partial<LotCheck>,
  { tank = 'G1', round = 'morning', expected = 4 }: { tank?: string; round?: RoundName; expected?: number } = {},
): Said => ({
  kind: 'tank.checked',
  payload: {
    tank,
    day: houseDay(house.now(), 'Europe/Lisbon'),
    round,
    allWell: false,
    lots: [{ lot, expected, seen: null, signs: [], ...look }],
  },
});
const lotIn = (tank: string, lot: string) =>
  house
    .view('rounds')
    .tanks.find(({ id }) => id === tank)!
    .lots.find((known) => known.lot === lot)!;
const dues = (rule: string) => house.view('today').due.filter((due) => due.rule === rule);

it('a sign has how many, how strong and where, and is offered again the next day, until somebody looks and it is gone', () => {
  const signs: SignSeen[] = [{ sign: 'white spots', n: 2, strength: 'bad', where: ['fins', 'flank'] }];
  house.must(TRAINEE, checked('fire', { signs }));
  house.wait(DAY_MS);
  expect(lotIn('G1', 'fire').before).toMatchObject({ signs });
  expect(lotIn('G1', 'fire').lately).toEqual(['white spots']);
  house.must(TRAINEE, {
    kind: 'tank.checked',
    payload: { tank: 'G1', day: houseDay(house.now(), 'Europe/Lisbon'), round: 'evening', allWell: true, lots: [] },
  });
  expect(lotIn('G1', 'fire').before).toBeUndefined();
  house.wait(20 * DAY_MS);
  expect(lotIn('G1', 'fire').lately).toBeUndefined();
});

it('a shrimp has no white spots, and no sign is on more than there are', () => {
  const shrimp = (look: Partial<LotCheck>) => checked('shrimp', look, { tank: 'C1', expected: 3 });
  expect(house.codes(TRAINEE, shrimp({ signs: [{ sign: 'white spots' }] }))).toEqual(['check.notOfTheirs']);
  expect(house.codes(TRAINEE, shrimp({ signs: [{ sign: 'stuck in its moult', n: 1 }] }))).toEqual([]);
  expect(house.codes(TRAINEE, shrimp({ signs: [{ sign: 'hiding', n: 4 }] }))).toEqual(['check.moreThanThere']);
  expect(house.codes(TRAINEE, checked('fire', { signs: [{ sign: 'lost a limb' }] }))).toEqual(['check.notOfTheirs']);
});

it('what a lot shows on most days is usual for it once it has settled; hiding since it came is not', () => {
  const hides = (days: number) => {
    for (let day = 0; day < days; day += 1) {
      house.must(TRAINEE, checked('fire', { signs: day % 2 === 0 ? [{ sign: 'hiding' }, { sign: 'clamped fins' }] : [] }));
      house.wait(DAY_MS);
    }
  };
  hides(9);
  expect(lotIn('G1', 'fire').usual).toBeUndefined();
  // Of the days from the seventh on to the day before yesterday: 7, 9, 10, 12, 14, 16, 18 of twelve.
  hides(10);
  expect(lotIn('G1', 'fire').usual).toEqual([{ sign: 'hiding', days: 7, of: 12 }]);
});

it('fish that were cut off came when those came, and spots seen in another tank are spots', () => {
  house.must(TRAINEE, checked('fire', { signs: [{ sign: 'white spots', n: 1 }] }));
  house.must(LEAD, {
    kind: 'lot.split',
    payload: { lot: 'fire', child: 'single', label: 'single', place: 'G1', n: 1, why: 'followed singly', quarantine: 'single-hold' },
  });
  house.wait(HOUR_MS);
  expect(lotIn('G1', 'single').lately).toEqual(['white spots']);
  house.must(LEAD, {
    kind: 'stock.moved',
    payload: { moves: [{ lot: 'single', from: 'G1', to: 'G2', n: 1 }] },
    overrules: [{ code: 'fit.noLid', reason: 'glass over it' }],
  });
  expect(lotIn('G2', 'single').lately).toEqual(['white spots']);
});

it('stress after a move is looked at when the two days are over, unless somebody did', () => {
  house.must(LEAD, {
    kind: 'stock.moved',
    payload: { moves: [{ lot: 'fire', from: 'G1', to: 'G2', n: 4 }] },
    overrules: [{ code: 'fit.noLid', reason: 'glass over it' }],
  });
  house.wait(HOUR_MS);
  house.must(TRAINEE, checked('fire', { signs: [{ sign: 'pale' }] }, { tank: 'G2' }));
  house.wait(47 * HOUR_MS);
  expect(dues('settling')).toMatchObject([{ facts: { tank: 'G2', what: 'firefish' } }]);
  house.must(TRAINEE, checked('fire', {}, { tank: 'G2' }));
  expect(dues('settling')).toEqual([]);
});

describe('fish that were not seen', () => {
  const short = (seen: number) => {
    house.must(TRAINEE, checked('fire', { seen }));
    house.wait(DAY_MS);
  };
  const missing = (n: number): Said => ({
    kind: 'stock.counted',
    payload: { place: 'G1', lot: 'fire', found: 4 - n, onRecord: 4, against: 'missing' },
  });

  it('are so by counts alone, are missing by a tap, and come back when they are found', () => {
    short(3);
    short(2);
    // A look is no count: it neither finds nor loses anybody.
    house.must(TRAINEE, checked('fire', {}, { round: 'evening' }));
    expect(lotIn('G1', 'fire').unseen).toEqual({ n: 1, rounds: 2 });
    short(3);
    expect(lotIn('G1', 'fire').unseen).toEqual({ n: 1, rounds: 3 });
    house.must(KEEPER, missing(1));
    expect(lotIn('G1', 'fire')).toMatchObject({ n: 3, missing: 1 });
    expect(lotIn('G1', 'fire').unseen).toBeUndefined();
    expect(dues('missing')).toMatchObject([{ facts: { n: 1 } }]);
    const found = (n: number): Said => ({
      kind: 'stock.counted',
      payload: { place: 'G1', lot: 'fire', found: 3 + n, onRecord: 3, against: 'missing' },
    });
    expect(house.codes(KEEPER, found(2))).toEqual(['count.notMissing']);
    house.must(KEEPER, found(1));
    expect(lotIn('G1', 'fire')).toMatchObject({ n: 4 });
    expect(lotIn('G1', 'fire').missing).toBeUndefined();
  });
  it('a count that finds all ends it, and so does its undoing', () => {
    short(3);
    const act = house.must(TRAINEE, checked('fire', { seen: 4 }));
    expect(lotIn('G1', 'fire').unseen).toBeUndefined();
    house.must(TRAINEE, undo(act));
    expect(lotIn('G1', 'fire').unseen).toEqual({ n: 1, rounds: 1 });
  });
});

describe('a chase', () => {
  const chase = (more: object = {}): Said => ({
    kind: 'chase.seen',
    payload: { tank: 'C1', chaser: 'gramma', chased: 'shrimp', how: 'bites', ...more },
  });
  it('is seen on the walk, and looked at again in an hour and in the evening', () => {
    house.must(TRAINEE, chase());
    expect(house.view('rounds').tanks.find(({ id }) => id === 'C1')!.chases).toMatchObject([
      { chaserLabel: 'royal-gramma', chasedLabel: 'cleaner-shrimp', how: 'bites' },
    ]);
    house.wait(HOUR_MS);
    expect(dues('after-chase').map(({ step }) => step)).toEqual(['1h', '12h']);
    house.must(TRAINEE, chase({ how: 'displays', chaser: 'shrimp', chased: 'gramma' }));
    expect(dues('after-chase')).toHaveLength(2);
  });
  it('needs both to be there, or a word', () => {
    expect(house.codes(TRAINEE, chase({ chased: 'fire' }))).toEqual(['chase.notThere']);
    expect(house.codes(TRAINEE, chase({ chased: 'nobody' }))).toEqual(['unknown']);
    expect(house.codes(TRAINEE, chase({ chased: 'gramma' }))).toEqual([]);
    house.must(KEEPER, { kind: 'stock.counted', payload: { place: 'C1', lot: 'gramma', found: 1, onRecord: 2, against: 'missing' } });
    expect(house.codes(TRAINEE, chase({ chased: 'gramma' }))).toEqual(['chase.notThere']);
  });
});

describe('young', () => {
  const born = (more: object = {}): Said => ({
    kind: 'lot.born',
    payload: { lot: 'gramma', child: 'young', label: 'young gramma', tank: 'C1', n: 20, between: { min: 10, max: 30 }, ...more },
  });
  it('are a lot of their own of their parents’ kind, cleared as those are, and come of nowhere else', () => {
    const act = house.must(KEEPER, born());
    expect(lotIn('C1', 'young')).toMatchObject({ n: 20, species: { id: 'royal-gramma' } });
    expect(house.view('stream')).toMatchObject({ cleared: 25 });
    expect(house.view('lot', { lot: 'young' }).lot).toMatchObject({ origin: 'bred' });
    house.must(KEEPER, undo(act));
    expect(house.view('stream')).toMatchObject({ cleared: 5 });
  });
  it('of fish in quarantine are in it too, and restart nobody', () => {
    house.wait(2 * DAY_MS);
    const clock = () => house.view('quarantine').quarantines.find(({ lot }) => lot === 'fire')!;
    const before = clock();
    const fire = { lot: 'fire', child: 'young-fire', tank: 'G1' };
    expect(house.codes(KEEPER, born(fire))).toEqual(['split.quarantine']);
    house.must(KEEPER, born({ ...fire, quarantine: 'young-hold' }));
    house.wait(MINUTE_MS);
    expect(clock().clock.restarts).toEqual(before.clock.restarts);
  });
  it('are not of a lot that lives elsewhere, nor more or fewer than they may be', () => {
    expect(house.codes(KEEPER, born({ tank: 'G1' }))).toEqual(['born.notThere']);
    expect(house.codes(KEEPER, born({ n: 40 }))).toEqual(['count.outside']);
    expect(house.codes(KEEPER, born({ lot: 'none' }))).toEqual(['unknown']);
    expect(house.codes(TRAINEE, born())).toEqual(['role']);
  });
});
