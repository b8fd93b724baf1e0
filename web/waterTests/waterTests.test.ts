// What the screens advise about a value over its limit, against a tub that is emptied and filled by hand; the entries they write; what a form of own tests means.
import { makeChance } from '#core/chance/index.ts';
import type { OverCard, SystemTests } from '#contract/views.ts';
import { HOUR_MS } from '#core/time/index.ts';
import {
  judgeReading,
  limitsOf,
  STARTING_WATER_TESTS,
  isOver,
  type Beside,
  type OwnLimit,
  type SystemSet,
} from '#core/waterTests/index.ts';
import { unionizedFraction, type Quantity } from '#core/water/index.ts';
import { accepted } from '../data/testOverlay.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { DONE_SAYS, sayOver } from '../words/waterTests.ts';
import { adviceFor, becomes, carried, helpsAgainst, redoseMg } from './advice.ts';
import { answerEntry, inHours, planEntry, pouredEntry, retestHours } from './draft.ts';
import { readOwn, rowsOf } from './ownRows.ts';

const { waterTests: rules } = STARTING_WATER_TESTS;
const NOW = Date.UTC(2026, 2, 3, 8);
const READING = '019cb270-7380-7000-8036-9ee768e6d3a5';
const marine: SystemSet = { type: 'marine', temperatureC: 25, salinityPpt: 34 };
const fresh: SystemSet = { type: 'fresh', temperatureC: 25, salinityPpt: 0 };

type Given = { quantity: Quantity; value: number; set?: SystemSet; beside?: Beside; own?: OwnLimit[]; volumeL?: number; copper?: boolean };
function over({ quantity, value, set = marine, beside = {}, own = [], volumeL = 200, copper = false }: Given): {
  system: SystemTests;
  card: OverCard;
} {
  const limits = limitsOf(set, rules.limits, own);
  const verdict = judgeReading({ quantity, value, beside }, set, limits);
  if (!isOver(verdict)) throw new Error(`${quantity} ${value} is within`);
  const card = { quantity, reading: { entry: READING, value, atMs: NOW, by: 'Bram' }, verdict, beside };
  const system: SystemTests = {
    id: 'reef',
    name: 'Reef',
    type: set.type,
    volumeL,
    set,
    tanks: [{ id: 'C1', code: 'C1' }],
    filter: { is: 'not known' },
    phases: ['unripe'],
    treatments: [],
    copper,
    tests: [],
    limits,
    over: [card],
    latest: {},
  };
  return { system, card };
}
const advise = (given: Given, poured = {}) => adviceFor({ ...over(given), rules, climbPpt: 1, poured });

it('the litres that it advises bring the value to where it says, poured by hand, and no toxic part is left over its limit', () => {
  const next = makeChance(51);
  const between = (min: number, max: number) => min + next() * (max - min);
  let advised = 0;
  for (let no = 0; no < 1500; no += 1) {
    const set = next() < 0.5 ? marine : fresh;
    const [low, high] = set.type === 'fresh' ? [6, 8.4] : [7.6, 8.5];
    const [value, pH, newPH, volumeL] = [between(0.05, 6), between(low, high), between(low, high), between(30, 1500)];
    const beside = { pH, temperature: 25, salinity: set.salinityPpt };
    const limits = limitsOf(set, rules.limits);
    if (judgeReading({ quantity: 'ammonia', value, beside }, set, limits).is === 'within') continue;
    const advice = advise({ quantity: 'ammonia', value, set, beside, volumeL }, { pH: newPH });
    if (advice.is !== 'change') throw new Error(advice.is);
    advised += 1;
    let grams = value * volumeL;
    for (let turn = 0; turn < advice.plan.times; turn += 1) grams -= (advice.plan.litres / volumeL) * grams;
    const then = grams / volumeL;
    expect(then).toBeCloseTo(advice.target, 9);
    expect(then).toBeLessThanOrEqual(0.5);
    // Whichever of the two pH it comes to.
    for (const acid of [pH, newPH])
      expect(then * unionizedFraction({ pH: acid, temperature: 25, salinity: set.salinityPpt })).toBeLessThanOrEqual(0.05);
    expect(advice.plan.share).toBeLessThanOrEqual(0.5 + 1e-9);
  }
  expect(advised).toBeGreaterThan(800);
});

it('new water that nobody read may have the highest pH of its kind: more is changed, and it is said', () => {
  const given: Given = { quantity: 'ammonia', value: 2, set: fresh, beside: { pH: 6.5, temperature: 25 } };
  const [read, unread] = [advise(given, { pH: 6.5 }), advise(given)];
  if (read.is !== 'change' || unread.is !== 'change') throw new Error('no change');
  expect(unread.target).toBeLessThan(read.target);
  expect(read.freed).toMatchObject({ unread: [] });
  expect(unread.freed!.then).toBeGreaterThan(unread.freed!.now);
  const { system, card } = over(given);
  expect(becomes({ system, card, litres: 100, poured: { salinityPpt: 0, temperatureC: 23 } })).toMatchObject({
    share: 0.5,
    value: 1,
    temperatureC: 24,
  });
  expect(becomes({ system, card, litres: 100, poured: {} })).toMatchObject({ temperatureC: undefined });
});

