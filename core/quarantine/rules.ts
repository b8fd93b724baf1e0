// When a hold may be opened, and when it may end: decide asks the clock.
import { refuse, type Refusal, BEFORE_ALLOWED_MS, type Context, type Rules } from '../journal/index.ts';
import { atLeast } from '../roles/index.ts';
import type { Blocker, HoldClock } from './clock.ts';
import type { HoldEntries, HoldOpened } from './entries.ts';
import { holdOf } from './links.ts';
import { HOLD_CLASSES, isSamePolicy, type HoldClass, type HoldPolicies } from './policy.ts';
import { STARTING_QUARANTINE } from './settings.ts';
import type { QuarantineState } from './state.ts';

export const holdRules: Rules<HoldEntries, QuarantineState> = {
  'hold.opened': {
    decide({ payload, occurredAtMs }, context) {
      const { state } = context;
      if (!state.findLot(payload.lot)) return refuse('unknown', 'lot', { what: 'lot', id: payload.lot });
      const open = state.findOpenHold(payload.lot);
      if (open) return refuse('hold.alreadyOpen', 'lot', { atMs: open.openedAtMs, days: open.policy.days });
      return [...asTheHouseHolds(payload, occurredAtMs, context), ...notBeforeThey(payload.lot, occurredAtMs, context)];
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

/** How long fish are held is the house's, as its rules were when it happened; another is a lead's. */
function asTheHouseHolds({ lot, policy }: HoldOpened, atMs: number, { state, actor }: Context<QuarantineState>): Refusal[] {
  if (atLeast(actor.role, 'lead')) return [];
  const { holds } = state.rulesAt(atMs) ?? STARTING_QUARANTINE;
  const classes = classesOf(lot, holds, state);
  const right = classes.some((one) => isSamePolicy(policy, holds[one]));
  return right ? [] : refuse('hold.otherPolicy', 'policy', { days: policy.days, house: holds[classes[0]!].days });
}

/** By what they are and the water in which they live or are to live; where that is not known yet, by the longest hold of the waters that they may bear. */
function classesOf(lot: string, holds: HoldPolicies, state: QuarantineState): HoldClass[] {
  const known = state.findLot(lot)!.species;
  const species = known === undefined ? undefined : state.findSpecies(known);
  if (species && species.is !== 'fish') return ['invertebrates', ...state.waterTypesOf(lot)];
  const waters = state.waterTypesOf(lot);
  if (waters.length > 0) return waters;
  const borne: readonly HoldClass[] = species?.water ?? HOLD_CLASSES.filter((one) => one !== 'invertebrates');
  return [...borne].sort((one, other) => holds[other].days - holds[one].days).slice(0, 1);
}

/** A clock that began before the fish came would let them go too early. */
function notBeforeThey(lot: string, atMs: number, { state, actor }: Context<QuarantineState>): Refusal[] {
  const first = state.firstSeenOf(lot);
  return first === undefined || atMs + BEFORE_ALLOWED_MS >= first || atLeast(actor.role, 'lead')
    ? []
    : refuse('time.before', 'occurredAtMs', { atMs, afterMs: first });
}

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
