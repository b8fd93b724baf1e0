// The kitchen's sums against a ledger that shares no code with them; labels, batches and who is held back, one by one.
import { makeChance } from '../chance/index.ts';
import { USUAL_FOODS, type FoodFacts, type Meal } from '../feeding/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import { HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { beginBy, lineNow, stepsOf } from './batch.ts';
import { amountFor, isByLabel } from './dose.ts';
import type { MixFacts } from './entries.ts';
import { medicatedIn, type Eater } from './medicated.ts';
import { rationG, STARTING_KITCHEN_RULES } from './ration.ts';
import { kitchenSheet, taken, type SheetLot, type SheetTank } from './sheet.ts';

const FOODS: FoodFacts[] = USUAL_FOODS.map((food, index) => ({ id: `food-${index}`, ...food }));
const MIX: MixFacts = {
  id: 'worm',
  name: 'antiworm food',
  family: 'antiworm',
  amount: 5,
  unit: 'mg',
  per: 'g of food',
  timesADay: 1,
  days: 3,
  breakDays: 7,
  first: true,
};

describe('a ration', () => {
  const base = { n: 10, lengthCm: 5, phase: 'ordinary', mealsADay: 1, form: 'frozen' } as const;
  it('is a percent of their mass: ten fish of 5 cm weigh 18.75 g', () => {
    expect(rationG(base, STARTING_KITCHEN_RULES)).toBeCloseTo(0.75, 10);
    expect(rationG({ ...base, mealsADay: 3 }, STARTING_KITCHEN_RULES)).toBeCloseTo(0.25, 10);
    expect(rationG({ ...base, form: 'dry' }, STARTING_KITCHEN_RULES)).toBeCloseTo(0.1875, 10);
    expect(rationG({ ...base, phase: 'fry', lengthCm: 1 }, STARTING_KITCHEN_RULES)).toBeCloseTo(10 * 0.015 * 0.16, 10);
  });
  it('of fish that nobody measured is not known', () => {
    expect(rationG({ ...base, lengthCm: undefined }, STARTING_KITCHEN_RULES)).toBeUndefined();
  });
});

describe('a label', () => {
  it('counts food or fish, and nothing is made up where fish were not measured', () => {
    expect(amountFor(MIX, { g: 14 })).toBe(70);
    const byFish = { ...MIX, per: 'kg of fish a day', amount: 50, timesADay: 2 } as const;
    expect(amountFor(byFish, { g: 14, fishG: 400 })).toBe(10);
    expect(amountFor(byFish, { g: 14 })).toBeUndefined();
    expect(isByLabel(byFish, { g: 14 }, 10)).toBe(false);
  });
  it('is kept to, however little it is', () => {
    expect(isByLabel(MIX, { g: 14 }, 70.4)).toBe(true);
    expect(isByLabel(MIX, { g: 14 }, 77)).toBe(false);
    expect(isByLabel(MIX, { g: 14 }, 7)).toBe(false);
    // A little of it is no excuse: 0.5 mg where 0.2 are due is more than twice.
    expect(isByLabel(MIX, { g: 0.04 }, 0.5)).toBe(false);
    expect(isByLabel({ ...MIX, unit: 'drops', amount: 0.5 }, { g: 7 }, 4)).toBe(false);
    expect(isByLabel({ ...MIX, unit: 'drops', amount: 0.5 }, { g: 7 }, 3.5)).toBe(true);
  });
});

