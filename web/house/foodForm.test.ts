import { USUAL_FOODS } from '#core/feeding/index.ts';
import { changedFields } from '../parts/changedFields.ts';
import { foodFields, foodOf, foodValues, sayFood } from './foodForm.ts';

it('each usual food comes out of its form as it went in, and every field is asked for', () => {
  const names = new Set(foodFields().map(({ name }) => name));
  for (const food of USUAL_FOODS) {
    const values = foodValues(food);
    expect(foodOf(values)).toEqual(food);
    expect(Object.keys(values).filter((name) => !names.has(name))).toEqual([]);
  }
});

it('says for whom and how', () => {
  expect(sayFood(USUAL_FOODS.find(({ name }) => name === 'clam on the half shell')!)).toBe(
    'on the half shell, for meat eater, shell crusher; large mouths; heavy; thaws 2 h; out again after 4 h',
  );
});

it('of a food only what changed is sent, and what was emptied as nothing', () => {
  const food = USUAL_FOODS[0]!;
  const values = { ...foodValues(food), thawH: '', heavy: 'yes' };
  expect(changedFields(foodOf(foodValues(food)), foodOf(values))).toEqual({ thawH: null, heavy: true });
  expect(changedFields(food, food)).toEqual({});
});
