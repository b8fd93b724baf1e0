// When a species may be put on the species list, and when what the house knows of it may change.
import { againstChange, refuse, type Refusal, type Rules } from '../journal/index.ts';
import type { Range, SpeciesEntries, SpeciesFields } from './entries.ts';
import type { SpeciesState } from './state.ts';

export const speciesRules: Rules<SpeciesEntries, SpeciesState> = {
  'species.added': {
    decide({ payload }, { state }) {
      if (state.findSpecies(payload.species)) return refuse('exists', 'species', { what: 'species', name: payload.common });
      return rangesStand(payload);
    },
    links: ({ species }) => ({ makes: [species] }),
  },
  'species.changed': {
    decide({ payload }, { state }) {
      const known = state.findSpecies(payload.species);
      if (!known) return refuse('unknown', 'species', { what: 'species', id: payload.species });
      const against = againstChange<SpeciesFields>({ ...payload, of: `species:${payload.species}` }, known, state);
      return against.length > 0 ? against : rangesStand({ ...known, ...payload.fields });
    },
    links: ({ species }) => ({ needs: [species] }),
  },
};

function rangesStand({ temperatureC, salinityPpt }: Pick<SpeciesFields, 'temperatureC' | 'salinityPpt'>): Refusal[] {
  const isUpsideDown = (range: Range | undefined) => range !== undefined && range.min > range.max;
  const field = isUpsideDown(temperatureC) ? 'temperatureC' : isUpsideDown(salinityPpt) ? 'salinityPpt' : undefined;
  return field ? refuse('range.upsideDown', field, { field }) : [];
}
