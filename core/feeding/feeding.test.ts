import { DAY_MS } from '../time/index.ts';
import { appetiteClass, fastOf, isMeal, STARTING_HUNGRY_AFTER } from './index.ts';

const NOW = Date.UTC(2026, 2, 10, 9);
const given = { now: NOW, zone: 'Europe/Lisbon', rules: STARTING_HUNGRY_AFTER };
const archer = { adultCm: 30, eats: { prey: ['fish' as const], gape: 0.35 }, water: ['brackish' as const] };
const chromis = { adultCm: 10, eats: { prey: [], gape: 0 }, water: ['marine' as const] };

it.each([
  [{ sizeCm: 1, species: chromis }, 'fry'],
  [{ sizeCm: 4, species: archer }, 'small'],
  [{ sizeCm: 5, species: chromis }, 'other'],
  [{ sizeCm: 16, species: archer }, 'largePredator'],
  [{ sizeCm: 16, species: chromis }, 'other'],
  [{ species: archer }, 'largePredator'],
  [{}, 'other'],
])('%j is of class %s', (eater, expected) => {
  expect(appetiteClass(eater)).toBe(expected);
});

it('counts house days from the last meal, and flags by class on the day the rule names', () => {
  const small = { sizeCm: 4, species: archer };
  expect(fastOf(small, { lastMealMs: NOW - 2 * DAY_MS }, given)).toEqual({ days: 2, allowedDays: 3, hungry: false, first: false });
  expect(fastOf(small, { lastMealMs: NOW - 3 * DAY_MS }, given)).toMatchObject({ days: 3, hungry: true });
  expect(fastOf({ sizeCm: 20, species: archer }, { lastMealMs: NOW - 6 * DAY_MS }, given)).toMatchObject({ hungry: false });
});

it('counts from release before the first meal, and gives a marine fish three days for it', () => {
  const fry = { sizeCm: 1, species: chromis };
  expect(fastOf(fry, { releasedMs: NOW - 2 * DAY_MS }, given)).toEqual({ days: 2, allowedDays: 3, hungry: false, first: true });
  expect(fastOf(fry, { releasedMs: NOW - 9 * DAY_MS, lastMealMs: NOW - DAY_MS }, given)).toEqual({
    days: 1,
    allowedDays: 1,
    hungry: true,
    first: false,
  });
  // Moved to another tank since: from there on it counts anew.
  expect(fastOf(fry, { releasedMs: NOW - DAY_MS, lastMealMs: NOW - 4 * DAY_MS }, given)).toMatchObject({ days: 1, first: true });
  expect(fastOf(fry, {}, given)).toBeUndefined();
});

it('takes only what was eaten for a meal', () => {
  expect((['ignored', 'looked', 'tasted', 'ate', 'charged'] as const).filter(isMeal)).toEqual(['ate', 'charged']);
});
