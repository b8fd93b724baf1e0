// When a hold may be opened, and when it may end.
import { refuse } from '../journal/refusal.ts';
import type { Rules } from '../journal/rule.ts';
import { holdDay } from './day.ts';
import type { HoldEntries } from './entries.ts';

/** Other entries rest on the hold of a lot through this id, not through the hold's own. */
export const holdOf = (lot: string): string => `hold of ${lot}`;

export const holdRules: Rules<HoldEntries> = {
  'hold.opened': {
    decide({ payload }, { state }) {
      if (!state.findLot(payload.lot)) return refuse('unknown', 'lot', { what: 'lot', id: payload.lot });
      const open = state.findOpenHold(payload.lot);
      return open ? refuse('hold.alreadyOpen', 'lot', { atMs: open.openedAtMs, days: open.days }) : [];
    },
    links: ({ hold, lot }) => ({ makes: [hold, holdOf(lot)], needs: [lot] }),
  },
  'hold.signedOff': {
    decide({ payload, occurredAtMs }, { state }) {
      const open = state.findOpenHold(payload.lot);
      if (open?.id !== payload.hold) return refuse('hold.notOpen', 'hold');
      const { day, over } = holdDay(open, occurredAtMs, state.findZone()!);
      return over ? [] : refuse('hold.notOver', 'hold', { day, days: open.days }, 'lead');
    },
    links: ({ hold }) => ({ needs: [hold] }),
  },
};
