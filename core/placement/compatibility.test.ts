import { SPECIES } from '#demo/species.ts';
import { walkingOrder } from '../room/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import { DAY_MS } from '../time/index.ts';
import {
  CALM_SYSTEM,
  compatibilityOf,
  STARTING_PLACES,
  type CandidateTank,
  type ContactCosts,
  type Newcomer,
  type Resident,
} from './index.ts';

const species = (id: string): SpeciesFacts => {
  const { species: key, ...facts } = SPECIES.find((species) => species.species === id)!;
  return { id: key, ...facts };
};
const newcomer = (id: string, more: Partial<Newcomer> = {}): Newcomer => ({
  species: species(id),
  sizeCm: 4,
  lot: 'new',
  n: 2,
  quarantineDone: false,
  ...more,
});
const resident = (id: string, sizeCm: number): Resident => ({ species: species(id), sizeCm, lot: 'here' });
const marine: CandidateTank = {
  purpose: 'quarantine',
  lid: true,
  type: 'marine',
  temperatureC: 25,
  salinityPpt: 33,
  volumeL: 60,
  systemState: CALM_SYSTEM,
};
const fresh: CandidateTank = { ...marine, type: 'fresh', salinityPpt: 0.3 };
const judged = (who: Newcomer, tank: CandidateTank, residents: Resident[] = [], meets?: ContactCosts) =>
  compatibilityOf(who, tank, { residents, meets, rules: STARTING_PLACES, now: 100 * DAY_MS });
const codes = (who: Newcomer, tank: CandidateTank, residents: Resident[] = []) =>
  judged(who, tank, residents)
    .map(({ code }) => code)
    .filter((code) => !code.startsWith('cost.'));
const costs = (...given: Parameters<typeof judged>) =>
  judged(...given).flatMap(({ code, facts }) => (code.startsWith('cost.') ? [[code, facts.size]] : []));

it('finds nothing against a fitting tank', () => {
  expect(codes(newcomer('firefish'), marine)).toEqual([]);
});

it.each<[string, Partial<CandidateTank>, string[]]>([
  ['fresh water', { type: 'fresh', salinityPpt: 0 }, ['fit.wrongWater']],
  ['too little salt', { salinityPpt: 23.9 }, ['fit.wrongWater']],
  ['what sea fish may be packed in, in quarantine', { salinityPpt: 28 }, []],
  [
    'what sea fish may be packed in, where they are to live',
    { salinityPpt: 28, purpose: 'home' },
    ['fit.saleBeforeQuarantine', 'fit.wrongWater'],
  ],
  ['least salt', { salinityPpt: 30 }, []],
  ['most salt', { salinityPpt: 36 }, []],
  ['too much salt', { salinityPpt: 36.1 }, ['fit.wrongWater']],
  ['just warm enough', { temperatureC: 22 }, []],
  ['a shade too cold', { temperatureC: 21.9 }, ['fit.tooCold']],
  ['just cool enough', { temperatureC: 28 }, []],
  ['a shade too warm', { temperatureC: 28.1 }, ['fit.tooWarm']],
  ['no lid for a jumper', { lid: false }, ['fit.noLid']],
  ['sale before its quarantine', { purpose: 'sale' }, ['fit.saleBeforeQuarantine']],
  ["a customer's tank", { purpose: 'customer' }, ['fit.awayFromHome']],
])('firefish: %s', (_name, change, expected) => {
  expect(codes(newcomer('firefish'), { ...marine, ...change })).toEqual(expected);
});

it('opens the sale rack when the quarantine is done', () => {
  expect(codes(newcomer('firefish', { quarantineDone: true }), { ...marine, purpose: 'sale' })).toEqual([]);
});

it.each<[string, Newcomer, CandidateTank, Resident[], string[]]>([
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
  expect(
    judged(newcomer('comet', { sizeCm: 15, n: 1 }), marine, blennies)
      .filter(({ code }) => code === 'fit.eatsResidents')
      .map(({ facts }) => facts.resident),
  ).toEqual(['tailspot blenny']);
});

it('judges nothing of a fish that nobody could name, but the tank itself', () => {
  expect(codes({ lot: 'new', n: 1, quarantineDone: false }, { ...marine, purpose: 'sale' })).toEqual(['fit.saleBeforeQuarantine']);
  expect(costs({ lot: 'new', n: 1, quarantineDone: false }, marine)).toEqual([['cost.unknownKind', 1]]);
});

it('a fish shy of a treatment that runs, an invertebrate under nearly any, and one that nobody could name', () => {
  const under = (family: 'copper' | 'dye'): CandidateTank => ({ ...marine, systemState: { ...CALM_SYSTEM, treatments: [family] } });
  expect(codes(newcomer('six-line-wrasse'), under('copper'))).toEqual(['fit.shyOfTreatment']);
  expect(codes(newcomer('banggai-cardinalfish'), under('copper'))).toEqual([]);
  expect(codes(newcomer('cleaner-shrimp'), under('dye'))).toEqual(['fit.shyOfTreatment']);
  expect(codes({ lot: 'new', n: 1, quarantineDone: false }, under('copper'))).toEqual(['fit.shyOfTreatment']);
});

it('copper that a system has held is gone by a test alone; others by the days of the house rule', () => {
  const now = 100;
  const after = (family: 'copper' | 'formalin', days: number, zeroTested = false): CandidateTank => ({
    ...marine,
    systemState: { ...CALM_SYSTEM, held: [{ family, endedAtMs: (now - days) * DAY_MS, zeroTested }] },
  });
  expect(codes(newcomer('cleaner-shrimp'), after('copper', 90))).toEqual(['fit.heldTreatment']);
  expect(codes(newcomer('cleaner-shrimp'), after('copper', 90, true))).toEqual([]);
  expect(codes(newcomer('cleaner-shrimp'), after('formalin', 13))).toEqual(['fit.heldTreatment']);
  expect(codes(newcomer('cleaner-shrimp'), after('formalin', 15))).toEqual([]);
  expect(codes(newcomer('banggai-cardinalfish'), after('copper', 1))).toEqual([]);
});

