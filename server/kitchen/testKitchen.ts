// What tests of the kitchen say: a food, a mix by its label, meals, batches.
import { USUAL_FOODS, type FoodFields } from '#core/feeding/index.ts';
import type { MixFields } from '#core/kitchen/index.ts';
import type { Said, TestHouse } from '../testHouse.ts';

export const food = (id: string, more: Partial<FoodFields> = {}): Said => ({
  kind: 'food.added',
  payload: { food: id, ...USUAL_FOODS.find(({ name }) => name === 'frozen brine shrimp')!, name: id, ...more },
});
export const mix = (more: Partial<MixFields> & { mix?: string } = {}): Said => ({
  kind: 'mix.added',
  payload: {
    mix: 'worm',
    name: 'antiworm food',
    family: 'antiworm',
    amount: 5,
    unit: 'mg',
    per: 'g of food',
    timesADay: 1,
    days: 3,
    breakDays: 7,
    first: true,
    ...more,
  },
});
export const fed = (more: object = {}, lot = 'fire', tank = 'G1'): Said => ({
  kind: 'lot.fed',
  payload: { tank, lot, food: 'brine', response: 'ate', ...more },
});
type Line = Extract<Said, { kind: 'batch.begun' }>['payload']['lines'][number];
export const begin = (house: TestHouse, lines: Line[], batch = 'batch-1'): Said => ({
  kind: 'batch.begun',
  payload: { batch, forMs: house.now(), lines },
});
export const medicated: Line = { food: 'brine', g: 7, mix: { mix: 'worm', amount: 35 } };
export const step = (done: 'thawed' | 'strained' | 'soaked' | 'thrown away', batch = 'batch-1'): Said => ({
  kind: 'batch.stepped',
  payload: { batch, food: 'brine', step: done },
});