it('salinity by a swap within what may be changed, copper into its range or by the arithmetic of its label, the rest by other means', () => {
  // A ppt a day and no more, however far off: 200 L from 38 to 37 by plain water, 200 · 1 / 38.
  expect(advise({ quantity: 'salinity', value: 38 })).toEqual({
    is: 'swap',
    litres: expect.closeTo(5.263, 3) as number,
    target: 37,
    with: 0,
    rest: true,
  });
  expect(advise({ quantity: 'salinity', value: 28 })).toEqual({ is: 'other' });
  expect(advise({ quantity: 'salinity', value: 28 }, { salinityPpt: 40 })).toMatchObject({
    is: 'swap',
    litres: expect.closeTo(16.667, 3) as number,
    target: 29,
  });
  expect(advise({ quantity: 'salinity', value: 28 }, { salinityPpt: 28.5 })).toEqual({ is: 'cannot' });
  const own: OwnLimit[] = [{ quantity: 'copper', from: 0.4, to: 0.5 }];
  const dosed: SystemSet = { ...marine, copper: true };
  expect(advise({ quantity: 'copper', value: 0.6, own, set: dosed })).toMatchObject({
    is: 'change',
    target: 0.45,
    plan: { litres: expect.closeTo(50, 6) as number },
  });
  expect(advise({ quantity: 'copper', value: 0.3, own, set: dosed })).toMatchObject({
    is: 'dose',
    grams: expect.closeTo(0.02, 9) as number,
  });
  expect(advise({ quantity: 'temperature', value: 29 })).toEqual({ is: 'other' });
  expect(advise({ quantity: 'nitrite', value: 8 })).toMatchObject({ is: 'change', target: 1, plan: { times: 3 } });
  expect(redoseMg(40, 0.45)).toBeCloseTo(18, 9);
  expect([carried(12.31), carried(50), carried(516.61)]).toEqual([12.4, 50, 517]);
});

it('offers what helps, and no ammonia binder where copper is', () => {
  const helps = (given: Given) => {
    const { system, card } = over(given);
    return helpsAgainst(card, system);
  };
  expect(helps({ quantity: 'ammonia', value: 2 })).toContain('bound ammonia');
  expect(helps({ quantity: 'ammonia', value: 2, copper: true })).not.toContain('bound ammonia');
  expect(helps({ quantity: 'oxygen', value: 3 })[0]).toBe('more air');
  expect(helps({ quantity: 'pH', value: 7 })).toEqual(['found the cause']);
  expect(retestHours(true, 4)).toEqual([1, 2, 4]);
  expect(retestHours(false, 4)).toEqual([1, 2, 4, 24]);
  expect(inHours(NOW + 30_001, 2)).toBe(NOW + 2 * HOUR_MS + 60_000);
});

it('writes entries that the house takes', () => {
  const { system, card } = over({ quantity: 'ammonia', value: 2 });
  const salt = { item: 'salt', unit: 'kg' as const };
  const poured = { salinityPpt: 34, temperatureC: 25, pH: 8.1 };
  expect(
    accepted(
      pouredEntry(system, { litres: 60, poured, redosed: ['copper'], salt }),
      answerEntry(card, { did: ['changed water', 'feed less'], retestAtMs: NOW, note: ' ' }),
      planEntry({ id: 'reef', own: undefined }, { every: [{ quantity: 'nitrite', everyDays: 0 }], limits: [], note: 'as it is' }),
    ),
  ).toMatchObject([
    { tank: 'C1', litres: 60, atSump: true, pH: 8.1, redosed: ['copper'], used: [{ item: 'salt' }] },
    { reading: READING, did: ['changed water', 'feed less'] },
    { system: 'reef', note: 'as it is' },
  ]);
  expect(answerEntry(card, { did: ['nothing'], note: ' why ' }).payload).toEqual({ reading: READING, did: ['nothing'], note: 'why' });
  expect(pouredEntry(system, { litres: 60, poured: {}, redosed: [], salt }).payload).not.toHaveProperty('used');
});

it('a form of own tests: what is empty is the house’s, 0 is not asked, what cannot be read is told', () => {
  const rows = rowsOf(
    { every: [{ quantity: 'nitrite', everyDays: 0 }], limits: [{ quantity: 'copper', from: 0.4, to: 0.5 }] },
    METRIC_UNITS,
  );
  expect(rows.nitrite.days).toBe('0');
  expect(readOwn(rows, METRIC_UNITS)).toEqual({
    every: [{ quantity: 'nitrite', everyDays: 0 }],
    limits: [{ quantity: 'copper', from: 0.4, to: 0.5 }],
    wrong: [],
  });
  rows.pH = { days: '1.5', from: '9', to: '7' };
  rows.ammonia = { days: '', from: '', to: 'much' };
  expect(readOwn(rows, METRIC_UNITS).wrong.toSorted()).toEqual(['ammonia to', 'pH days', 'pH to']);
});

it('says what is over, and why', () => {
  const said = (given: Given) => {
    const { card } = over(given);
    return sayOver({ quantity: given.quantity, value: given.value, verdict: card.verdict }, METRIC_UNITS);
  };
  expect(said({ quantity: 'nitrite', value: 3 })).toBe('Nitrite 3 mg/L NO₂: over its limit of 2 mg/L NO₂');
  expect(said({ quantity: 'pH', value: 7.2 })).toBe('pH 7.2: under its limit of 7.6');
  expect(said({ quantity: 'ammonia', value: 1, beside: { pH: 8.1, temperature: 25 } })).toMatch(
    /toxic part is 0\.05\d mg\/L N, over its limit of 0\.05/,
  );
  expect(said({ quantity: 'ammonia', value: 0.45 })).toMatch(/nobody read the pH/);
  expect(Object.values(DONE_SAYS).every((words) => words.length > 3)).toBe(true);
});
