// The kitchen sheet and the round of a 400-tank house whose foods are on its list, half of it on medicated food: over HTTP, in turns with the same house before its foods.
import { v7 } from 'uuid';
import { USUAL_FOODS } from '#core/feeding/index.ts';
import { TANKS } from './large.ts';
import { makePair } from './pair.ts';

const { write, read, measure } = await makePair();
for (const food of USUAL_FOODS) await write({ kind: 'food.added', payload: { food: v7(), ...food } });
const label = { amount: 2, unit: 'mg', per: 'g of food', timesADay: 1, days: 3, breakDays: 7, first: true } as const;
await write({ kind: 'mix.added', payload: { mix: 'worm', name: 'antiworm food', family: 'antiworm', ...label } });
const { tanks } = await read('rounds');
for (const { lots } of tanks.slice(0, TANKS / 2))
  await write(
    ...lots.map(({ lot }) => ({
      kind: 'course.begun' as const,
      payload: { course: v7(), lot, mix: 'worm', why: 'measured' },
      overrules: [{ code: 'course.noSign' as const, reason: 'measured' }],
    })),
  );

const { meals } = await read('kitchen');
await measure([
  { view: 'kitchen', of: 'now' },
  { view: `kitchen?at=${meals.at(-1)}`, of: 'now' },
  { view: 'rounds', of: 'now' },
  { view: 'rounds', of: 'before' },
  { view: 'today', of: 'now' },
  { view: 'today', of: 'before' },
  { view: 'running', of: 'now' },
]);
