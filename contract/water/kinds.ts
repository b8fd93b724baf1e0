// Kinds of entries about readings.
import { string } from 'yup';
import { QUANTITIES, type WaterEntries } from '#core/water/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { folded } from '../basics/example.ts';
import { choice, closed, id } from '../basics/fields.ts';
import { reading } from '../basics/shapes.ts';

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
    },
    example: { subject: { kind: 'bag', id: 'bag-1' }, quantity: 'temperature', reading: folded },
  }),
};
