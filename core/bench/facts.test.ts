import { HOUR_MS } from '../time/index.ts';
import { STARTING_AMBIENT } from './ambient.ts';
import { factsOf, inputOf, toleranceOf, type KnownBag, type KnownTank } from './facts.ts';
import { bagStepsOver } from './release.ts';
import { houseMethod, STARTING_HOUSE_METHODS } from './houseMethods.ts';

const bag: KnownBag = {
  n: 4,
  lotBags: 2,
  sizeCm: 4,
  packedAtMs: 0,
  waterL: 0.3,
  soft: false,
  foul: false,
  transit: 'overnight',
  stated: { temperatureC: 24, salinityPpt: 28 },
  readings: {},
};
const tank: KnownTank = { type: 'marine', temperatureC: 25.4, salinityPpt: 31, volumeL: 300, readings: {} };
const fact = (path: string, more: Partial<KnownBag> = {}) =>
  factsOf({ ...bag, ...more }, tank, STARTING_AMBIENT).find((fact) => fact.of === path);
const read = (value: number, method = 'meter' as const) => ({ value, method, source: 'measured' as const });

const seaFish = { is: 'fish', salinityPpt: { min: 30, max: 36 } };

it('measured here, measured in another bag, stated, the supplier’s usual, what the species lives in: never the tank', () => {
  const usualPpt = { min: 26, max: 29 };
  const siblings = { salinity: read(28.6) };
  const all = { stated: { salinityPpt: 28 }, siblings, usualPpt, kind: seaFish };
  const measured = fact('bag.salinity', { ...all, readings: { salinity: read(29.4) } })!;
  expect(measured).toMatchObject({ value: 29.4, source: 'measured' });
  expect(measured).not.toHaveProperty('low');
  expect(fact('bag.salinity', all)).toMatchObject({ value: 28.6, source: 'another bag', low: 27.6, high: 29.6 });
  expect(fact('bag.salinity', { ...all, siblings: undefined })).toMatchObject({ value: 28, source: 'stated', low: 26, high: 30 });
  expect(fact('bag.salinity', { ...all, siblings: undefined, stated: {} })).toMatchObject({
    source: 'estimated',
    low: 24,
    high: 31,
    flat: true,
  });
  // Sea fish travel in less salt than they live in.
  expect(fact('bag.salinity', { stated: {}, kind: seaFish })).toMatchObject({ source: 'not known', low: 24, high: 36, flat: true });
  expect(fact('bag.salinity', { stated: {}, kind: { is: 'fish', salinityPpt: { min: 0, max: 35 } } })).toMatchObject({ low: 0, high: 35 });
  // A euryhaline fish may come out of a freshwater breeder's tanks, whatever it lives in on the species list.
  expect(fact('bag.salinity', { stated: {}, kind: { is: 'fish', salinityPpt: { min: 2, max: 35 } } })).toMatchObject({ low: 0, high: 35 });
  expect(fact('bag.salinity', { stated: {} })).toMatchObject({ source: 'not known', low: 0, high: 36 });
  expect(fact('bag.temperature', { stated: {} })).toMatchObject({ value: STARTING_AMBIENT.roomC, source: 'not known' });
  // The air of its box was measured here, what was stated was true where it was packed; a reading in the bag beats both.
  expect(fact('bag.temperature', { boxC: 18.5 })).toMatchObject({
    value: 18.5,
    source: 'its box',
    low: 15.5,
    high: STARTING_AMBIENT.roomC,
  });
  // In a warm box it has cooled since, nobody knows how far.
  expect(fact('bag.temperature', { boxC: 31 })).toMatchObject({ low: STARTING_AMBIENT.roomC, high: 34 });
  expect(fact('bag.temperature', { boxC: 18.5, siblings: { temperature: read(20) } })).toMatchObject({ value: 20, source: 'another bag' });
  expect(fact('bag.temperature', { boxC: 18.5, readings: { temperature: read(21) } })).toMatchObject({ value: 21, source: 'measured' });
  expect(fact('bag.pH')).toEqual({ of: 'bag.pH', quantity: 'pH', source: 'calculated' });
});

