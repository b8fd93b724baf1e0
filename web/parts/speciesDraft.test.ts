// What is on hand of a species becomes an entry; what is not stays open, and no name takes another's place.
import { accepted } from '../data/testOverlay.ts';
import { newSpeciesEntry } from './speciesDraft.ts';

it('says the name, the water and what it is, and nothing more', () => {
  expect(accepted(newSpeciesEntry({ common: ' clown tang ', water: ['marine'], is: 'fish' }, new Set()))).toEqual([
    {
      kind: 'species.added',
      species: 'clown-tang',
      common: 'clown tang',
      alsoCalled: [],
      water: ['marine'],
      is: 'fish',
      neverWith: [],
      sources: [],
    },
  ]);
});

it('keeps a scientific name that was typed', () => {
  const said = { common: 'clown tang', scientific: ' Acanthurus lineatus', water: ['marine'], is: 'fish' } as const;
  expect(accepted(newSpeciesEntry(said, new Set()))).toMatchObject([{ scientific: 'Acanthurus lineatus' }]);
});

it('has an id of its own beside one that sounds the same, and where the name gives none', () => {
  const id = (common: string, ...taken: string[]) =>
    newSpeciesEntry({ common, water: ['fresh'], is: 'fish' }, new Set(taken)).payload.species;
  expect(id('Clown tang', 'clown-tang')).toBe('clown-tang-2');
  expect(id('Clown tang', 'clown-tang', 'clown-tang-2')).toBe('clown-tang-3');
  const long = 'a'.repeat(70);
  expect(id(long, 'a'.repeat(64))).toHaveLength(60);
  expect(accepted(newSpeciesEntry({ common: '金魚', water: ['fresh'], is: 'fish' }, new Set()))).toHaveLength(1);
});
