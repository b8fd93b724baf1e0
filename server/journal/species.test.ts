import { furnish, KEEPER, LEAD, makeTestHouse, type TestHouse } from '../testHouse.ts';
import { checkReplay } from './replay.ts';

let house: TestHouse;
beforeEach(() => void (house = furnish(makeTestHouse())));
afterEach(() => house.close());

const species = (id: string) => house.view('species').species.find((species) => species.species === id)!;
const change = (fields: Partial<ReturnType<typeof species>>, basedOn = species('comet').entry) =>
  ({ kind: 'species.changed', payload: { species: 'comet', basedOn, fields } }) as const;

it('sets only the fields that a change names, and replays to the same species list', () => {
  const before = species('comet');
  house.must(LEAD, change({ adultCm: 18, shyOf: ['copper'] }));
  expect(species('comet')).toEqual({ ...before, adultCm: 18, shyOf: ['copper'], entry: expect.not.stringMatching(before.entry) as string });
  expect(checkReplay(house).differences).toEqual([]);
});

it('refuses a change whose field another lead changed meanwhile, and says by whom and to what', () => {
  const seen = species('comet').entry;
  house.must(LEAD, change({ adultCm: 18 }, seen));
  const { outcome } = house.write(LEAD, change({ adultCm: 19 }, seen));
  expect(outcome).toMatchObject({
    ok: false,
    refusals: [{ code: 'change.overtaken', facts: { field: 'adultCm', now: '18', by: 'Ines' } }],
  });
  // Another field of the same species was left alone by it.
  expect(house.codes(LEAD, change({ jumps: true }, seen))).toEqual([]);
  expect(species('comet')).toMatchObject({ adultCm: 18, jumps: true });
  // Having looked again, the later word stands.
  expect(house.codes(LEAD, change({ adultCm: 19 }))).toEqual([]);
});

it('takes no empty change, no range upside down, no species that is not there, and no keeper', () => {
  expect(house.codes(LEAD, change({}))).toEqual(['change.nothing']);
  expect(house.codes(LEAD, change({ temperatureC: { min: 28, max: 22 } }))).toEqual(['range.upsideDown']);
  expect(house.codes(LEAD, { kind: 'species.changed', payload: { ...change({ jumps: true }).payload, species: 'dodo' } })).toEqual([
    'unknown',
  ]);
  expect(house.codes(KEEPER, change({ jumps: true }))).toEqual(['role']);
});

it('knows how many of a species live in the house', () => {
  house.must(LEAD, {
    kind: 'lot.opened',
    payload: { lot: 'l', species: 'comet', label: 'comet', tank: 'G1', n: 2, sizeCm: 8, origin: 'wild' },
  });
  expect(species('comet').heads).toBe(2);
  expect(species('firefish').heads).toBe(0);
});