it('salinity that nobody knows is measured first where it may be more than a step; a stated one never blocks by its band', () => {
  const asked = (more: Partial<KnownBag>, into = tank) =>
    inputOf({ ambient: STARTING_AMBIENT, bag: { ...bag, ...more }, tank: into, now: 0 }).measureFirst;
  const fresh: KnownTank = { ...tank, type: 'fresh', salinityPpt: 0.3 };
  expect(asked({ stated: {}, kind: seaFish })).toEqual(['bag.salinity']);
  expect(asked({ stated: {} })).toEqual(['bag.salinity']);
  expect(asked({ stated: {} }, fresh)).toEqual(['bag.salinity']);
  expect(asked({ stated: {}, usualPpt: { min: 28, max: 28 }, kind: seaFish })).toEqual(['bag.salinity']);
  // Of a species of which only the water is known, anything that water may be.
  expect(asked({ stated: {}, kind: { is: 'fish', water: ['marine'] } })).toEqual(['bag.salinity']);
  expect(asked({ kind: seaFish })).toEqual([]);
  expect(asked({ stated: {}, siblings: { salinity: read(28) }, kind: { ...seaFish, tolerance: 'delicate' } })).toEqual([]);
  expect(asked({ stated: {}, kind: { is: 'fish', tolerance: 'ordinary', salinityPpt: { min: 0, max: 0.5 } } }, fresh)).toEqual([]);
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
  const { input, doubts } = inputOf({ ambient: STARTING_AMBIENT, bag, tank, now: 34 * HOUR_MS });
  expect(input.bag).toMatchObject({ closedHours: 34, gas: 'oxygen', gasL: 0.6, pH: undefined });
  expect(input.lot).toMatchObject({ tolerance: 'delicate', invertebrate: false, euryhaline: false, bags: 2 });
  expect(doubts.map(({ of }) => of)).toEqual(expect.arrayContaining(['bag.salinity', 'bag.waterL', 'bag.alkalinity', 'lot.lengthCm']));
  expect(
    inputOf({ ambient: STARTING_AMBIENT, bag, tank, now: 34 * HOUR_MS, opening: { is: 'opened', hours: 2 } }).input.bag.closedHours,
  ).toBe(32);
  const mono = { is: 'fish', tolerance: 'hardy' as const, salinityPpt: { min: 2, max: 35 } };
  // What nobody put in a class gets the most care, named or not.
  const named = inputOf({
    ambient: STARTING_AMBIENT,
    bag: { ...bag, kind: { is: 'fish', salinityPpt: { min: 30, max: 36 } } },
    tank,
    now: HOUR_MS,
  }).input;
  expect(named.lot.tolerance).toBe('delicate');
  // What they answered beats what is usual on that road; a soft bag has lost it.
  const gasOf = (more: Partial<KnownBag>) =>
    inputOf({ ambient: STARTING_AMBIENT, bag: { ...bag, ...more }, tank, now: HOUR_MS }).input.bag.gas;
  expect([
    gasOf({ packedWith: 'air' }),
    gasOf({ transit: 'local', packedWith: 'oxygen' }),
    gasOf({ packedWith: 'oxygen', soft: true }),
  ]).toEqual(['air', 'oxygen', 'air']);
  const unlike = inputOf({ ambient: STARTING_AMBIENT, bag: { ...bag, transit: 'local', kind: mono }, tank, now: HOUR_MS }).input;
  expect([unlike.bag.gas, unlike.lot.tolerance, unlike.lot.euryhaline]).toEqual(['air', 'hardy', true]);
  expect(
    inputOf({ ambient: STARTING_AMBIENT, bag: { ...bag, kind: { ...mono, is: 'shrimp' } }, tank, now: 0 }).input.lot.invertebrate,
  ).toBe(true);
  expect(inputOf({ ambient: STARTING_AMBIENT, bag: { ...bag, packedAtMs: 5 * HOUR_MS }, tank, now: 0 }).input.bag.closedHours).toBe(0);
});

it('hardness is a fact of fresh water only', () => {
  expect(fact('bag.hardness')).toBeUndefined();
  const fresh = factsOf({ ...bag, stated: { salinityPpt: 0.2 } }, { ...tank, type: 'fresh', salinityPpt: 0.3 }, STARTING_AMBIENT);
  expect(fresh.find(({ of }) => of === 'bag.hardness')).toMatchObject({ source: 'estimated' });
});

it('the house’s own way, by what it is and how long it was closed', () => {
  const houseMethods = {
    ...STARTING_HOUSE_METHODS,
    short: { ...STARTING_HOUSE_METHODS.short, fresh: 'drip' as const },
    long: { ...STARTING_HOUSE_METHODS.long, invertebrates: 'fast siphon' as const },
  };
  expect(houseMethod(houseMethods, { salinity: 0.2, closedHours: 2.9 }, { invertebrate: false })).toBe('drip');
  expect(houseMethod(houseMethods, { salinity: 0.2, closedHours: 3 }, { invertebrate: false })).toBeUndefined();
  expect(houseMethod(houseMethods, { salinity: 33, closedHours: 30 }, { invertebrate: true })).toBe('fast siphon');
});

it('fish that were named by a guess count as delicate, whatever they were taken for', () => {
  expect([toleranceOf({ tolerance: 'hardy' }), toleranceOf({ tolerance: 'hardy' }, true), toleranceOf(undefined)]).toEqual([
    'hardy',
    'delicate',
    'delicate',
  ]);
});

it('a release is judged by what the water may be, not by the air of its box', () => {
  const net = (more: Partial<KnownBag>) =>
    bagStepsOver({
      bag: { ...bag, kind: seaFish, ...more },
      tank: { ...tank, temperatureC: 25, salinityPpt: 28 },
      ambient: STARTING_AMBIENT,
      now: 0,
    });
  const steps = net({ boxC: 25 });
  expect(steps.filter(({ name }) => name === 'temperature')).toMatchObject([{ open: true }]);
  expect(net({ boxC: 25, readings: { temperature: read(25) } }).map(({ name }) => name)).not.toContain('temperature');
});
