// Kinds of entries about quarantine.
import { plainPolicy, type QuarantineEntries } from '#core/quarantine/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, id, note } from '../basics/fields.ts';
import { quarantinePolicy } from '../basics/shapes.ts';

const ZEROS = ['arrival', 'contact', 'taken over'] as const;

export const quarantineKinds: Kinds<QuarantineEntries> = {
  'quarantine.opened': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock'],
    upcasters: [
      (payload) => {
        const { days, ...rest } = payload as { days: number };
        return { ...rest, policy: plainPolicy(Math.max(1, days)) };
      },
    ],
    schema: { quarantine: id(), lot: id(), policy: quarantinePolicy(), zero: choice(ZEROS) },
    example: { quarantine: 'hold-1', lot: 'lot-1', policy: plainPolicy(28), zero: 'arrival' },
  }),
  'quarantine.signedOff': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['stock'],
    schema: { quarantine: id(), lot: id(), note: note() },
    example: { quarantine: 'hold-1', lot: 'lot-1', note: 'eating since the first day' },
  }),
};
