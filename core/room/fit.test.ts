import { SPECIES } from '#demo/species.ts';
import type { SpeciesFacts } from '../species/index.ts';
import { fit, walkingOrder, type FitTank, type Newcomer, type Resident } from './index.ts';

const species = (id: string): SpeciesFacts => {
  const { species: key, ...facts } = SPECIES.find((one) => one.species === id)!;
  return { id: key, ...facts };
};
const newcomer = (id: string, more: Partial<Newcomer> = {}): Newcomer => ({
  species: species(id),
  sizeCm: 4,
  lot: 'new',
  n: 2,
  holdDone: false,
  ...more,
});
const resident = (id: string, sizeCm: number): Resident => ({ species: species(id), sizeCm, lot: 'here' });
const marine: FitTank = { purpose: 'hold', lid: true, type: 'marine', temperatureC: 25, salinityPpt: 33 };
const fresh: FitTank = { purpose: 'hold', lid: true, type: 'fresh', temperatureC: 25, salinityPpt: 0.3 };
const codes = (who: Newcomer, tank: FitTank, residents: Resident[] = []) => fit(who, tank, residents).map(({ code }) => code);

it('finds nothing against a fitting tank', () => {
  expect(codes(newcomer('firefish'), marine)).toEqual([]);
});

it.each<[string, Partial<FitTank>, string[]]>([
  ['fresh water', { type: 'fresh', salinityPpt: 0 }, ['fit.wrongWater']],
  ['too little salt', { salinityPpt: 23.9 }, ['fit.wrongWater']],
  ['what sea fish may be packed in, in quarantine', { salinityPpt: 28 }, []],
  ['what sea fish may be packed in, where they are to live', { salinityPpt: 28, purpose: 'home' }, ['fit.wrongWater']],
  ['least salt', { salinityPpt: 30 }, []],
  ['most salt', { salinityPpt: 36 }, []],
  ['too much salt', { salinityPpt: 36.1 }, ['fit.wrongWater']],
  ['just warm enough', { temperatureC: 22 }, []],
  ['a shade too cold', { temperatureC: 21.9 }, ['fit.tooCold']],
  ['just cool enough', { temperatureC: 28 }, []],
  ['a shade too warm', { temperatureC: 28.1 }, ['fit.tooWarm']],
  ['no lid for a jumper', { lid: false }, ['fit.noLid']],
  ['sale before its hold', { purpose: 'sale' }, ['fit.saleBeforeHold']],
  ["a customer's tank", { purpose: 'customer' }, ['fit.awayFromHome']],
])('firefish: %s', (_name, change, expected) => {
  expect(codes(newcomer('firefish'), { ...marine, ...change })).toEqual(expected);
});

it('opens the sale rack when the hold is done', () => {
  expect(codes(newcomer('firefish', { holdDone: true }), { ...marine, purpose: 'sale' })).toEqual([]);
});

it.each<[string, Newcomer, FitTank, Resident[], string[]]>([
  ['a comet eats a small blenny', newcomer('comet', { sizeCm: 15, n: 1 }), marine, [resident('tailspot-blenny', 4)], ['fit.eatsResidents']],
  ['not a large one', newcomer('comet', { sizeCm: 9, n: 1 }), marine, [resident('tailspot-blenny', 4)], []],
  ['the comet was there first', newcomer('cleaner-shrimp'), marine, [resident('comet', 15)], ['fit.eatenByResidents']],
  [
    'knight gobies eat bumblebee gobies',
    newcomer('bumblebee-goby', { sizeCm: 2.5 }),
    { ...fresh, type: 'brackish', salinityPpt: 6 },
    [resident('knight-goby', 6)],
    ['fit.eatenByResidents'],
  ],
  [
    'royal gramma never with an orchid dottyback',
    newcomer('royal-gramma', { n: 1 }),
    marine,
    [resident('orchid-dottyback', 5)],
    ['fit.neverWith'],
  ],
  ['nor the other way round', newcomer('orchid-dottyback', { n: 1, sizeCm: 5 }), marine, [resident('royal-gramma', 5)], ['fit.neverWith']],
  ['one figure-8 puffer', newcomer('figure-8-puffer', { n: 1 }), { ...fresh, type: 'brackish', salinityPpt: 6 }, [], []],
  ['two of them', newcomer('figure-8-puffer', { n: 2 }), { ...fresh, type: 'brackish', salinityPpt: 6 }, [], ['fit.keptAlone']],
  [
    'no size known: taken as grown',
    { ...newcomer('comet', { n: 1 }), sizeCm: undefined },
    marine,
    [resident('tailspot-blenny', 4)],
    ['fit.eatsResidents'],
  ],
])('company: %s', (...[, who, tank, residents, expected]) => {
  expect(codes(who, tank, residents)).toEqual(expected);
});

it('names each resident species once, and never judges a lot against itself', () => {
  const blennies = [
    resident('tailspot-blenny', 4),
    { ...resident('tailspot-blenny', 4), lot: 'more' },
    { ...resident('firefish', 4), lot: 'new' },
  ];
  expect(fit(newcomer('comet', { sizeCm: 15, n: 1 }), marine, blennies).map(({ facts }) => facts.resident)).toEqual(['tailspot blenny']);
});

it('judges nothing of a fish that nobody could name, but the tank itself', () => {
  expect(codes({ lot: 'new', n: 1, holdDone: false }, { ...marine, purpose: 'sale' })).toEqual([
    'fit.saleBeforeHold',
    'fit.speciesUnknown',
  ]);
});

it('walks racks in order and what is suspect last', () => {
  const tank = (code: string, walk: number, place: [number, number], suspect = false) => ({
    code,
    walk,
    row: place[0],
    column: place[1],
    suspect,
  });
  const order = walkingOrder([
    tank('Q1', 90, [0, 0]),
    tank('A2', 10, [0, 1], true),
    tank('B1', 20, [0, 0]),
    tank('A5', 10, [1, 0]),
    tank('A1', 10, [0, 0]),
  ]);
  expect(order.map(({ code }) => code)).toEqual(['A1', 'A5', 'B1', 'Q1', 'A2']);
});
