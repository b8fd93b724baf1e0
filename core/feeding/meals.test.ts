import fc from 'fast-check';
import { GUILDS } from '../species/index.ts';
import { DAY_MS, formatWall, HOUR_MS, houseDay, startOfHouseDay } from '../time/index.ts';
import {
  isAsked,
  mealDue,
  mealFor,
  mealTimes,
  MOUTHS,
  phaseOf,
  STARTING_MEALS,
  USUAL_FOODS,
  type Eats,
  type FoodFacts,
  type MealRules,
} from './index.ts';

const ZONE = 'Europe/Lisbon';
const NOW = Date.UTC(2026, 2, 10, 9);
const FOODS: FoodFacts[] = USUAL_FOODS.map((food) => ({ id: food.name, ...food }));
const given = (more: Partial<MealRules> = {}, now = NOW) => ({ now, zone: ZONE, rules: { ...STARTING_MEALS, ...more } });
const fish: Eats = {
  guild: 'omnivore',
  lengthCm: 6,
  appetite: 'other',
  hasEaten: true,
  refused: false,
  seenMs: NOW - DAY_MS,
  hungry: false,
  accepted: ['crushed flake'],
  tankL: 200,
};
const meal = (more: Partial<Eats> = {}, rules: Partial<MealRules> = {}, foods = FOODS, now = NOW) =>
  mealFor({ ...fish, ...more }, foods, given(rules, now));

it.each([
  [{}, 'ordinary'],
  [{ appetite: 'fry' }, 'fry'],
  [{ quarantineSinceMs: NOW - 3 * DAY_MS }, 'quarantine'],
  [{ quarantineSinceMs: NOW - HOUR_MS, hasEaten: false }, 'first day'],
  // It has eaten today already: no first day any more.
  [{ quarantineSinceMs: NOW - HOUR_MS }, 'quarantine'],
  [{ quarantineSinceMs: NOW - 3 * DAY_MS, hasEaten: false }, 'conditioning'],
  [{ quarantineSinceMs: NOW - 3 * DAY_MS, hungry: true }, 'conditioning'],
  // Cleared fish that do not eat are marked on the round; nobody conditions them unasked.
  [{ hungry: true }, 'ordinary'],
] as const)('%j is in the phase: %s', (more, phase) => expect(phaseOf({ ...fish, ...more }, given())).toBe(phase));

it('nothing on the first day, unless the house watches a first meal', () => {
  const first = { quarantineSinceMs: NOW - HOUR_MS, hasEaten: false, accepted: [] };
  expect(meal(first)).toMatchObject({ nothing: 'first day' });
  expect(meal(first, { firstDayMeal: true })).toMatchObject({ phase: 'first day', watched: true });
});

it('what nobody knows is asked; a food that they took before will do', () => {
  expect(meal({ guild: undefined, accepted: [] })).toMatchObject({ nothing: 'not known' });
  expect(meal({ guild: undefined })).toMatchObject({ food: 'crushed flake', watched: false });
  expect(
    meal(
      { guild: 'grazer' },
      {},
      FOODS.filter(({ guilds }) => !guilds.includes('grazer')),
    ),
  ).toMatchObject({ nothing: 'no food' });
  // Where the house has no list, nothing is planned and nobody is asked.
  expect([meal({}, {}, []), meal({ guild: undefined, accepted: [] }), meal()].map(isAsked)).toEqual([false, true, false]);
  expect(meal({}, {}, [])).toMatchObject({ nothing: 'no list' });
});

it('one that is to begin to eat gets what it took before, else what tempts, more often, and is watched', () => {
  const shy = { quarantineSinceMs: NOW - 3 * DAY_MS, hasEaten: false };
  expect(meal(shy)).toMatchObject({ phase: 'conditioning', mealsADay: 3, food: 'crushed flake', watched: true });
  const tempting = meal({ ...shy, accepted: [] });
  expect('food' in tempting && FOODS.find(({ name }) => name === tempting.food)!.form).not.toBe('dry');
});

it('heavy food rests in a small quarantine tank, and only there', () => {
  const hunter = { guild: 'shell crusher' as const, lengthCm: 20, quarantineSinceMs: NOW - 9 * DAY_MS, tankL: 60 };
  const yesterday = NOW - DAY_MS;
  expect(meal({ ...hunter, heavyMs: yesterday })).toMatchObject({ nothing: 'rest day' });
  expect(meal({ ...hunter, heavyMs: NOW - 2 * DAY_MS })).toHaveProperty('food');
  // This morning's was this very meal.
  expect(meal({ ...hunter, heavyMs: NOW - HOUR_MS })).toHaveProperty('food');
  expect(meal({ ...hunter, heavyMs: yesterday, tankL: 400 })).toHaveProperty('food');
  expect(meal({ ...hunter, heavyMs: yesterday, quarantineSinceMs: undefined })).toHaveProperty('food');
  expect(meal({ ...hunter, heavyMs: NOW - 2 * DAY_MS }, { heavyEveryDays: 3 })).toMatchObject({ nothing: 'rest day' });
});