it('illness in its quarantine shuts a system to all but its own', () => {
  const ill: CandidateTank = { ...marine, systemState: { ...CALM_SYSTEM, ill: { what: 'white spots', lots: ['here'] } } };
  expect(codes(newcomer('firefish'), ill)).toEqual(['fit.illHere']);
  expect(codes(newcomer('firefish', { lot: 'here' }), ill)).toEqual([]);
});

it('home stock and a customer’s tank take only cleared fish', () => {
  expect(codes(newcomer('firefish'), { ...marine, purpose: 'home' })).toEqual(['fit.saleBeforeQuarantine']);
  expect(codes(newcomer('firefish', { quarantineDone: true }), { ...marine, purpose: 'home' })).toEqual([]);
  expect(codes(newcomer('firefish', { quarantineDone: true }), { ...marine, purpose: 'customer' })).toEqual([]);
});

it('a size that nobody measured counts as the worse: full grown when it eats, young when it is eaten', () => {
  const comet = newcomer('comet', { n: 1, sizeCm: undefined });
  const [reason] = judged(comet, marine, [{ ...resident('tailspot-blenny', 4), sizeCm: undefined }]);
  expect(reason).toMatchObject({ code: 'fit.eatsResidents', facts: { assumed: true } });
});

it('what it costs: room now and grown, own kind, other suppliers, whose clear days', () => {
  const six = newcomer('green-chromis', { n: 6, sizeCm: 4 });
  expect(costs(six, { ...marine, volumeL: 300 })).toEqual([]);
  // 24 cm of fish in 20 L at 0.8 cm a litre: half as much again as the house gives them.
  expect(costs(six, { ...marine, volumeL: 20 })).toContainEqual(['cost.crowded', 1.5]);
  expect(costs(six, { ...marine, volumeL: 31 }).map(([code]) => code)).toEqual(['cost.crowdedGrown']);
  const gramma = newcomer('royal-gramma', { n: 1 });
  expect(costs(gramma, marine, [{ ...resident('royal-gramma', 5), n: 1 }])).toContainEqual(['cost.ownKind', 2]);
  expect(costs(gramma, { ...marine, volumeL: 400 }, [{ ...resident('royal-gramma', 5), n: 1 }])).not.toContainEqual(['cost.ownKind', 2]);
  expect(costs({ ...gramma, supplier: 'yard' }, marine, [{ ...resident('firefish', 5), supplier: 'farm' }])).toContainEqual([
    'cost.otherSupplier',
    1,
  ]);
  const meets = {
    restarted: [
      { label: 'firefish', clear: 10 },
      { label: 'comet', clear: 3 },
    ],
    exposed: ['gramma'],
    newcomerMeets: false,
  };
  expect(judged(gramma, marine, [], meets).find(({ code }) => code === 'cost.restarts')).toEqual({
    code: 'cost.restarts',
    facts: { who: 'firefish (10 clear days), comet (3 clear days), gramma (cleared)', lost: 13, size: 3 },
  });
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

describe('a species of which only the name and the water are known', () => {
  const stranger: SpeciesFacts = {
    id: 'stranger',
    common: 'stranger',
    alsoCalled: [],
    water: ['marine'],
    is: 'fish',
    neverWith: [],
    sources: [],
  };
  const strange = newcomer('firefish', { species: stranger, n: 1 });

  it('is never said to be fine: what the tank turns on is named', () => {
    const [reason] = judged(strange, marine);
    expect(reason).toMatchObject({ code: 'cost.notKnown', facts: { what: 'temperature,salinity,grows', who: 'stranger', size: 3 } });
    expect(judged(strange, { ...marine, lid: false })[0]!.facts.what).toBe('temperature,salinity,jumps,grows');
    expect(judged(strange, marine, [resident('firefish', 4)])[0]!.facts.what).toBe('temperature,salinity,eats,company,grows');
    // Each fact that is filled in takes its question away.
    const told = { ...stranger, temperatureC: { min: 22, max: 28 }, salinityPpt: { min: 30, max: 36 }, adultCm: 8 };
    expect(codes({ ...strange, species: told }, marine)).toEqual([]);
    expect(costs({ ...strange, species: told }, marine)).toEqual([]);
  });

  it('keeps out of the wrong kind of water, and of any treatment', () => {
    expect(codes(strange, fresh)).toEqual(['fit.wrongWater']);
    expect(codes(strange, { ...marine, salinityPpt: 20 })).toEqual(['fit.wrongWater']);
    const copper: CandidateTank = { ...marine, systemState: { ...CALM_SYSTEM, treatments: ['copper'] } };
    expect(judged(strange, copper)[0]).toMatchObject({ code: 'fit.shyOfTreatment', facts: { known: false } });
  });

  it('is asked about where it lives already, and counts as the worse where its length matters', () => {
    const here: Resident = { species: stranger, sizeCm: 4, lot: 'here' };
    expect(judged(newcomer('firefish', { n: 1 }), marine, [here]).map(({ code }) => code)).toEqual(['cost.residentsNotKnown']);
    const eater: SpeciesFacts = { ...stranger, eats: { prey: ['fish'], gape: 0.4 } };
    expect(codes(newcomer('firefish', { n: 1 }), marine, [{ species: eater, lot: 'here' }])).toEqual(['fit.eatenByResidents']);
  });
});
