import { SPECIES } from '#demo/species.ts';
import { readStockList } from './index.ts';

const allSpecies = SPECIES.map(({ species, ...rest }) => ({ id: species, ...rest }));
const read = (text: string, answers = {}) => readStockList({ text, tanks: ['F1', 'F2', 'Q10'], allSpecies, answers });
const lots = (text: string) =>
  read(text).lots.map(({ tank, name, n, between, sizeCm }) => [
    tank,
    name.species ?? name.heard,
    n,
    between && `${between.min}-${between.max}`,
    sizeCm,
  ]);

it('reads lines as they are typed: tank, heads, animal, length; several lots in a line', () => {
  expect(lots('F1: 12 kuhli loach 5 cm\nf2 40-50 harlequin rasbora\n\nQ10, firefish x 3, 2"\nF2: 1 comet and 2 turbo')).toEqual([
    ['F1', 'kuhli-loach', 12, undefined, 5],
    ['F2', 'harlequin-rasbora', 45, '40-50', undefined],
    ['Q10', 'firefish', 3, undefined, 5.08],
    ['F2', 'comet', 1, undefined, undefined],
    ['F2', 'turbo-snail', 2, undefined, undefined],
  ]);
});

it('reads a table under headings in any order, with inches in the heading', () => {
  const table = 'species;size (inches);qty;tank;origin\nKuhli loach;2;12;F1;wild\nComet;3-4;1;Q10;';
  expect(lots(table)).toEqual([
    ['F1', 'kuhli-loach', 12, undefined, 5.08],
    ['Q10', 'comet', 1, undefined, 3.5],
  ]);
  expect(read(table).lots[0]!.origin).toBe('wild');
});

it('says of each bad line what was expected, and reads the others', () => {
  const { lots, problems } = read('F9: 3 comet\nF1: many comets\nkuhli loach 12\nF1: 2 comet\nF2: 3 mystery fish');
  expect(problems.map(({ line, column }) => `${line} ${column}`)).toEqual(['1 ', '2 ', '3 ']);
  expect(lots).toHaveLength(2);
  expect(lots[1]!.name).toMatchObject({ asked: true, heard: 'mystery fish' });
  expect(read('tank,name,qty\nF9,comet,3\nF1,,4\nF1,comet,many').problems.map(({ line, column }) => `${line} ${column}`)).toEqual([
    '2 tank',
    '3 name',
    '4 heads',
  ]);
});

it('asks once for a name that stands in many lines', () => {
  const { names } = read('F1: 3 red fish\nF2: 4 red fish', { 'red fish': 'comet' });
  expect(names).toMatchObject([{ species: 'comet', lines: [1, 2], asked: false }]);
});
