// When a species may be put on the shelf.
import { refuse } from '../journal/refusal.ts';
import type { Rules } from '../journal/rule.ts';
import type { SpeciesEntries } from './entries.ts';

export const speciesRules: Rules<SpeciesEntries> = {
  'species.added': {
    decide({ payload }, { state }) {
      return state.findSpecies(payload.species) ? refuse('exists', 'species', { what: 'species', name: payload.common }) : [];
    },
    links: ({ species }) => ({ makes: [species] }),
  },
};
