// Kinds of entries about fish that heal.
import { HEALED_HOW, HEALING_BY, type HealingEntries } from '#core/healing/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, count, finite, id, note, text } from '../basics/fields.ts';

const MOST = 500;

export const healingKinds: Kinds<HealingEntries> = {
  'healing.begun': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['rounds', 'today', 'stock'],
    inHistoryByLinks: true,
    schema: {
      healing: id(),
      lot: id(),
      what: text(60),
      by: choice(HEALING_BY),
      until: finite(0, MOST).required(),
      everyDays: count(1, 60),
      note: note(),
    },
    example: { healing: 'healing-1', lot: 'lot-3', what: 'scrape on the left flank', by: 'mm', until: 2, everyDays: 7 },
  }),
  'healing.measured': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds', 'today', 'stock'],
    schema: { healing: id(), value: finite(0, MOST).required(), note: note() },
    example: { healing: 'healing-1', value: 6.5 },
  }),
  'healing.ended': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['rounds', 'today', 'stock'],
    schema: { healing: id(), how: choice(HEALED_HOW), why: note() },
    example: { healing: 'healing-1', how: 'returned' },
  }),
};
