// Kinds of entries of the kitchen: mixes by their labels, batches, courses.
import { boolean } from 'yup';
import { BATCH_STEPS, LABEL_PER, LABEL_UNITS, type BatchBegun, type KitchenEntries, type MixFields } from '#core/kitchen/index.ts';
import { MEDICATION_FAMILIES } from '#core/species/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, count, finite, id, instant, list, maybe, orNothing, someOf, text, uuid } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

type Optional = 'family' | 'labelSays' | 'gone';
const always = (): Shape<Omit<MixFields, Optional>> => ({
  name: text(60),
  amount: finite(0.0001, 100_000).required(),
  unit: choice(LABEL_UNITS),
  per: choice(LABEL_PER),
  timesADay: count(1, 12),
  days: count(1, 60),
  breakDays: count(0, 365),
  first: boolean().required(),
});
const perhaps = (): Shape<Pick<MixFields, Optional>> => ({
  family: choice(MEDICATION_FAMILIES).optional(),
  labelSays: text(300).optional(),
  gone: boolean().optional(),
});
const weight = () => finite(0, 100_000).required();

export const kitchenKinds: Kinds<KitchenEntries> = {
  'mix.added': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['house', 'rounds'],
    schema: { mix: id(), ...always(), ...perhaps() },
    example: {
      mix: 'worm-food',
      name: 'antiworm food',
      family: 'antiworm',
      amount: 5,
      unit: 'mg',
      per: 'g of food',
      timesADay: 1,
      days: 3,
      breakDays: 7,
      first: true,
      labelSays: '5 mg to each gram of food, 3 days',
    },
  }),
  'mix.changed': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['house', 'rounds'],
    schema: { mix: id(), basedOn: uuid(), fields: someOf({ ...always(), ...orNothing(perhaps()) }) },
    example: { mix: 'worm-food', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { days: 4 } },
  }),
  'batch.begun': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds', 'house', 'today'],
    schema: {
      batch: id(),
      forMs: instant(),
      lines: list(
        schemaOf<BatchBegun['lines'][number]>({
          food: id(),
          g: finite(0.01, 100_000).required(),
          mix: maybe({ mix: id(), amount: weight(), fishG: finite(0, 10_000_000).optional() }),
        }),
        { min: 1, max: 60 },
      ),
      soak: text().optional(),
    },
    example: {
      batch: 'batch-1',
      forMs: AT + 2 * HOUR_MS,
      lines: [
        { food: 'mysis', g: 14 },
        { food: 'mysis', g: 7, mix: { mix: 'worm-food', amount: 35 } },
      ],
      soak: 'vitamins',
    },
  }),
  'batch.stepped': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds', 'today'],
    schema: { batch: id(), food: id(), step: choice(BATCH_STEPS) },
    example: { batch: 'batch-1', food: 'mysis', step: 'strained' },
  }),
  'course.begun': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['rounds', 'stock'],
    inHistoryByLinks: true,
    schema: { course: id(), lot: id(), mix: id(), why: text(300) },
    example: { course: 'course-1', lot: 'lot-3', mix: 'worm-food', why: 'stringy faeces again' },
  }),
  'course.stopped': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['rounds', 'stock'],
    inHistoryByLinks: true,
    schema: { lot: id(), mix: id(), why: text(300) },
    example: { lot: 'lot-3', mix: 'worm-food', why: 'they spit it out' },
  }),
};
