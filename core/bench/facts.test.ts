import { HOUR_MS } from '../time/index.ts';
import { STARTING_AROUND } from './around.ts';
import { factsOf, inputOf, type KnownBag, type KnownTank } from './facts.ts';
import { houseMethod, STARTING_SCHOOLS } from './schools.ts';

const bag: KnownBag = {
  n: 4,
  lotBags: 2,
  sizeCm: 4,
  packedAtMs: 0,
  waterL: 0.3,
  soft: false,
  foul: false,
  transit: 'overnight',
  told: { temperatureC: 24, salinityPpt: 28 },
  readings: {},
};
const tank: KnownTank = { type: 'marine', temperatureC: 25.4, salinityPpt: 31, volumeL: 300, readings: {} };
const fact = (of: string, more: Partial<KnownBag> = {}) => factsOf({ ...bag, ...more }, tank, STARTING_AROUND).find((one) => one.of === of);
const read = (value: number, method = 'meter' as const) => ({ value, method, source: 'measured' as const });

const seaFish = { is: 'fish', salinityPpt: { min: 30, max: 36 } };

it('measured here, measured in another bag, stated, the supplier’s usual, what the species lives in: never the tank', () => {
  const usualPpt = { min: 26, max: 29 };
  const siblings = { salinity: read(28.6) };
  const all = { told: { salinityPpt: 28 }, siblings, usualPpt, kind: seaFish };
  const measured = fact('bag.salinity', { ...all, readings: { salinity: read(29.4) } })!;
  expect(measured).toMatchObject({ value: 29.4, source: 'measured' });
  expect(measured).not.toHaveProperty('low');
  expect(fact('bag.salinity', all)).toMatchObject({ value: 28.6, source: 'another bag', low: 27.6, high: 29.6 });
  expect(fact('bag.salinity', { ...all, siblings: undefined })).toMatchObject({ value: 28, source: 'told', low: 26, high: 30 });
  expect(fact('bag.salinity', { ...all, siblings: undefined, told: {} })).toMatchObject({
    source: 'estimated',
    low: 24,
    high: 31,
    flat: true,
  });
  // Sea fish travel in less salt than they live in.
  expect(fact('bag.salinity', { told: {}, kind: seaFish })).toMatchObject({ source: 'not known', low: 24, high: 36, flat: true });
  expect(fact('bag.salinity', { told: {}, kind: { is: 'fish', salinityPpt: { min: 0, max: 35 } } })).toMatchObject({ low: 0, high: 35 });
  // A euryhaline fish may come out of a freshwater breeder's tanks, whatever it lives in on the shelf.
  expect(fact('bag.salinity', { told: {}, kind: { is: 'fish', salinityPpt: { min: 2, max: 35 } } })).toMatchObject({ low: 0, high: 35 });
  expect(fact('bag.salinity', { told: {} })).toMatchObject({ source: 'not known', low: 0, high: 36 });
  expect(fact('bag.temperature', { told: {} })).toMatchObject({ value: STARTING_AROUND.roomC, source: 'not known' });
  expect(fact('bag.pH')).toEqual({ of: 'bag.pH', quantity: 'pH', source: 'reckoned' });
});

it('salinity that nobody knows is measured first where it may be more than a step; a stated one never blocks by its band', () => {
  const asked = (more: Partial<KnownBag>, into = tank) =>
    inputOf({ around: STARTING_AROUND, bag: { ...bag, ...more }, tank: into, now: 0 }).measureFirst;
  const fresh: KnownTank = { ...tank, type: 'fresh', salinityPpt: 0.3 };
  expect(asked({ told: {}, kind: seaFish })).toEqual(['bag.salinity']);
  expect(asked({ told: {} })).toEqual(['bag.salinity']);
  expect(asked({ told: {} }, fresh)).toEqual(['bag.salinity']);
  expect(asked({ told: {}, usualPpt: { min: 28, max: 28 }, kind: seaFish })).toEqual(['bag.salinity']);
  expect(asked({ kind: seaFish })).toEqual([]);
  expect(asked({ told: {}, siblings: { salinity: read(28) }, kind: { ...seaFish, bears: 'delicate' } })).toEqual([]);
  expect(asked({ told: {}, kind: { is: 'fish', salinityPpt: { min: 0, max: 0.5 } } }, fresh)).toEqual([]);
});

