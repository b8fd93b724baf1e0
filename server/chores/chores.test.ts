// Chores in a house: planned, due by rack, ticked once, and what goes into them.
import type { ChoreFields } from '#core/chores/index.ts';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(
    LEAD,
    supply('felt', { reused: true, reorderAt: 3 }),
    supply('sea-salt', { unit: 'kg', salt: true }),
    stock('fire', 'C1', 'firefish', 4),
  );
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const supply = (id: string, more: object = {}): Said => ({
  kind: 'supply.added',
  payload: { supply: id, name: id, unit: 'pieces', ...more },
});
const plan = (more: Partial<ChoreFields> & { chore?: string } = {}): Said => ({
  kind: 'chore.planned',
  payload: { chore: 'socks', name: 'felt socks', is: 'filter socks', per: 'tank', racks: ['back'], everyDays: 4, ...more },
});
const done = (places: string[], more: object = {}): Said => ({ kind: 'chore.done', payload: { chore: 'socks', places, ...more } });
const dues = (rule = 'chore') => house.view('today').due.filter((due) => due.rule === rule);
const place = (id: string) => house.view('chores').racks[0]!.chores[0]!.places.find((card) => card.id === id);

describe('a chore', () => {
  it('is due rack by rack until it was done everywhere there, and again after its days', () => {
    house.must(KEEPER, plan());
    expect(dues()).toMatchObject([{ facts: { what: 'felt socks, G1, G2, C1, F1, V1', n: 5 } }]);
    house.must(TRAINEE, done(['G1', 'G2', 'C1', 'F1']));
    expect(dues()).toMatchObject([{ facts: { what: 'felt socks, V1', n: 1, tank: 'V1' } }]);
    house.must(TRAINEE, done(['V1']));
    expect(dues()).toEqual([]);
    expect(place('V1')).toMatchObject({ is: 'done', last: { by: 'Pia' } });
    house.wait(4 * DAY_MS);
    expect(dues()).toMatchObject([{ facts: { n: 5 } }]);
    house.wait(2 * DAY_MS);
    expect(place('V1')).toMatchObject({ is: 'overdue' });
  });
  it('done twice by two people is said, with who and when, and counts once more only with a word', () => {
    house.must(KEEPER, plan({ takes: [{ item: 'felt', amount: 2 }] }));
    house.wait(DAY_MS);
    house.must(KEEPER, done(['G1']));
    house.wait(HOUR_MS);
    expect(house.write(TRAINEE, done(['G1', 'G2'])).outcome).toMatchObject({
      refusals: [{ code: 'chore.doneAlready', facts: { where: 'G1', by: 'Bram' } }],
    });
    // Written down late it is the same question.
    expect(house.codes(TRAINEE, { ...done(['G1']), occurredAtMs: house.now() - 2 * HOUR_MS })).toEqual(['chore.doneAlready']);
    const again: Said = { ...done(['G1']), overrules: [{ code: 'chore.doneAlready', reason: 'it had slipped' }] };
    expect(house.codes(TRAINEE, again)).toEqual([]);
    expect(house.codes(TRAINEE, done(['G2']))).toEqual([]);
    house.wait(3 * DAY_MS);
    expect(house.codes(TRAINEE, done(['G1']))).toEqual([]);
  });
  it('is taken back by its undo, with what went into it', () => {
    house.must(KEEPER, plan(), { kind: 'supply.counted', payload: { item: 'felt', amount: 6, dirty: 1 } });
    house.wait(MINUTE_MS);
    const act = house.must(TRAINEE, done(['G1'], { used: [{ item: 'felt', amount: 2 }] }));
    expect(house.view('chores').heaps).toEqual([{ item: 'felt', name: 'felt', clean: 4, dirty: 1, out: 2 }]);
    house.must(TRAINEE, undo(act));
    expect(house.view('chores').heaps).toEqual([{ item: 'felt', name: 'felt', clean: 6, dirty: 1, out: 0 }]);
    expect(place('G1')).toMatchObject({ is: 'due' });
  });
  it('is refused where it is not planned, twice at one place, of nobody, of a rack without tanks', () => {
    house.must(KEEPER, plan({ only: ['G1'] }));
    expect(house.codes(TRAINEE, done(['G2']))).toEqual(['chore.notItsPlace']);
    expect(house.codes(TRAINEE, done(['G1', 'G1']))).toEqual(['chore.placeTwice']);
    expect(house.codes(TRAINEE, done(['G1'], { used: [{ item: 'none', amount: 1 }] }))).toEqual(['unknown']);
    expect(house.codes(TRAINEE, plan({ chore: 'x', name: 'x' }))).toEqual(['role']);
    expect(house.codes(KEEPER, plan({ chore: 'x' }))).toEqual(['exists']);
    expect(house.codes(KEEPER, plan({ chore: 'x', name: 'x', racks: ['none'] }))).toEqual(['unknown']);
    expect(house.codes(KEEPER, plan({ chore: 'x', name: 'x', person: 'nobody' }))).toEqual(['unknown']);
    expect(house.codes(KEEPER, plan({ chore: 'x', name: 'x', is: 'water change' }))).toEqual(['chore.noPercent']);
    expect(house.codes(KEEPER, plan({ chore: 'x', name: 'x', is: 'top-off', per: 'rack' }))).toEqual(['chore.waterPerRack']);
    house.must(LEAD, { kind: 'rack.added', payload: { rack: 'empty', room: 'Back room', name: 'Empty', walk: 2 } });
    expect(house.codes(KEEPER, plan({ chore: 'x', name: 'x', racks: ['empty'] }))).toEqual(['chore.nowhere']);
  });
  it('that takes a medicine out waits for the treatment, and is asked about all the same', () => {
    house.must(KEEPER, plan({ is: 'carbon', per: 'system' }));
    house.must(LEAD, { kind: 'treatment.begun', payload: { treatment: 'dye', system: 'salt', family: 'dye' } });
    expect(place('salt')).toMatchObject({ is: 'waits' });
    expect(dues()[0]).toMatchObject({ facts: { n: 3 } });
    expect(house.codes(TRAINEE, done(['salt']))).toEqual(['chore.treated']);
    house.must(LEAD, { kind: 'treatment.ended', payload: { treatment: 'dye', system: 'salt' } });
    expect(place('salt')).toMatchObject({ is: 'due' });
    expect(house.codes(TRAINEE, done(['salt']))).toEqual([]);
  });
  it('belongs to somebody as a rule, and today to whom a keeper says', () => {
    house.must(KEEPER, plan({ person: 'bram' }));
    const [due] = dues();
    expect(due!.whose).toEqual({ person: 'bram', name: 'Bram' });
    const give = (person: string | null): Said => ({ kind: 'due.assigned', payload: { due: due!.id, person } });
    expect(house.codes(TRAINEE, give('ines'))).toEqual(['role']);
    expect(house.codes(KEEPER, give('nobody'))).toEqual(['unknown']);
    house.must(TRAINEE, give('pia'));
    expect(dues()[0]!.whose).toEqual({ person: 'pia', name: 'Pia' });
    house.wait(MINUTE_MS);
    house.must(TRAINEE, give(null));
    expect(dues()[0]!.whose).toBeUndefined();
  });
});

