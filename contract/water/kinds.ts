// Kinds of entries about readings.
import { boolean, string } from 'yup';
import { KIT_FORMS, QUANTITIES, type KitFields, type WaterEntries } from '#core/water/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT, folded } from '../basics/example.ts';
import { choice, closed, finite, id, instant, orNothing, someOf, text, uuid } from '../basics/fields.ts';
import { reading, type Shape } from '../basics/shapes.ts';

const always = (): Shape<Pick<KitFields, 'name' | 'quantity'>> => ({ name: text(60), quantity: choice(QUANTITIES) });
const perhaps = (): Shape<Omit<KitFields, 'name' | 'quantity'>> => ({
  form: choice(KIT_FORMS).optional(),
  most: finite(0.001, 100_000).optional(),
  goodUntilMs: instant().optional(),
  gone: boolean().optional(),
});

export const waterKinds: Kinds<WaterEntries> = {
  'reading.taken': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['water', 'dock', 'bench'],
    schema: {
      subject: closed({ kind: choice(['bag', 'system', 'run'] as const), id: id() }),
      quantity: choice(QUANTITIES),
      reading: reading(),
      instrument: string().max(60).optional(),
      kit: id().optional(),
    },
    example: { subject: { kind: 'bag', id: 'bag-1' }, quantity: 'temperature', reading: folded },
  }),
  'kit.added': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['water', 'house'],
    schema: { kit: id(), ...always(), ...perhaps() },
    example: { kit: 'drops-1', name: 'drop test A', quantity: 'ammonia', form: 'total NH4', most: 8, goodUntilMs: AT + 300 * DAY_MS },
  }),
  'kit.changed': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['water', 'house'],
    schema: { kit: id(), basedOn: uuid(), fields: someOf({ ...always(), ...orNothing(perhaps()) }) },
    example: { kit: 'drops-1', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { goodUntilMs: null, gone: true } },
  }),
};
