// When a quarantine may be opened, and when it may end: decide asks the clock.
import { refuse, type Refusal, BEFORE_ALLOWED_MS, type Context, type Rules } from '../journal/index.ts';
import { atLeast } from '../roles/index.ts';
import type { Blocker, QuarantineClock } from './clock.ts';
import type { QuarantineEntries, QuarantineOpened } from './entries.ts';
import { quarantineOf } from './links.ts';
import { QUARANTINE_CLASSES, isSamePolicy, type QuarantineClass, type QuarantinePolicies } from './policy.ts';
import { STARTING_QUARANTINE } from './settings.ts';
import type { QuarantineState } from './state.ts';

export const quarantineRules: Rules<QuarantineEntries, QuarantineState> = {
  'quarantine.opened': {
    decide({ payload, occurredAtMs }, context) {
      const { state } = context;
      if (!state.findLot(payload.lot)) return refuse('unknown', 'lot', { what: 'lot', id: payload.lot });
      const open = state.findOpenQuarantine(payload.lot);
      if (open) return refuse('quarantine.alreadyOpen', 'lot', { atMs: open.openedAtMs, days: open.policy.days });
      return [...asTheHouseHolds(payload, occurredAtMs, context), ...notBeforeThey(payload.lot, occurredAtMs, context)];
    },
    links: ({ quarantine, lot }) => ({ makes: [quarantine, quarantineOf(lot)], needs: [lot] }),
  },
  'quarantine.signedOff': {
    decide({ payload, occurredAtMs }, { state }) {
      const open = state.findOpenQuarantine(payload.lot);
      if (open?.id !== payload.quarantine) return refuse('quarantine.notOpen', 'quarantine');
      return againstSignOff(state.clockOf(payload.lot, occurredAtMs));
    },
    links: ({ quarantine }) => ({ needs: [quarantine] }),
  },
};

/** How long fish are held is the house's, as its rules were when it happened; another is a lead's. */
function asTheHouseHolds({ lot, policy }: QuarantineOpened, atMs: number, { state, actor }: Context<QuarantineState>): Refusal[] {
  if (atLeast(actor.role, 'lead')) return [];
  const { quarantine } = state.rulesAt(atMs) ?? STARTING_QUARANTINE;
  const classes = classesOf(lot, quarantine, state);
  const right = classes.some((fishClass) => isSamePolicy(policy, quarantine[fishClass]));
  return right ? [] : refuse('quarantine.otherPolicy', 'policy', { days: policy.days, house: quarantine[classes[0]!].days });
}

/** By what they are and the water in which they live or are to live; where that is not known yet, by the longest hold of the systems that they may bear. */
function classesOf(lot: string, quarantine: QuarantinePolicies, state: QuarantineState): QuarantineClass[] {
  const known = state.findLot(lot)!.species;
  const species = known === undefined ? undefined : state.findSpecies(known);
  if (species && species.is !== 'fish') return ['invertebrates', ...state.waterTypesOf(lot)];
  const waters = state.waterTypesOf(lot);
  if (waters.length > 0) return waters;
  const borne: readonly QuarantineClass[] = species?.water ?? QUARANTINE_CLASSES.filter((fishClass) => fishClass !== 'invertebrates');
  return [...borne].sort((a, b) => quarantine[b].days - quarantine[a].days).slice(0, 1);
}

/** A clock that began before the fish came would let them go too early. */
function notBeforeThey(lot: string, atMs: number, { state, actor }: Context<QuarantineState>): Refusal[] {
  const first = state.firstSeenOf(lot);
  return first === undefined || atMs + BEFORE_ALLOWED_MS >= first || atLeast(actor.role, 'lead')
    ? []
    : refuse('time.before', 'occurredAtMs', { atMs, afterMs: first });
}

/** What the clock says against release, as refusals that a lead may pass over with a reason. */
export function againstSignOff(clock: Pick<QuarantineClock, 'blockers' | 'clear' | 'required'>): Refusal[] {
  return clock.blockers.flatMap((blocker) => refuse(CODES[blocker.why], 'quarantine', factsOf(blocker, clock), 'lead'));
}

const CODES = {
  days: 'quarantine.notOver',
  'not eating': 'quarantine.notEating',
  'never ate': 'quarantine.neverAte',
  unseen: 'quarantine.unseen',
  treatment: 'quarantine.underTreatment',
} as const satisfies Record<Blocker['why'], string>;

function factsOf(blocker: Blocker, { clear, required }: Pick<QuarantineClock, 'clear' | 'required'>) {
  const { why, ...facts } = blocker;
  return why === 'days' ? { ...facts, day: clear, days: required } : facts;
}
