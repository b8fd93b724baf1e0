// When a hold may be opened, and when it may end: decide asks the clock.
import { refuse, type Refusal } from '../journal/refusal.ts';
import type { Rules } from '../journal/rule.ts';
import type { Blocker, HoldClock } from './clock.ts';
import type { HoldEntries } from './entries.ts';

/** Other entries rest on the hold of a lot through this id, not through the hold's own. */
export const holdOf = (lot: string): string => `hold of ${lot}`;

export const holdRules: Rules<HoldEntries> = {
  'hold.opened': {
    decide({ payload }, { state }) {
      if (!state.findLot(payload.lot)) return refuse('unknown', 'lot', { what: 'lot', id: payload.lot });
      if (state.isTaken('hold', payload.hold)) return refuse('exists', 'hold', { what: 'hold', name: payload.lot });
      const open = state.findOpenHold(payload.lot);
      return open ? refuse('hold.alreadyOpen', 'lot', { atMs: open.openedAtMs, days: open.policy.days }) : [];
    },
    links: ({ hold, lot }) => ({ makes: [hold, holdOf(lot)], needs: [lot] }),
  },
  'hold.signedOff': {
    decide({ payload, occurredAtMs }, { state }) {
      const open = state.findOpenHold(payload.lot);
      if (open?.id !== payload.hold) return refuse('hold.notOpen', 'hold');
      return againstSignOff(state.clockOf(payload.lot, occurredAtMs));
    },
    links: ({ hold }) => ({ needs: [hold] }),
  },
};

/** What the clock says against release, as refusals that a lead may pass over with a reason. */
export function againstSignOff(clock: Pick<HoldClock, 'blockers' | 'clean' | 'required'>): Refusal[] {
  return clock.blockers.flatMap((blocker) => refuse(CODES[blocker.why], 'hold', factsOf(blocker, clock), 'lead'));
}

const CODES = {
  days: 'hold.notOver',
  'not eating': 'hold.notEating',
  'never ate': 'hold.neverAte',
  unseen: 'hold.unseen',
  remedy: 'hold.underRemedy',
} as const satisfies Record<Blocker['why'], string>;

function factsOf(blocker: Blocker, { clean, required }: Pick<HoldClock, 'clean' | 'required'>) {
  const { why, ...facts } = blocker;
  return why === 'days' ? { ...facts, day: clean, days: required } : facts;
}
