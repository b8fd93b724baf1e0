import { STARTING_AROUND } from './around.ts';
import { factsOf, inputOf, type KnownBag, type KnownTank } from './facts.ts';
import { houseMethod, STARTING_SCHOOLS } from './schools.ts';

const HOUR = 3_600_000;
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
const fact = (of: string, more: Partial<KnownBag> = {}) => factsOf({ ...bag, ...more }, tank).find((one) => one.of === of);
const read = (value: number, method = 'meter' as const) => ({ value, method, source: 'measured' as const });

it('a reading beats what was told, and that beats the usual', () => {
  expect(fact('bag.salinity')).toMatchObject({ value: 28, source: 'told', low: 26.5, high: 29.5 });
  expect(fact('bag.salinity', { told: {} })).toMatchObject({ value: 31, source: 'estimated' });
  const measured = fact('bag.salinity', { readings: { salinity: read(29.4) } })!;
  expect(measured).toMatchObject({ value: 29.4, source: 'measured' });
  expect(measured).not.toHaveProperty('low');
  expect(fact('bag.pH')).toEqual({ of: 'bag.pH', quantity: 'pH', source: 'reckoned' });
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
  const { input, doubts } = inputOf({ around: STARTING_AROUND, bag, tank, now: 34 * HOUR });
  expect(input.bag).toMatchObject({ closedHours: 34, gas: 'oxygen', gasL: 0.6, pH: undefined });
  expect(input.lot).toMatchObject({ tolerance: 'ordinary', invertebrate: false, euryhaline: false, bags: 2 });
  expect(doubts.map(({ of }) => of)).toEqual(expect.arrayContaining(['bag.salinity', 'bag.waterL', 'bag.alkalinity', 'lot.lengthCm']));
  expect(inputOf({ around: STARTING_AROUND, bag, tank, now: 34 * HOUR, state: { is: 'opened', hours: 2 } }).input.bag.closedHours).toBe(32);
  const mono = { is: 'fish', bears: 'hardy' as const, salinityPpt: { min: 2, max: 35 } };
  const other = inputOf({ around: STARTING_AROUND, bag: { ...bag, transit: 'local', kind: mono }, tank, now: HOUR }).input;
  expect([other.bag.gas, other.lot.tolerance, other.lot.euryhaline]).toEqual(['air', 'hardy', true]);
  expect(inputOf({ around: STARTING_AROUND, bag: { ...bag, kind: { ...mono, is: 'shrimp' } }, tank, now: 0 }).input.lot.invertebrate).toBe(
    true,
  );
  expect(inputOf({ around: STARTING_AROUND, bag: { ...bag, packedAtMs: 5 * HOUR }, tank, now: 0 }).input.bag.closedHours).toBe(0);
});

it('hardness is a fact of fresh water only', () => {
  expect(fact('bag.hardness')).toBeUndefined();
  const fresh = factsOf({ ...bag, told: { salinityPpt: 0.2 } }, { ...tank, type: 'fresh', salinityPpt: 0.3 });
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
