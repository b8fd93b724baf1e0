// Kinds of entries about what is used up: what is kept, what came, what was counted.
import { boolean } from 'yup';
import { SUPPLY_UNITS, type SupplyEntries, type SupplyFields, type Used } from '#core/supplies/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, finite, id, instant, list, orNothing, someOf, text, uuid } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

const MOST = 10_000_000;
/** What an act used of supplies. */
export const used = (most: number) => list(schemaOf<Used>({ item: id(), amount: finite(0.001, MOST).required() }), { min: 1, max: most });
const always = (): Shape<Pick<SupplyFields, 'name' | 'unit'>> => ({ name: text(60), unit: choice(SUPPLY_UNITS) });
const perhaps = (): Shape<Pick<SupplyFields, 'reorderAt' | 'reused' | 'salt' | 'gone'>> => ({
  reorderAt: finite(0, MOST).optional(),
  reused: boolean().optional(),
  salt: boolean().optional(),
  gone: boolean().optional(),
});

export const suppliesKinds: Kinds<SupplyEntries> = {
  'supply.added': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['house', 'today'],
    schema: { supply: id(), ...always(), ...perhaps() },
    example: { supply: 'felt', name: 'felt socks', unit: 'pieces', reorderAt: 12 },
  }),
  'supply.changed': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['house', 'today'],
    schema: { supply: id(), basedOn: uuid(), fields: someOf({ ...always(), ...orNothing(perhaps()) }) },
    example: { supply: 'felt', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { reorderAt: 20 } },
  }),
  'supply.received': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['house', 'today', 'rounds'],
    schema: { item: id(), amount: finite(0.001, MOST).required(), bestBeforeMs: instant().optional() },
    example: { item: 'mysis', amount: 500, bestBeforeMs: AT + 200 * DAY_MS },
  }),
  'supply.counted': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['house', 'today', 'rounds'],
    schema: { item: id(), amount: finite(0, MOST).required(), dirty: finite(0, MOST).optional() },
    example: { item: 'felt', amount: 32, dirty: 6 },
  }),
  'supply.returned': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['house', 'today', 'rounds'],
    schema: { item: id(), amount: finite(0.001, MOST).required() },
    example: { item: 'felt', amount: 14 },
  }),
  'supply.washed': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['house', 'today', 'rounds'],
    schema: { item: id(), amount: finite(0, MOST).required(), thrown: finite(0, MOST).optional() },
    example: { item: 'felt', amount: 12, thrown: 2 },
  }),
};
