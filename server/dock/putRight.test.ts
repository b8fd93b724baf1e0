// A crate put right after it came: what is shown and computed follows, the later of two hears of the first, and the list can still be undone.
import { checkReplay } from '../journal/replay.ts';
import { passingOver, takenAs } from '#core/journal/index.ts';
import { knownOf } from '#contract/bench/known.ts';
import { inputOf, STARTING_AMBIENT } from '#core/bench/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { assign, bringCrate, furnish, KEEPER, land, makeTestHouse, T0, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
});
afterEach(() => house.close());

const card = () => house.view('dock').crates[0]!;
const putRight = (fields: Extract<Said, { kind: 'crate.changed' }>['payload']['fields'], basedOn = card().entry): Said => ({
  kind: 'crate.changed',
  payload: { crate: 'crate-1', basedOn, fields },
});

it('shows the crate as it was put right, whoever looks', () => {
  bringCrate(house);
  const { entry } = card();
  house.must(KEEPER, putRight({ packedAtMs: T0 - 40 * HOUR_MS, stated: { salinityPpt: 29 } }));
  expect(card()).toMatchObject({ label: 'crate-1', packedAtMs: T0 - 40 * HOUR_MS, stated: { salinityPpt: 29 } });
  expect(house.view('room', { bag: 'crate-1-bag1' }).bag).toMatchObject({ packedAtMs: T0 - 40 * HOUR_MS, stated: { salinityPpt: 29 } });
  // Somebody else had the old one in front of them: the same field is told, another one is taken.
  expect(house.codes(KEEPER, putRight({ packedAtMs: T0 - 20 * HOUR_MS }, entry))).toEqual(['change.overtaken']);
  expect(house.codes(KEEPER, putRight({ label: 'the blue crate' }, entry))).toEqual([]);
  expect(house.codes(TRAINEE, putRight({ label: 'mine' }))).toEqual(['role']);
});

it('asks about dates that can hardly be, when the list comes and when it is put right', () => {
  const days = (n: number) => T0 - n * 24 * HOUR_MS;
  bringCrate(house);
  expect(house.codes(KEEPER, putRight({ packedAtMs: days(270) }))).toEqual(['crate.longPacked', 'crate.longOnWay']);
  expect(house.codes(KEEPER, putRight({ promisedAtMs: days(-200) }))).toEqual(['crate.longOnWay', 'crate.farOff']);
  expect(house.codes(KEEPER, putRight({ promisedAtMs: days(9) }))).toEqual(['crate.badList']);
  // Its name can be put right whatever its dates are.
  expect(house.codes(KEEPER, putRight({ label: 'old crate' }))).toEqual([]);
});

it('a list that was put right can be undone, and its remarks stand on the dock', () => {
  const payload = {
    crate: 'crate-1',
    label: 'a list',
    supplier: 'yard',
    packedAtMs: T0 - 20 * HOUR_MS,
    promisedAtMs: T0,
    stated: {},
    lots: [],
    bags: [],
    remarks: ['5 of something · ask them'],
  };
  const act = house.must(
    KEEPER,
    { kind: 'crate.expected', payload },
    { kind: 'crate.arrived', payload: { crate: 'crate-1', carton: 'dry' } },
  );
  expect(card().remarks).toEqual(['5 of something · ask them']);
  house.must(KEEPER, putRight({ label: 'the list' }));
  house.must(KEEPER, undo(act));
  expect(house.view('dock').crates).toEqual([]);
});

it('what a keeper says to odd dates is said of the list alone, whatever else is written with it', () => {
  const old = T0 - 20 * 24 * HOUR_MS;
  const drafts: Said[] = [
    {
      kind: 'crate.expected',
      payload: {
        crate: 'old',
        label: 'old',
        supplier: 'yard',
        packedAtMs: old,
        promisedAtMs: old + HOUR_MS,
        stated: {},
        lots: [],
        bags: [],
      },
    },
    { kind: 'supplier.taught', payload: { supplier: 'yard', columns: [], names: [] } },
  ];
  const { outcome } = house.write(KEEPER, ...drafts);
  if (outcome.ok) throw new Error('taken without a word');
  expect(outcome.refusals).toMatchObject([{ code: 'crate.longPacked', path: 'entries.0.payload.packedAtMs' }]);
  const said = passingOver(drafts, outcome.refusals, (refusal) => takenAs(refusal, 'found behind the door'));
  expect(said.map(({ overrules = [] }) => overrules.length)).toEqual([1, 0]);
  expect(house.codes(KEEPER, ...said)).toEqual([]);
});