it('the skin of a bag leaves a band; water that nobody weighed is ± 40 %', () => {
  expect(fact('bag.temperature', { readings: { temperature: { value: 22, method: 'on the bag', source: 'measured' } } })).toMatchObject({
    low: 20,
    high: 24,
  });
  expect(fact('bag.waterL')).toMatchObject({ low: 0.18, high: 0.42 });
  expect(fact('bag.waterL', { waterL: undefined })).toMatchObject({ value: 1, source: 'estimated' });
});

it('makes the whole input: hours closed, gas by how it came, how wide its salinity', () => {
  const { input, doubts } = inputOf({ around: STARTING_AROUND, bag, tank, now: 34 * HOUR_MS });
  expect(input.bag).toMatchObject({ closedHours: 34, gas: 'oxygen', gasL: 0.6, pH: undefined });
  expect(input.lot).toMatchObject({ tolerance: 'delicate', invertebrate: false, euryhaline: false, bags: 2 });
  expect(doubts.map(({ of }) => of)).toEqual(expect.arrayContaining(['bag.salinity', 'bag.waterL', 'bag.alkalinity', 'lot.lengthCm']));
  expect(inputOf({ around: STARTING_AROUND, bag, tank, now: 34 * HOUR_MS, state: { is: 'opened', hours: 2 } }).input.bag.closedHours).toBe(
    32,
  );
  const mono = { is: 'fish', bears: 'hardy' as const, salinityPpt: { min: 2, max: 35 } };
  // A named kind that nobody put in a class is ordinary; fish that nobody named get the most care.
  const named = inputOf({
    around: STARTING_AROUND,
    bag: { ...bag, kind: { is: 'fish', salinityPpt: { min: 30, max: 36 } } },
    tank,
    now: HOUR_MS,
  }).input;
  expect(named.lot.tolerance).toBe('ordinary');
  const other = inputOf({ around: STARTING_AROUND, bag: { ...bag, transit: 'local', kind: mono }, tank, now: HOUR_MS }).input;
  expect([other.bag.gas, other.lot.tolerance, other.lot.euryhaline]).toEqual(['air', 'hardy', true]);
  expect(inputOf({ around: STARTING_AROUND, bag: { ...bag, kind: { ...mono, is: 'shrimp' } }, tank, now: 0 }).input.lot.invertebrate).toBe(
    true,
  );
  expect(inputOf({ around: STARTING_AROUND, bag: { ...bag, packedAtMs: 5 * HOUR_MS }, tank, now: 0 }).input.bag.closedHours).toBe(0);
});

it('hardness is a fact of fresh water only', () => {
  expect(fact('bag.hardness')).toBeUndefined();
  const fresh = factsOf({ ...bag, told: { salinityPpt: 0.2 } }, { ...tank, type: 'fresh', salinityPpt: 0.3 }, STARTING_AROUND);
  expect(fresh.find(({ of }) => of === 'bag.hardness')).toMatchObject({ source: 'estimated' });
});

it('the house’s own way, by what it is and how long it was closed', () => {
  const schools = {
    ...STARTING_SCHOOLS,
    short: { ...STARTING_SCHOOLS.short, fresh: 'drip' as const },
    long: { ...STARTING_SCHOOLS.long, invertebrates: 'fast siphon' as const },
  };
  expect(houseMethod(schools, { salinity: 0.2, closedHours: 2.9 }, { invertebrate: false })).toBe('drip');
  expect(houseMethod(schools, { salinity: 0.2, closedHours: 3 }, { invertebrate: false })).toBeUndefined();
  expect(houseMethod(schools, { salinity: 33, closedHours: 30 }, { invertebrate: true })).toBe('fast siphon');
});
