import { checkAct } from '#contract/act.ts';
import type { RoundsView, RoundTank } from '#contract/views.ts';
import { actOf, laidOver } from '../data/testOverlay.ts';
import { sayMeal } from '../words/meals.ts';
import { entriesOf, fedEntries, someLeft, toWatch, unfed, untouched } from './draft.ts';
import { overlayRounds } from './overlay.ts';

type Lot = RoundTank['lots'][number];
const planned = (more: Partial<Lot['meal']> = {}) =>
  ({ phase: 'ordinary', mealsADay: 1, food: 'brine', watched: false, due: true, ...more }) as Lot['meal'];
const nothing = { phase: 'first day', mealsADay: 1, nothing: 'first day', due: false } as const;
const lot = (name: string, meal: Lot['meal'], n = 4): Lot => ({ lot: name, label: name, n, meal });
const tankOf = (...lots: Lot[]): RoundTank => ({
  id: 'G1',
  code: 'G1',
  rack: 'Gull',
  system: 'w',
  suspect: false,
  purpose: 'quarantine',
  odd: [],
  faults: [],
  chases: [],
  chores: [],
  lots,
});
const view = (tank: RoundTank): RoundsView => ({
  seq: 1,
  day: 20515,
  round: 'morning',
  current: 'morning',
  left: { morning: 1, evening: 1 },
  toFeed: 1,
  foods: [],
  tanks: [tank],
});
const mealsOf = (...given: Parameters<typeof fedEntries>) => fedEntries(...given).map(({ payload }) => payload);

it('one tap asserts what is planned and was taken before, and no more', () => {
  const tank = tankOf(lot('a', planned()), lot('b', planned({ watched: true })), lot('c', planned({ due: false })), lot('d', nothing));
  expect(mealsOf(tank, [], true)).toEqual([{ tank: 'G1', lot: 'a', food: 'brine', response: 'ate', planned: true }]);
  expect(toWatch(tank, [], true)).toEqual(['b']);
  expect(mealsOf(tank, [], false)).toEqual([]);
  expect(toWatch(tank, [], false)).toEqual([]);
  const entries = entriesOf(tank, view(tank), []);
  expect(entries.map(({ kind }) => kind)).toEqual(['tank.checked', 'lot.fed']);
  expect(checkAct(actOf(...entries))).toMatchObject({ ok: true });
});

it('what somebody said of a lot stands before the plan, and of an odd lot nothing is asserted', () => {
  const tank = tankOf(lot('a', planned()), lot('b', planned()));
  const said = { ...untouched('a'), response: 'tasted' as const, food: 'brine' };
  expect(mealsOf(tank, [said], true)).toEqual([
    { tank: 'G1', lot: 'a', food: 'brine', response: 'tasted' },
    { tank: 'G1', lot: 'b', food: 'brine', response: 'ate', planned: true },
  ]);
  const odd = { ...untouched('a'), signs: [{ sign: 'not eating' as const }] };
  expect(mealsOf(tank, [odd], true)).toEqual([{ tank: 'G1', lot: 'b', food: 'brine', response: 'ate', planned: true }]);
  expect(toWatch(tank, [odd], true)).toEqual(['a']);
});

it('all ate is said of a tank only when it is said of each; and not fed takes back what was said', () => {
  expect(someLeft(tankOf(lot('a', planned())), [], true)).toBe(false);
  expect(someLeft(tankOf(lot('a', planned()), lot('b', planned({ watched: true }))), [], true)).toBe(true);
  expect(someLeft(tankOf(lot('a', planned()), lot('d', nothing)), [], true)).toBe(true);
  const said = { a: { ...untouched('a'), signs: [{ sign: 'pale' as const }], response: 'tasted' as const, food: 'brine', ate: 2 } };
  expect(unfed(said)).toEqual({
    a: { ...untouched('a'), signs: [{ sign: 'pale' as const }], response: undefined, ate: undefined, leftovers: undefined },
  });
  expect(fedEntries(tankOf(lot('a', planned())), Object.values(unfed(said)), false)).toEqual([]);
});

it('a meal shows as given at once, and the tank leaves those to feed when none is due in it any more', () => {
  const tank = tankOf(lot('a', planned()), lot('b', planned({ watched: true })));
  const act = actOf(...fedEntries(tank, [], true));
  const shown = laidOver(overlayRounds, view(tank), [act]);
  expect(shown.toFeed).toBe(1);
  expect(shown.tanks[0]!.lots.map(({ meal }) => meal.due)).toEqual([false, true]);
  const both = actOf(...fedEntries(tank, [{ ...untouched('b'), response: 'charged', food: 'brine' }], true));
  expect(laidOver(overlayRounds, view(tank), [both]).toFeed).toBe(0);
});

it.each([
  [planned(), 'brine'],
  [planned({ watched: true }), 'brine: watch how they take it'],
  [planned({ due: false }), undefined],
  [nothing, 'Nothing on the first day: they would not eat'],
])('%j is said as: %s', (meal, says) => expect(sayMeal(meal)).toBe(says));
