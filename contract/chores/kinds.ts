// Kinds of entries about the work that comes back.
import { boolean } from 'yup';
import { CHORE_KINDS, CHORE_PER, type ChoreEntries, type ChoreFields } from '#core/chores/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, count, finite, id, list, note, orNothing, someOf, text, uuid } from '../basics/fields.ts';
import { litres, type Shape } from '../basics/shapes.ts';
import { used } from '../supplies/kinds.ts';

const LONGEST_DAYS = 730;
const always = (): Shape<Pick<ChoreFields, 'name' | 'is' | 'per' | 'racks' | 'everyDays'>> => ({
  name: text(60),
  is: choice(CHORE_KINDS),
  per: choice(CHORE_PER),
  racks: list(id(), { min: 1, max: 50 }),
  everyDays: count(1, LONGEST_DAYS),
});
const perhaps = (): Shape<Omit<ChoreFields, 'name' | 'is' | 'per' | 'racks' | 'everyDays'>> => ({
  only: list(id(), { min: 1, max: 500 }).optional(),
  takes: used(6).optional(),
  percent: finite(0.1, 100).optional(),
  person: id().optional(),
  gone: boolean().optional(),
});

export const choresKinds: Kinds<ChoreEntries> = {
  'chore.planned': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['house', 'today', 'rounds'],
    schema: { chore: id(), ...always(), ...perhaps() },
    example: {
      chore: 'felt-socks',
      name: 'Felt socks',
      is: 'filter socks',
      per: 'system',
      racks: ['cove'],
      everyDays: 4,
      takes: [{ item: 'felt', amount: 4 }],
      person: 'wim',
    },
  }),
  'chore.changed': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['house', 'today', 'rounds'],
    schema: { chore: id(), basedOn: uuid(), fields: someOf({ ...always(), ...orNothing(perhaps()) }) },
    example: { chore: 'felt-socks', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { everyDays: 3, person: null } },
  }),
  'chore.done': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['house', 'today', 'rounds'],
    inHistoryByLinks: true,
    schema: { chore: id(), places: list(id(), { min: 1, max: 500 }), used: used(6).optional(), note: note() },
    example: { chore: 'felt-socks', places: ['cove-water'], used: [{ item: 'felt', amount: 4 }] },
  }),
  'water.toppedUp': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['exposure', 'water', 'today', 'rounds', 'house'],
    inHistoryByLinks: true,
    schema: { tank: id(), litres: litres(), salinityPpt: finite(0, 50).required(), used: used(6).optional(), note: note() },
    example: { tank: 'C1', litres: 6, salinityPpt: 0 },
  }),
};
