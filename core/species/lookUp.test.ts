import { SPECIES } from '#demo/species.ts';
import { makeLookUp } from './index.ts';

const lookUp = makeLookUp(SPECIES.map(({ species, ...rest }) => ({ id: species, ...rest })));

it('finds a trade number however it is written, and takes a size for none', () => {
  const zebra = { id: 'zebra', scientific: 'Hypancistrus zebra', common: 'zebra catfish', alsoCalled: ['L046', 'LDA33'] };
  const lookUp = makeLookUp([zebra, { id: 'other', scientific: 'Panaqolus maccus', common: 'clown catfish', alsoCalled: ['L104'] }]);
  for (const written of ['L046', 'l46', 'L-46', 'L 046', 'LDA 33', 'catfish L46 (4 cm)'])
    expect([written, lookUp.settle(written)?.id]).toEqual([written, 'zebra']);
  expect(lookUp.settle('L 104')?.id).toBe('other');
  expect(lookUp.settle('L 4')).toBeUndefined();
});

it('finds every species of the species list by each of its names, and only that one', () => {
  for (const { species, scientific, common, alsoCalled } of SPECIES)
    for (const name of [scientific!, common, ...alsoCalled]) expect([name, lookUp.settle(name)?.id]).toEqual([name, species]);
});

it.each([
  ['FIREFISH', 'firefish', 'same'],
  ['Fire fish', 'firefish', 'same'],
  ['wrasse, six line', 'six-line-wrasse', 'same'],
  ['6-line wrasses', 'six-line-wrasse', 'same'],
  ['Banggaï cardinalfish', 'banggai-cardinalfish', 'same'],
  ['PY-0413 Royal Gramma (L)', 'royal-gramma', 'same'],
  ['Royal Gramma - Gramma loreto', 'royal-gramma', 'same'],
  ['Nemateleotris magnifca', 'firefish', 'near'],
  ['Trigonostigma hetromorpha', 'harlequin-rasbora', 'near'],
  ['knight gobbies', 'knight-goby', 'near'],
  ['Boesmans rainbow', 'boesemans-rainbowfish', 'near'],
])('%s is %s', (text, id, likeness) => {
  expect(lookUp.settle(text)).toMatchObject({ id, likeness });
});

it.each(['goby', 'dwarf gourami', 'Nemateleotris decora', 'red fish', 'cardinal', 'shrimp', 'xyzzy', '', 'wrasse'])(
  'asks about “%s”',
  (text) => {
    expect(lookUp.settle(text)).toBeUndefined();
  },
);

it('offers what could be meant, the likeliest first, as it is typed', () => {
  expect(lookUp.find('goby').map(({ id }) => id)).toEqual(
    expect.arrayContaining(['knight-goby', 'bumblebee-goby', 'yellow-watchman-goby']),
  );
  expect(lookUp.find('kni')[0]?.id).toBe('knight-goby');
  expect(lookUp.find('cardinal', 2)).toHaveLength(2);
});