describe('a batch', () => {
  const way = { thawH: 1, strain: true, soakMin: 15 };
  const given = (...done: [string, number][]) => ({
    begunMs: 0,
    keepsH: 6,
    done: done.map(([step, minutes]) => ({ step, atMs: minutes * MINUTE_MS }) as { step: 'strained'; atMs: number }),
  });
  it('thaws by its time, waits for hands to be strained, soaks, is ready, grows old', () => {
    expect(lineNow(way, given(), 30 * MINUTE_MS)).toEqual({ is: 'thawing', fromMs: 0, untilMs: HOUR_MS });
    expect(lineNow(way, given(), HOUR_MS)).toEqual({ is: 'unstrained', fromMs: HOUR_MS });
    expect(lineNow(way, given(['strained', 70]), 75 * MINUTE_MS)).toEqual({
      is: 'soaking',
      fromMs: 70 * MINUTE_MS,
      untilMs: 85 * MINUTE_MS,
    });
    expect(lineNow(way, given(['strained', 70]), 85 * MINUTE_MS)).toEqual({
      is: 'ready',
      fromMs: 85 * MINUTE_MS,
      keepsUntilMs: 7 * HOUR_MS,
    });
    expect(lineNow(way, given(['strained', 70]), 7 * HOUR_MS + 1)).toMatchObject({ is: 'old', fromMs: 7 * HOUR_MS });
    expect(lineNow(way, given(), 8 * HOUR_MS)).toMatchObject({ is: 'old' });
    expect(lineNow(way, given(['strained', 70], ['thrown away', 80]), 9 * HOUR_MS)).toMatchObject({ is: 'thrown away' });
  });
  it('is done before its time when somebody says so, and dry food is ready at once', () => {
    expect(lineNow(way, given(['thawed', 20]), 25 * MINUTE_MS)).toEqual({ is: 'unstrained', fromMs: 20 * MINUTE_MS });
    expect(lineNow(way, given(['soaked', 30]), 31 * MINUTE_MS)).toMatchObject({ is: 'ready', fromMs: 30 * MINUTE_MS });
    expect(lineNow({}, given(), 0)).toEqual({ is: 'ready', fromMs: 0 });
    expect(lineNow({ soakMin: 15 }, given(), HOUR_MS)).toMatchObject({ is: 'ready', keepsUntilMs: 15 * MINUTE_MS + 6 * HOUR_MS });
    expect(lineNow({ soakMin: 15 }, given(), 7 * HOUR_MS)).toMatchObject({ is: 'old' });
    expect(stepsOf(way)).toEqual(['thawed', 'strained', 'soaked']);
    expect(stepsOf({})).toEqual([]);
  });
  it('has to be begun so long before its meal', () => {
    expect(beginBy(way, 8 * HOUR_MS)).toBe(8 * HOUR_MS - 80 * MINUTE_MS);
    expect(beginBy({}, 8 * HOUR_MS)).toBe(8 * HOUR_MS);
  });
});

describe('medicated food', () => {
  const fish = { id: 'a', is: 'fish', shyOf: [] } as unknown as SpeciesFacts;
  const eater = (lot: string, more: Partial<Eater> = {}): Eater => ({
    lot,
    species: fish,
    guessed: false,
    hasEaten: true,
    course: { is: 'on', course: 1, day: 2, of: 3, missed: 0 },
    ...more,
  });
  const heldOf = (...eaters: Eater[]) => medicatedIn(eaters, MIX).get('a')?.held;
  it('reaches whom it is for where all of the tank are on it', () => {
    expect(heldOf(eater('a'))).toBeUndefined();
    expect(heldOf(eater('a'), eater('b'))).toBeUndefined();
    expect(heldOf(eater('a'), eater('b', { course: undefined }))).toBe('tankmates');
    expect(heldOf(eater('a'), eater('b', { course: { is: 'break', course: 1, day: 1, of: 7, missed: 0, endedDay: 3 } }))).toBe('tankmates');
    expect(heldOf(eater('a'), eater('b', { had: true }))).toBe('tankmates');
    expect(heldOf(eater('a', { had: true }), eater('b'))).toBeUndefined();
    expect(heldOf(eater('a', { hasEaten: false }))).toBe('not eating');
    expect(medicatedIn([eater('a', { course: undefined })], MIX).size).toBe(0);
  });
  it('never where shrimps live, nor where it harms or nobody knows', () => {
    const shrimp = { ...fish, is: 'shrimp' } as unknown as SpeciesFacts;
    expect(heldOf(eater('a'), eater('b', { species: shrimp }))).toBe('invertebrates');
    expect(heldOf(eater('a'), eater('b', { species: { ...fish, shyOf: ['antiworm'] } }))).toBe('harms');
    expect(heldOf(eater('a'), eater('b', { species: undefined }))).toBe('not known');
    expect(heldOf(eater('a', { guessed: true }))).toBe('not known');
    expect(medicatedIn([eater('a', { species: shrimp })], { family: undefined }).get('a')).toEqual({ held: 'invertebrates' });
  });
});

it('whole portions: what is needed is never more than what is taken, and never a portion too many', () => {
  const chance = makeChance(4);
  for (let round = 0; round < 2000; round += 1) {
    const [g, portionG] = [chance() * 50, 0.5 + chance() * 8];
    const { takeG, portions } = taken(g, portionG);
    expect(takeG + 1e-4).toBeGreaterThanOrEqual(g);
    expect(takeG - portionG).toBeLessThan(g + 1e-9);
    expect(portions! * portionG).toBe(takeG);
  }
  expect(taken(3 * 0.1, 0.1).portions).toBe(3);
});

