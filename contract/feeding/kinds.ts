// Kinds of entries about foods.
import { boolean } from 'yup';
import { FOOD_FORMS, MOUTHS, type FeedingEntries, type FoodFields } from '#core/feeding/index.ts';
import { GUILDS } from '#core/species/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, finite, id, list, orNothing, someOf, text, uuid } from '../basics/fields.ts';
import type { Shape } from '../basics/shapes.ts';

type Optional = 'thawH' | 'strain' | 'soakMin' | 'leaveInH' | 'portionG' | 'reorderG' | 'prepared' | 'gone';
const always = (): Shape<Omit<FoodFields, Optional>> => ({
  name: text(60),
  form: choice(FOOD_FORMS),
  guilds: list(choice(GUILDS), { max: GUILDS.length, min: 1 }),
  mouths: list(choice(MOUTHS), { max: MOUTHS.length, min: 1 }),
  heavy: boolean().required(),
});
const perhaps = (): Shape<Pick<FoodFields, Optional>> => ({
  thawH: finite(0, 72).optional(),
  strain: boolean().optional(),
  soakMin: finite(1, 24 * 60).optional(),
  leaveInH: finite(0.25, 72).optional(),
  portionG: finite(0.1, 10_000).optional(),
  reorderG: finite(0, 1_000_000).optional(),
  prepared: text(200).optional(),
  gone: boolean().optional(),
});

export const feedingKinds: Kinds<FeedingEntries> = {
  'food.added': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['house', 'rounds'],
    schema: { food: id(), ...always(), ...perhaps() },
    example: {
      food: 'mysis',
      name: 'frozen mysis',
      form: 'frozen',
      guilds: ['plankton picker', 'meat eater'],
      mouths: ['small', 'large'],
      heavy: false,
      thawH: 1,
      strain: true,
      soakMin: 20,
      portionG: 3.5,
      reorderG: 200,
      prepared: 'rinse it first',
    },
  }),
  'food.changed': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['house', 'rounds'],
    schema: { food: id(), basedOn: uuid(), fields: someOf({ ...always(), ...orNothing(perhaps()) }) },
    example: { food: 'mysis', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { heavy: true, gone: false } },
  }),
};
