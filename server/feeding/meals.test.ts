// Foods and planned meals in a house: what is due, what a tap may assert, what is remembered of who ate what.
import { USUAL_FOODS, type FoodFields } from '#core/feeding/index.ts';
import { plainPolicy } from '#core/quarantine/index.ts';
import { DAY_MS, HOUR_MS, houseDay } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { check, furnish, KEEPER, LEAD, makeTestHouse, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('reds', 'C1', 'firefish', 3));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const add = (food: string, more: Partial<FoodFields> = {}): Said => ({
  kind: 'food.added',
  payload: { food, ...USUAL_FOODS.find(({ name }) => name === 'frozen brine shrimp')!, name: food, ...more },
});
const fed = (food: string, response: 'ate' | 'ignored' | 'charged' = 'ate', more: object = {}): Said => ({
  kind: 'lot.fed',
  payload: { tank: 'C1', lot: 'reds', food, response, ...more },
});
const view = () => house.view('rounds');
const meal = () => view().tanks.find(({ id }) => id === 'C1')!.lots[0]!.meal;
const eats = () => house.view('lot', { lot: 'reds' }).lot!.eats.map(({ food }) => food);

it('nothing is planned while no food is on the list; then it is, watched until they took it once', () => {
  expect(meal()).toMatchObject({ nothing: 'no list', due: false });
  expect(view()).toMatchObject({ toFeed: 0, foods: [] });
  house.must(KEEPER, add('brine'));
  expect(meal()).toMatchObject({ food: 'brine', watched: true, due: true });
  expect(view()).toMatchObject({ toFeed: 1, foods: [{ name: 'brine', form: 'frozen' }] });
  house.must(TRAINEE, fed('brine', 'ignored'));
  // Offered and left: not due again, and nothing that a tap may assert.
  expect(meal()).toMatchObject({ watched: true, due: false });
  house.must(TRAINEE, fed('brine'));
  expect(meal()).toMatchObject({ watched: false, due: false });
  expect(view().toFeed).toBe(0);
  house.wait(DAY_MS);
  expect(meal()).toMatchObject({ food: 'brine', watched: false, due: true });
});

it('the first time that a lot took a food is remembered, and forgotten when that is undone', () => {
  house.must(KEEPER, add('brine'));
  const first = house.must(TRAINEE, fed('brine'));
  house.wait(HOUR_MS);
  const second = house.must(TRAINEE, fed('brine'), fed('mysis', 'charged'), fed('flake', 'ignored'));
  expect(eats()).toEqual(['brine', 'mysis']);
  // What stands still tells it: an hour later.
  house.must(TRAINEE, undo(first));
  expect(house.view('lot', { lot: 'reds' }).lot!.eats).toEqual(['brine', 'mysis'].map((food) => ({ food, sinceMs: house.now() })));
  house.must(TRAINEE, undo(second));
  expect(eats()).toEqual([]);
});

it('two foods of one name cannot be told apart; one that is gone frees its name and is planned no more', () => {
  house.must(KEEPER, add('brine'));
  expect(house.codes(KEEPER, add('other', { name: ' Brine ' }))).toEqual(['exists']);
  expect(house.codes(TRAINEE, add('flake'))).toEqual(['role']);
  const [food] = house.view('house').foods;
  const gone: Said = { kind: 'food.changed', payload: { food: 'brine', basedOn: food!.entry, fields: { gone: true } } };
  house.must(KEEPER, gone);
  expect(house.view('house').foods).toEqual([]);
  expect(meal()).toMatchObject({ nothing: 'no list' });
  house.must(KEEPER, add('other', { name: 'brine' }));
  // Kept again it would have the name of another.
  const entry = house.client.prepare('select entry from p_food where id = ?').pluck().get('brine') as string;
  expect(house.codes(KEEPER, { kind: 'food.changed', payload: { food: 'brine', basedOn: entry, fields: { gone: false } } })).toEqual([
    'exists',
  ]);
  expect(house.codes(KEEPER, { kind: 'food.changed', payload: { food: 'none', basedOn: entry, fields: { heavy: true } } })).toEqual([
    'unknown',
  ]);
});

it('heavy food rests in a small quarantine tank', () => {
  house.must(KEEPER, add('clam', { heavy: true }));
  house.must(TRAINEE, fed('clam'));
  house.must(LEAD, { kind: 'quarantine.opened', payload: { quarantine: 'q', lot: 'reds', policy: plainPolicy(28), zero: 'arrival' } });
  house.wait(DAY_MS);
  expect(meal()).toMatchObject({ phase: 'quarantine', nothing: 'rest day' });
  house.wait(DAY_MS);
  expect(meal()).toMatchObject({ food: 'clam', due: true });
});