/** Fish by fish: each head's own meal on a slip of paper, the slips of a food on one pile. */
function slips(tanks: readonly SheetTank[]): Map<string, { g: number; heads: number; fishG: number }> {
  const piles = new Map<string, { g: number; heads: number; fishG: number }>();
  const percent = { 'first day': 1, conditioning: 2, fry: 8, quarantine: 3, ordinary: 4 };
  for (const { lots, less } of tanks)
    for (const { n, lengthCm, guild, meal, medicated } of lots)
      for (let head = 0; head < n; head += 1) {
        if (!('food' in meal)) continue;
        const food = FOODS.find(({ name }) => name === meal.food)!;
        const pile = `${meal.food}+${medicated && !medicated.held ? medicated.mix : ''}`;
        const known = piles.get(pile) ?? { g: 0, heads: 0, fishG: 0 };
        const mass = lengthCm === undefined ? 0 : 0.015 * lengthCm * lengthCm * lengthCm;
        const mouth = lengthCm === undefined ? 0 : lengthCm < 3 ? 2 : lengthCm < 10 ? 1 : 0.5;
        const wet = { dry: 0.25, sheet: 0.25, 'on the half shell': 2, frozen: 1, live: 1, paste: 1 }[food.form];
        const g =
          (mass * (percent[meal.phase] / 100) * mouth * (guild === 'grazer' ? 1.5 : 1) * wet * (less && pile.endsWith('+') ? 0.5 : 1)) /
          meal.mealsADay;
        piles.set(pile, { g: known.g + g, heads: known.heads + 1, fishG: known.fishG + mass });
      }
  return piles;
}

it('agrees with slips of paper over 600 houses, and every portion is in a line', () => {
  const chance = makeChance(77);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(chance() * from.length)]!;
  const byFish: MixFacts = { ...MIX, id: 'fish', per: 'kg of fish a day', amount: 40, timesADay: 2 };
  for (let house = 0; house < 600; house += 1) {
    const lotOf = (): SheetLot => {
      const phase = pick(['first day', 'conditioning', 'fry', 'quarantine', 'ordinary'] as const);
      const meal: Meal =
        chance() < 0.1
          ? { phase, mealsADay: 1, nothing: 'rest day' }
          : { phase, mealsADay: pick([1, 3]), food: pick(FOODS).name, watched: chance() < 0.2 };
      return {
        lot: `lot-${chance()}`,
        label: 'fish',
        n: 1 + Math.floor(chance() * 30),
        ...(chance() < 0.9 ? { lengthCm: 0.5 + chance() * 25 } : {}),
        guild: pick(['grazer', 'omnivore', 'meat eater'] as const),
        meal,
        ...(chance() < 0.3
          ? { medicated: { mix: pick(['worm', 'fish']), ...(chance() < 0.3 ? { held: 'tankmates' as const } : {}) } }
          : {}),
      };
    };
    const tanks = Array.from({ length: Math.floor(chance() * 12) }, (_, index): SheetTank => ({
      id: `t${index}`,
      code: `T${index}`,
      rack: 'R',
      lots: Array.from({ length: 1 + Math.floor(chance() * 3) }, lotOf),
      ...(chance() < 0.2 ? { less: true as const } : {}),
    }));
    const sheet = kitchenSheet(tanks, { foods: FOODS, mixes: [MIX, byFish], rules: STARTING_KITCHEN_RULES, mealMs: 0 });
    const piles = slips(tanks);
    expect(sheet.lines.map(({ food, mix = '' }) => `${food}+${mix}`).toSorted()).toEqual([...piles.keys()].toSorted());
    for (const line of sheet.lines) {
      const pile = piles.get(`${line.food}+${line.mix ?? ''}`)!;
      expect(line.g).toBeCloseTo(pile.g, 8);
      expect(line.heads).toBe(pile.heads);
      expect(line.takeG + 1e-4).toBeGreaterThanOrEqual(pile.g);
      if (line.mix === 'worm' && line.takeG > 0) expect(line.dose?.amount).toBeCloseTo(line.takeG * 5, 8);
      if (line.mix === 'fish') expect(line.takeG).toBe(line.g);
      if (line.mix === 'fish')
        if (line.unmeasured > 0 || line.takeG === 0) expect(line.dose).toBeUndefined();
        else expect(line.dose?.amount).toBeCloseTo((pile.fishG / 1000) * 40 * 0.5, 8);
      const portions = sheet.tanks.flatMap((tank) => tank.portions).filter(({ food, mix }) => food === line.food && mix === line.mix);
      expect(portions.reduce((sum, { g }) => sum + g, 0)).toBeCloseTo(line.g, 8);
      expect(portions.reduce((sum, { unmeasured }) => sum + unmeasured, 0)).toBe(line.unmeasured);
    }
  }
});
