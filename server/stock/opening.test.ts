// Fish that were here before the records: judged as a move judges them, and a lead's word that they live there stands.
import { takenAs, type Refusal } from '#core/journal/index.ts';
import { furnish, LEAD, makeTestHouse, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
});
afterEach(() => house.close());

const opened = (more: object = {}, overrules?: Said['overrules']): Said => ({
  kind: 'lot.opened',
  payload: {
    lot: 'here',
    species: 'firefish',
    label: 'firefish',
    tank: 'G1',
    n: 60,
    between: { min: 50, max: 80 },
    origin: 'bred',
    ...more,
  },
  ...(overrules ? { overrules } : {}),
});
const refusals = (said: Said): Refusal[] => {
  const outcome = house.append(house.actOf([said]), LEAD);
  return outcome.ok ? [] : outcome.refusals;
};

it('what stands against it is asked, once', () => {
  const first = refusals(opened());
  expect(first.map(({ code, overrule }) => [code, overrule])).toEqual([['cost.crowded', 'keeper']]);
  expect(
    refusals(
      opened(
        {},
        first.map((refusal) => takenAs(refusal, 'lives there already')),
      ),
    ),
  ).toEqual([]);
});

it('a number outside its own range cannot be', () => {
  expect(refusals(opened({ n: 90 })).map(({ code }) => code)).toContain('count.outside');
});

it('a species of which only the name is known is asked about', () => {
  house.must(LEAD, {
    kind: 'species.added',
    payload: { species: 'tang', common: 'tang', alsoCalled: [], water: ['marine'], is: 'fish', neverWith: [], sources: [] },
  });
  expect(refusals(opened({ species: 'tang', n: 1, between: undefined })).map(({ code }) => code)).toContain('cost.notKnown');
});
