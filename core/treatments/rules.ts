// When a water may be said to be under a remedy. What harms a fish that lives there is asked about.
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import { shyOf, livingOn, type Living } from '../placement/index.ts';
import type { RemedyFamily } from '../species/index.ts';
import { DAY_MS } from '../time/index.ts';
import type { RemedyEntries } from './entries.ts';
import type { TreatmentState } from './state.ts';

export const remedyRules: Rules<RemedyEntries, TreatmentState> = {
  'remedy.begun': {
    decide({ payload: { system, family }, occurredAtMs }, { state }) {
      if (!state.findSystem(system)) return refuse('unknown', 'system', { what: 'system', id: system });
      const open = state.openCourses(system);
      const same = open.find((one) => one.family === family);
      if (same) return refuse('remedy.running', 'family', { family, atMs: same.begunAtMs });
      return [...harmed(livingOn(system, state), family), ...hardened({ system, family, atMs: occurredAtMs }, state)];
    },
    links: ({ course, system }) => ({ makes: [course], needs: [system] }),
  },
  'remedy.ended': {
    decide({ payload }, { state }) {
      return state.openCourses(payload.system).some(({ id }) => id === payload.course) ? [] : refuse('remedy.notRunning', 'course');
    },
    links: ({ course }) => ({ needs: [course] }),
  },
};

/** Who does not bear it, by the table that judges fish that are moved into a treated system. What is in already is true: the lead is called. */
function harmed(living: readonly Living[], family: RemedyFamily): Refusal[] {
  const names = (which: (one: Living) => boolean) =>
    [...new Set(living.filter((one) => shyOf(one, family) && which(one)).map(({ species, label }) => species?.common ?? label))].join(', ');
  const against = (code: 'remedy.invertebrates' | 'remedy.harms' | 'remedy.notKnown', species: string): Refusal[] =>
    species === '' ? [] : refuse(code, 'family', { family, species }, 'lead').map((one) => ({ ...one, emergency: true }));
  return [
    ...against(
      'remedy.invertebrates',
      names(({ species }) => species !== undefined && species.is !== 'fish'),
    ),
    ...against(
      'remedy.harms',
      names(({ species }) => species?.is === 'fish'),
    ),
    ...against(
      'remedy.notKnown',
      names(({ species }) => species === undefined),
    ),
  ];
}

const SECOND_WITHIN_MS = DAY_MS;

/** What makes it harder to bear: another remedy at the same time or a day before, fish that are weak or have not eaten. Asked, not forbidden. */
function hardened({ system, family, atMs }: { system: string; family: RemedyFamily; atMs: number }, state: TreatmentState): Refusal[] {
  const { courses, held } = state.systemStateOf(system);
  const others = [
    ...courses.filter((one) => one !== family),
    ...held.filter(({ endedAtMs }) => atMs - endedAtMs < SECOND_WITHIN_MS).map((one) => one.family),
  ];
  const frail = state.frailOn(system, atMs);
  return [
    ...(others.length > 0 ? refuse('remedy.second', 'family', { family, other: [...new Set(others)].join(', ') }, 'keeper') : []),
    ...(frail.length > 0 ? refuse('remedy.frail', 'family', { family, who: [...new Set(frail)].join(', ') }, 'keeper') : []),
  ];
}