describe('water that a chore asks for', () => {
  const exchange = (more: object = {}): Said => ({
    kind: 'water.exchanged',
    payload: { tank: 'C1', litres: 30, source: 'mixed', salinityPpt: 33, temperatureC: 25, atSump: true, ...more },
  });
  const topUp = (more: object = {}): Said => ({ kind: 'water.toppedUp', payload: { tank: 'C1', litres: 3, salinityPpt: 0, ...more } });

  it('is done by the litres, once, and a tick alone does nothing', () => {
    house.must(KEEPER, plan({ is: 'water change', per: 'system', percent: 10, everyDays: 7 }));
    expect(house.codes(TRAINEE, done(['reef']))).toEqual(['chore.byDoing']);
    expect(house.view('chores').kit).toMatchObject([
      { item: 'sea-salt', amount: expect.closeTo((3 * 30 * 33 * 1.02 * 1.1) / 1000 - (30 * 1.02 * 1.1) / 1000, 6) },
    ]);
    house.must(KEEPER, exchange({ used: [{ item: 'sea-salt', amount: 1.1 }] }));
    expect(place('reef')).toMatchObject({ is: 'done', last: { by: 'Bram' } });
    house.wait(HOUR_MS);
    expect(house.codes(KEEPER, exchange())).toEqual(['chore.doneAlready']);
    // Of another system nobody asks.
    expect(house.codes(KEEPER, exchange({ tank: 'V1' }))).toEqual([]);
  });
  it('of one tank of several is no change of the system, and at the sump is no change of one tank', () => {
    house.must(KEEPER, plan({ is: 'water change', per: 'system', percent: 10 }));
    house.must(KEEPER, exchange({ tank: 'G1', litres: 6, atSump: false, salinityPpt: 32 }));
    expect(place('salt')).toMatchObject({ is: 'due' });
    expect(house.codes(KEEPER, exchange({ tank: 'G1', litres: 301, salinityPpt: 32 }))).toEqual(['water.tooMuch']);
    expect(house.codes(KEEPER, exchange({ tank: 'G1', litres: 61, atSump: false, salinityPpt: 32 }))).toEqual(['water.tooMuch']);
    house.must(KEEPER, exchange({ tank: 'G1', litres: 61, salinityPpt: 32 }));
    expect(place('salt')).toMatchObject({ is: 'done' });
  });
  it('makes a medicine weaker: asked, and answered by giving it again', () => {
    house.must(LEAD, { kind: 'treatment.begun', payload: { treatment: 'dye', system: 'bay', family: 'dye' } });
    expect(house.codes(KEEPER, exchange({ tank: 'V1' }))).toEqual(['water.dilutes']);
    expect(
      house.codes(KEEPER, exchange({ tank: 'V1', source: 'tank', fromTank: 'C1', salinityPpt: undefined, temperatureC: undefined })),
    ).toEqual(['water.dilutes']);
    const said: Said = { ...exchange({ tank: 'V1' }), overrules: [{ code: 'water.dilutes', reason: 'given again to the same level' }] };
    expect(house.codes(KEEPER, said)).toEqual([]);
  });
  it('goes by a salinity that was measured, and not before water went in; never against a treatment', () => {
    house.must(KEEPER, plan({ is: 'top-off', per: 'system', everyDays: 1 }));
    const water = () => place('reef')!.water!;
    const read = (value: number, source: 'measured' | 'estimated'): Said => ({
      kind: 'reading.taken',
      payload: {
        subject: { kind: 'system', id: 'reef' },
        quantity: 'salinity',
        reading: { value, typed: String(value), method: 'meter', source },
      },
    });
    house.must(KEEPER, read(30, 'estimated'));
    expect(water().readPpt).toBeUndefined();
    house.must(KEEPER, read(31, 'measured'));
    expect(water().readPpt).toBe(31);
    house.wait(MINUTE_MS);
    house.must(TRAINEE, topUp());
    house.wait(DAY_MS);
    // The jug of yesterday was poured since: by the same reading it would climb twice.
    expect(water().readPpt).toBeUndefined();
    house.must(KEEPER, read(31, 'measured'));
    expect(water()).toMatchObject({ readPpt: 31 });
    expect(water().held).toBeUndefined();
    house.must(LEAD, {
      kind: 'treatment.begun',
      payload: { treatment: 'low', system: 'reef', family: 'dye' },
      overrules: [{ code: 'treatment.frail', reason: 'seen by the vet' }],
    });
    expect(water().held).toBe('treatment');
  });
  it('so much at once that a cold jug would harm wants a thermometer, or a word', () => {
    expect(house.codes(TRAINEE, topUp({ litres: 250, salinityPpt: 33 }))).toEqual(['water.notRead']);
    expect(house.codes(TRAINEE, topUp({ litres: 6 }))).toEqual([]);
  });
  it('tops up what went off: what is too much at once for who lives there is asked about', () => {
    house.must(KEEPER, plan({ is: 'top-off', per: 'system', everyDays: 1 }));
    house.must(TRAINEE, topUp());
    expect(place('reef')).toMatchObject({ is: 'done' });
    house.wait(6 * HOUR_MS);
    expect(house.codes(TRAINEE, topUp())).toEqual(['chore.doneAlready']);
    house.wait(DAY_MS);
    expect(house.view('chores').racks[0]!.chores[0]!.places.find(({ id }) => id === 'reef')).toMatchObject({
      water: { lastL: 3, targetPpt: 33 },
    });
    expect(house.codes(TRAINEE, topUp({ litres: 300 }))).toEqual(['water.tooMuch']);
    expect(house.codes(TRAINEE, topUp({ litres: 200, salinityPpt: 40 }))).toEqual(['release.salinity']);
  });
});