const supplier = (id = 'yard') => house.view('house').suppliers.find((known) => known.id === id)!;
const changed = (fields: Extract<Said, { kind: 'supplier.changed' }>['payload']['fields'], basedOn = supplier().entry): Said => ({
  kind: 'supplier.changed',
  payload: { supplier: 'yard', basedOn, fields },
});

it('what is known of a supplier grows, is put right, and is not known any more; two people do not overwrite each other', () => {
  bringCrate(house);
  const first = supplier();
  expect(first.claim).toBeUndefined();
  house.must(KEEPER, changed({ usualH: 26, ships: { salinityPpt: 27.5, salinitySaid: '1.0205 sg 25/25' }, contact: 'the desk' }));
  house.must(KEEPER, changed({ claim: { withinH: 4, from: 'arrival', leastDead: 1 }, usualH: 0 }));
  expect(supplier()).toMatchObject({
    name: first.name,
    usualH: 0,
    ships: { salinityPpt: 27.5, salinitySaid: '1.0205 sg 25/25' },
    claim: { withinH: 4, from: 'arrival', leastDead: 1 },
    contact: 'the desk',
  });
  house.must(KEEPER, changed({ contact: null, ships: null, name: 'The yard' }));
  expect(Object.keys(supplier()).sort()).toEqual(['claim', 'entry', 'id', 'name', 'record', 'transit', 'usualH']);
  expect(card().supplier).toBe('The yard');
  expect(house.view('intake').suppliers.find(({ id }) => id === 'yard')).toMatchObject({ name: 'The yard', usualH: 0 });
  // Seen before all that: another field is taken, the same one is told.
  expect(house.codes(KEEPER, changed({ usualH: 30 }, first.entry))).toEqual(['change.overtaken']);
  expect(house.codes(KEEPER, changed({ note: 'ships low' }, first.entry))).toEqual([]);
  expect(house.codes(KEEPER, changed({}))).toContain('change.nothing');
  expect(house.codes(TRAINEE, changed({ note: 'x' }))).toEqual(['role']);
  expect(
    house.codes(KEEPER, { kind: 'supplier.changed', payload: { supplier: 'nobody', basedOn: first.entry, fields: { note: 'x' } } }),
  ).toEqual(['unknown']);
  expect(checkReplay(house).differences).toEqual([]);
});

it('answers of the supplier after its bags are open are on the crate, and go with a correction', () => {
  bringCrate(house);
  house.must(KEEPER, putRight({ told: { lastMeal: 'two days ago', packedWith: 'oxygen' }, stated: { pH: 7.4 } }));
  expect(card()).toMatchObject({ told: { lastMeal: 'two days ago', packedWith: 'oxygen' }, stated: { pH: 7.4 } });
  expect(house.view('room', { bag: 'crate-1-bag1' }).bag).toMatchObject({ packedWith: 'oxygen' });
  house.must(KEEPER, putRight({ told: {} }));
  expect(card().told).toEqual({});
  expect(house.view('room', { bag: 'crate-1-bag1' }).bag).not.toHaveProperty('packedWith');
});

it('a bag that was packed with air is calculated so', () => {
  bringCrate(house);
  house.must(KEEPER, land(1));
  house.must(KEEPER, assign(1));
  const gas = () => {
    const bag = house.view('bench').bags[0]!;
    return inputOf({ ...knownOf(bag), now: T0, ambient: STARTING_AMBIENT }).input.bag.gas;
  };
  expect(gas()).toBe('oxygen');
  house.must(KEEPER, putRight({ told: { packedWith: 'air' } }));
  expect(gas()).toBe('air');
});