const anyEats = fc.record({
  guild: fc.option(fc.constantFrom(...GUILDS), { nil: undefined }),
  lengthCm: fc.option(fc.double({ min: 0.5, max: 60, noNaN: true }), { nil: undefined }),
  appetite: fc.constantFrom('fry', 'small', 'other', 'largePredator'),
  quarantineSinceMs: fc.option(fc.integer({ min: NOW - 60 * DAY_MS, max: NOW }), { nil: undefined }),
  hasEaten: fc.boolean(),
  hungry: fc.boolean(),
  refused: fc.boolean(),
  seenMs: fc.option(fc.integer({ min: NOW - 20 * DAY_MS, max: NOW }), { nil: undefined }),
  accepted: fc.subarray(USUAL_FOODS.map(({ name }) => name)),
  tankL: fc.integer({ min: 5, max: 500 }),
  heavyMs: fc.option(fc.integer({ min: NOW - 9 * DAY_MS, max: NOW }), { nil: undefined }),
}) as fc.Arbitrary<Eats>;

it('never gives what does not suit, asserts nothing that was never taken, and over the days gives every food its turn', () => {
  fc.assert(
    fc.property(anyEats, fc.boolean(), (lot, firstDayMeal) => {
      const planned = mealFor(lot, FOODS, given({ firstDayMeal }));
      if (!('food' in planned)) return;
      const food = FOODS.find(({ name }) => name === planned.food)!;
      if (lot.guild === undefined) expect(lot.accepted).toContain(food.name);
      else expect(food.guilds).toContain(lot.guild);
      if (!planned.watched) {
        expect(lot.accepted).toContain(food.name);
        expect([lot.refused, lot.hungry]).toEqual([false, false]);
        // By days of the wall: two of quarantine, a week of the cleared.
        const unseen = houseDay(NOW, ZONE) - houseDay(lot.seenMs!, ZONE);
        expect(unseen).toBeLessThanOrEqual(lot.quarantineSinceMs === undefined ? 7 : 2);
      }
    }),
    { numRuns: 2000 },
  );
  const turns = new Set(
    Array.from({ length: 12 }, (_, day) =>
      JSON.stringify(meal({ accepted: USUAL_FOODS.map(({ name }) => name), seenMs: NOW + day * DAY_MS }, {}, FOODS, NOW + day * DAY_MS)),
    ),
  );
  expect(turns.size).toBe(FOODS.filter(({ guilds, mouths }) => guilds.includes('omnivore') && mouths.includes('small')).length);
});

it('of a fish that nobody measured, what every mouth takes; else what the full grown take, watched', () => {
  const large = FOODS.filter(({ mouths }) => !mouths.includes('tiny'));
  const unmeasured = (more: Partial<Eats>, foods: FoodFacts[]) =>
    meal({ lengthCm: undefined, accepted: foods.map(({ name }) => name), ...more }, {}, foods);
  const planned = unmeasured({ adultCm: 25 }, FOODS);
  expect(FOODS.find(({ name }) => 'food' in planned && name === planned.food)!.mouths).toEqual([...MOUTHS]);
  expect(planned).toMatchObject({ watched: false });
  expect(unmeasured({ adultCm: 25 }, large)).toMatchObject({ watched: true });
  expect(unmeasured({}, large)).toMatchObject({ nothing: 'no food' });
});

/** The same by a clock on the wall: quarter by quarter through the day, what was offered is ticked off. */
function dueByWall(meals: number, rules: MealRules, offeredMs: readonly number[], now: number): boolean {
  const hours = Array.from({ length: meals }, (_, index) =>
    meals === 1 ? rules.firstMealHour : rules.firstMealHour + ((rules.lastMealHour - rules.firstMealHour) * index) / (meals - 1),
  );
  const day = startOfHouseDay(houseDay(now, ZONE), ZONE);
  const open = hours.map((hour) => day + hour * HOUR_MS - HOUR_MS).filter((fromMs) => fromMs <= now);
  const last = open.at(-1);
  return last !== undefined && !offeredMs.some((atMs) => atMs >= last);
}

it('a meal is due from an hour before its time until something was offered', () => {
  const day = startOfHouseDay(houseDay(NOW, ZONE), ZONE);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 0, max: 95 }),
      fc.array(fc.integer({ min: -96, max: 95 }), { maxLength: 5 }),
      (meals, quarter, offers) => {
        const now = day + quarter * (HOUR_MS / 4);
        const offered = offers.map((at) => day + at * (HOUR_MS / 4)).filter((atMs) => atMs <= now);
        const times = mealTimes(meals, given({}, now));
        const { due, nextMs } = mealDue(times, offered.length > 0 ? Math.max(...offered) : undefined, now);
        expect(due).toBe(dueByWall(meals, STARTING_MEALS, offered, now));
        if (nextMs !== undefined) expect(nextMs - HOUR_MS).toBeGreaterThan(now);
      },
    ),
    { numRuns: 3000 },
  );
});

it('meals lie at the hours of the wall, also on a day on which the clock changes', () => {
  const spring = Date.UTC(2026, 2, 29, 12);
  expect(mealTimes(3, given({}, spring)).map((atMs) => formatWall(atMs, ZONE).slice(-5))).toEqual(['08:00', '14:00', '20:00']);
  expect(mealTimes(1, given())).toHaveLength(1);
});
