// When a system may be said to be under a treatment. What harms a fish that lives there is asked about.
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import { shyOf, livingOn, type Living } from '../placement/index.ts';
import type { MedicationFamily } from '../species/index.ts';
import { DAY_MS } from '../time/index.ts';
import type { TreatmentEntries } from './entries.ts';
import type { TreatmentState } from './state.ts';

export const treatmentRules: Rules<TreatmentEntries, TreatmentState> = {
  'treatment.begun': {
    decide({ payload: { system, family }, occurredAtMs }, { state }) {
      if (!state.findSystem(system)) return refuse('unknown', 'system', { what: 'system', id: system });
      const open = state.openTreatments(system);
      const same = open.find((treatment) => treatment.family === family);
      if (same) return refuse('treatment.running', 'family', { family, atMs: same.begunAtMs });
      return [...harmed(livingOn(system, state), family), ...hardened({ system, family, atMs: occurredAtMs }, state)];
    },
    links: ({ treatment, system }) => ({ makes: [treatment], needs: [system] }),
  },
  'treatment.ended': {
    decide({ payload }, { state }) {
      return state.openTreatments(payload.system).some(({ id }) => id === payload.treatment)
        ? []
        : refuse('treatment.notRunning', 'course');
    },
    links: ({ treatment }) => ({ needs: [treatment] }),
  },
};

/** Who does not bear it, by the table that judges fish that are moved into a treated system. What is in already is true: the lead is called. */
function harmed(living: readonly Living[], family: MedicationFamily): Refusal[] {
  const names = (which: (resident: Living) => boolean) =>
    [
      ...new Set(
        living.filter((resident) => shyOf(resident, family) && which(resident)).map(({ species, label }) => species?.common ?? label),
      ),
    ].join(', ');
  const against = (code: 'treatment.invertebrates' | 'treatment.harms' | 'treatment.notKnown', species: string): Refusal[] =>
    species === '' ? [] : refuse(code, 'family', { family, species }, 'lead').map((refusal) => ({ ...refusal, emergency: true }));
  return [
    ...against(
      'treatment.invertebrates',
      names(({ species }) => species !== undefined && species.is !== 'fish'),
    ),
    ...against(
      'treatment.harms',
      names((resident) => resident.species?.is === 'fish' && shyOf(resident, family) === 'shy'),
    ),
    ...against(
      'treatment.notKnown',
      names((resident) => shyOf(resident, family) === 'not known'),
    ),
  ];
}

const SECOND_WITHIN_MS = DAY_MS;

/** What makes it harder to bear: another treatment at the same time or a day before, fish that are weak or have not eaten. Asked, not forbidden. */
function hardened({ system, family, atMs }: { system: string; family: MedicationFamily; atMs: number }, state: TreatmentState): Refusal[] {
  const { treatments, held } = state.systemStateOf(system);
  const others = [
    ...treatments.filter((treatment) => treatment !== family),
    ...held.filter(({ endedAtMs }) => atMs - endedAtMs < SECOND_WITHIN_MS).map((treatment) => treatment.family),
    ...state.fedMixesOn(system, atMs),
  ];
  const frail = state.frailOn(system, atMs);
  return [
    ...(others.length > 0 ? refuse('treatment.second', 'family', { family, other: [...new Set(others)].join(', ') }, 'keeper') : []),
    ...(frail.length > 0 ? refuse('treatment.frail', 'family', { family, who: [...new Set(frail)].join(', ') }, 'keeper') : []),
  ];
}