describe('socks', () => {
  beforeEach(() => {
    house.must(KEEPER, plan({ takes: [{ item: 'felt', amount: 2 }] }), {
      kind: 'supply.counted',
      payload: { item: 'felt', amount: 11, dirty: 0 },
    });
    house.wait(MINUTE_MS);
  });
  it('are carried for the places that are due, used, counted back dirty, and washed', () => {
    expect(house.view('chores').kit).toEqual([{ item: 'felt', amount: 10, name: 'felt', unit: 'pieces', here: 11 }]);
    house.must(TRAINEE, done(['G1', 'G2', 'C1', 'F1', 'V1'], { used: [{ item: 'felt', amount: 10 }] }));
    house.wait(2 * HOUR_MS);
    expect(dues('heap')).toMatchObject([{ step: 'back', facts: { what: 'felt', n: 10 } }]);
    expect(house.codes(TRAINEE, { kind: 'supply.returned', payload: { item: 'felt', amount: 12 } })).toEqual(['supply.notSoMuch']);
    house.must(TRAINEE, { kind: 'supply.returned', payload: { item: 'felt', amount: 9 } });
    expect(house.view('chores').heaps).toMatchObject([{ clean: 1, dirty: 9, out: 1 }]);
    expect(house.codes(TRAINEE, { kind: 'supply.washed', payload: { item: 'felt', amount: 8, thrown: 2 } })).toEqual(['supply.notSoMuch']);
    house.must(TRAINEE, { kind: 'supply.washed', payload: { item: 'felt', amount: 7, thrown: 2 } });
    expect(house.view('chores').heaps).toMatchObject([{ clean: 8, dirty: 0, out: 1 }]);
    // What lies dirty or was not brought back is not ordered again.
    expect(house.view('house').supplies.find(({ id }) => id === 'felt')!.here).toMatchObject({ amount: 8, low: false });
  });
  it('are short: it is said at the list, and washing is due', () => {
    house.must(TRAINEE, done(['G1', 'G2'], { used: [{ item: 'felt', amount: 9 }] }), {
      kind: 'supply.returned',
      payload: { item: 'felt', amount: 9 },
    });
    expect(house.view('chores').kit).toMatchObject([{ amount: 6, short: 4, here: 2 }]);
    expect(dues('heap')).toMatchObject([{ step: 'wash', facts: { n: 9 } }]);
    expect(house.codes(TRAINEE, done(['C1'], { used: [{ item: 'felt', amount: 4 }] }))).toEqual(['supply.notSoMuch']);
  });
  it('that are not washed and used again have no heaps', () => {
    expect(house.codes(KEEPER, { kind: 'supply.washed', payload: { item: 'sea-salt', amount: 1 } })).toEqual(['supply.notReused']);
    expect(house.codes(KEEPER, { kind: 'supply.counted', payload: { item: 'sea-salt', amount: 1, dirty: 1 } })).toEqual([
      'supply.notReused',
    ]);
    expect(house.codes(LEAD, supply('brine', { salt: true }))).toEqual(['supply.notSalt']);
  });
});
