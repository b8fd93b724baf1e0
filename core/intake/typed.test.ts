import { partsOfLine, readTyped } from './typed.ts';

it.each([
  ['3 banggai', { count: '3', name: 'banggai', size: '', price: '' }],
  ['6 chromis S @2.10', { count: '6', name: 'chromis', size: 'S', price: '2.10' }],
  ['2x tailspot blenny 4 cm', { count: '2', name: 'tailspot blenny', size: '4 cm', price: '' }],
  ['12 × kuhli loach 2"-3"', { count: '12', name: 'kuhli loach', size: '2"-3"', price: '' }],
  ['kuhli loach x 12', { count: '12', name: 'kuhli loach', size: '', price: '' }],
  ['L046 zebra pleco 2', { count: '2', name: 'L046 zebra pleco', size: '', price: '' }],
  ['1 L046 zebra pleco', { count: '1', name: 'L046 zebra pleco', size: '', price: '' }],
  ['40-50 neon tetra', { count: '40-50', name: 'neon tetra', size: '', price: '' }],
  ['6+1 firefish (4-5 cm) @ €12,50 each', { count: '6+1', name: 'firefish', size: '4-5 cm', price: '€12,50 each' }],
  ['- 4 pcs Amphiprion ocellaris, medium', { count: '4', name: 'Amphiprion ocellaris', size: 'medium', price: '' }],
  ['10 six line wrasse', { count: '10', name: 'six line wrasse', size: '', price: '' }],
])('%s', (typed, read) => {
  expect(readTyped(typed)).toEqual(read);
});

it.each(['', 'banggai', '12', 'dear all, as agreed', '@2.10'])('“%s” is no lot', (text) => {
  expect(readTyped(text)).toBeUndefined();
});

it('parts a line before each count, and never a decimal comma', () => {
  expect(partsOfLine('3 banggai, 6 chromis S @2,10; 1 comet and 2 firefish')).toEqual([
    '3 banggai',
    '6 chromis S @2,10',
    '1 comet',
    '2 firefish',
  ]);
  expect(partsOfLine('6 banggai 5 cm, 40-50 chromis, 4-5 cm')).toEqual(['6 banggai 5 cm', '40-50 chromis, 4-5 cm']);
  expect(partsOfLine('2 pearl gourami, male')).toEqual(['2 pearl gourami, male']);
});

it('a line of a million spaces is given up at once, not searched', () => {
  expect(readTyped(`3 ${' '.repeat(1_000_000)}x`)).toBeUndefined();
  expect(partsOfLine(' '.repeat(1_000_000))).toHaveLength(1);
});
