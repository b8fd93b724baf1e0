// What is refused of a list is asked about together; the rest is in.
import type { Refusal } from '#core/journal/index.ts';
import { countLots, mayStand, standing, type CountedLot } from './countLots.ts';

const lot = (key: string): CountedLot => ({
  key,
  words: key,
  drafts: [{ kind: 'lot.opened', payload: { lot: key, species: 's', label: key, tank: 't', n: 3, origin: 'bred' } }],
});
const crowded = { code: 'cost.crowded', path: 'entries.0.payload.tank', facts: { size: 2 }, overrule: 'keeper' } as unknown as Refusal;

it('goes on after a lot that is not taken, and says how far it is', async () => {
  const done: number[] = [];
  const asked = await countLots(
    ['a', 'b', 'c'].map(lot),
    (words) => Promise.resolve(words === 'b' ? { status: 'refused', refusals: [crowded], code: 'refused' } : { status: 'saved', seq: 1 }),
    (n) => done.push(n),
  );
  expect([asked.map(({ key }) => key), done]).toEqual([['b'], [1, 2, 3]]);
  expect(standing(asked[0]!).drafts[0]!.overrules).toEqual([
    { code: 'cost.crowded', path: 'tank', reason: 'lives there already', size: 2 },
  ]);
});

it('what nobody may pass over cannot be said all the same', () => {
  expect(mayStand({ ...lot('a'), refusals: [crowded], code: '' })).toBe(true);
  expect(mayStand({ ...lot('a'), refusals: [crowded, { ...crowded, overrule: undefined }], code: '' })).toBe(false);
  expect(mayStand({ ...lot('a'), refusals: [], code: '' })).toBe(false);
});
