// Kinds of entries about quarantine.
import { plainPolicy, type HoldEntries } from '#core/quarantine/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, id, note } from '../basics/fields.ts';
import { holdPolicy } from '../basics/shapes.ts';

const ZEROS = ['arrival', 'contact', 'taken over'] as const;

export const quarantineKinds: Kinds<HoldEntries> = {
  'hold.opened': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock'],
    upcasters: [
      (payload) => {
        const { days, ...rest } = payload as { days: number };
        return { ...rest, policy: plainPolicy(Math.max(1, days)) };
      },
    ],
    schema: { hold: id(), lot: id(), policy: holdPolicy(), zero: choice(ZEROS) },
    example: { hold: 'hold-1', lot: 'lot-1', policy: plainPolicy(28), zero: 'arrival' },
  }),
  'hold.signedOff': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock'],
    schema: { hold: id(), lot: id(), note: note() },
    example: { hold: 'hold-1', lot: 'lot-1', note: 'eating since the first day' },
  }),
};
