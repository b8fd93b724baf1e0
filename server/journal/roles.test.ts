import { examples, KINDS, kinds } from '#contract/kinds.ts';
import { rules, type Kind, REFUSAL_CODES } from '#core/catalogue/index.ts';
import { atLeast, ROLES } from '#core/roles/index.ts';
import { METRIC_UNITS } from '../../web/data/units.ts';
import { entryWords, sayEntry } from '../../web/words/entries.ts';
import { refusalWords } from '../../web/words/refusals.ts';
import { furnish, makeTestHouse, type Said } from '../testHouse.ts';
import { makeAreaProjectors } from './project.ts';

const house = furnish(makeTestHouse());
const projectors = makeAreaProjectors(house.db);
afterAll(() => house.close());

it('every kind has a rule, a projector, words, a role and a fixture, and nothing has more', () => {
  const own = KINDS.filter((kind) => kind !== 'entry.reversed').sort();
  expect(Object.keys(rules).sort()).toEqual([...KINDS].sort());
  expect(Object.keys(projectors).sort()).toEqual(own);
  expect(Object.keys(entryWords).sort()).toEqual([...KINDS].sort());
  expect(Object.keys(examples).sort()).toEqual([...KINDS].sort());
  expect(KINDS.every((kind) => ROLES.includes(kinds[kind].minRole))).toBe(true);
});

it('every refusal code has words', () => {
  expect(Object.keys(refusalWords).sort()).toEqual([...REFUSAL_CODES].sort());
});

it('every kind can be said as a sentence with nothing undefined in it', () => {
  for (const kind of KINDS)
    expect(sayEntry({ kind, payload: examples[kind] }, (id) => id, METRIC_UNITS)).not.toMatch(/undefined|NaN|\[object/);
});

const table = KINDS.flatMap((kind) => ROLES.map((role) => [role, kind, atLeast(role, kinds[kind].minRole)] as const));
it.each(table)('%s × %s: may write it = %p', (role, kind: Kind, may) => {
  const { outcome } = house.write({ id: role === 'lead' ? 'ines' : role === 'keeper' ? 'bram' : 'pia', role }, {
    kind,
    payload: examples[kind],
  } as Said);
  const byRole = !outcome.ok && outcome.refusals.some(({ code, path }) => code === 'role' && path === 'entries.0.kind');
  expect(byRole).toBe(!may);
});