it('so many foods are kept and no more: every one is weighed for every lot', () => {
  for (let no = 0; no < 60; no += 1) house.must(KEEPER, add(`food ${no}`));
  expect(house.codes(KEEPER, add('one more'))).toEqual(['food.tooMany']);
  const [food] = house.view('house').foods;
  house.must(KEEPER, { kind: 'food.changed', payload: { food: food!.id, basedOn: food!.entry, fields: { gone: true } } });
  house.must(KEEPER, add('one more'));
  expect(house.view('rounds').foods.length).toBe(60);
});

it('what one tap says of a whole tank is nobody’s look: after some days they are watched again', () => {
  house.must(KEEPER, add('brine'));
  house.must(TRAINEE, fed('brine'));
  for (let day = 1; day <= 7; day += 1) {
    house.wait(DAY_MS);
    expect(meal()).toMatchObject({ due: true, watched: false });
    house.must(TRAINEE, fed('brine', 'ate', { planned: true }));
  }
  house.wait(DAY_MS);
  expect(meal()).toMatchObject({ due: true, watched: true });
  house.must(TRAINEE, fed('brine'));
  house.wait(DAY_MS);
  expect(meal()).toMatchObject({ watched: false });
});

it('a check that says they do not eat is not overruled by a tap', () => {
  house.must(KEEPER, add('brine'));
  house.must(TRAINEE, fed('brine'));
  house.wait(HOUR_MS);
  house.must(TRAINEE, check('C1', { allWell: false, lots: [{ lot: 'reds', expected: 3, seen: null, signs: [{ sign: 'not eating' }] }] }));
  house.wait(DAY_MS);
  house.must(TRAINEE, fed('brine', 'ate', { planned: true }));
  house.wait(DAY_MS / 2);
  expect(meal()).toMatchObject({ watched: true });
});

it('a quarantine is not ended, and no medicine begun unasked, on meals that nobody saw', () => {
  house.must(KEEPER, add('brine'));
  house.must(LEAD, { kind: 'quarantine.opened', payload: { quarantine: 'q', lot: 'reds', policy: plainPolicy(3), zero: 'arrival' } });
  house.must(TRAINEE, fed('brine'));
  for (let day = 1; day <= 4; day += 1) {
    house.wait(DAY_MS);
    house.must(TRAINEE, checkToday('C1'), fed('brine', 'ate', { planned: true }));
  }
  const signOff: Said = { kind: 'quarantine.signedOff', payload: { quarantine: 'q', lot: 'reds' } };
  const begin: Said = { kind: 'treatment.begun', payload: { treatment: 't', system: 'reef', family: 'antiworm' } };
  expect(house.costs(KEEPER, signOff)).toContain('quarantine.notEating');
  expect(house.costs(KEEPER, begin)).toContain('treatment.frail');
  house.must(TRAINEE, fed('brine'));
  expect(house.costs(KEEPER, signOff)).not.toContain('quarantine.notEating');
  expect(house.costs(KEEPER, begin)).not.toContain('treatment.frail');
});
const checkToday = (tank: string) =>
  check(tank, { day: houseDay(house.now(), 'Europe/Lisbon'), lots: [{ lot: 'reds', expected: 3, seen: null, signs: [] }] });

it('where nobody knows what they live on the tank is among those to feed', () => {
  house.must(KEEPER, add('brine'));
  house.must(LEAD, {
    kind: 'species.added',
    payload: { species: 'unknown-goby', common: 'grey goby', alsoCalled: [], water: ['marine'], is: 'fish', neverWith: [], sources: [] },
  });
  house.must(LEAD, stock('greys', 'G1', 'unknown-goby', 2));
  const lot = view().tanks.find(({ id }) => id === 'G1')!.lots[0]!;
  expect(lot.meal).toMatchObject({ nothing: 'not known', due: true });
  expect(view().toFeed).toBe(2);
});

it('a fact of a food that was emptied is not known any more', () => {
  house.must(KEEPER, add('brine', { thawH: 2, prepared: 'strain it' }));
  const [food] = house.view('house').foods;
  house.must(KEEPER, { kind: 'food.changed', payload: { food: 'brine', basedOn: food!.entry, fields: { thawH: null, heavy: true } } });
  expect(house.view('house').foods[0]).toMatchObject({ heavy: true, prepared: 'strain it' });
  expect(house.view('house').foods[0]).not.toHaveProperty('thawH');
});
