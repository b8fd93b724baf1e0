// When a person may be added.
import { refuse } from '../journal/refusal.ts';
import type { Rules } from '../journal/rule.ts';
import type { PeopleEntries } from './entries.ts';

export const peopleRules: Rules<PeopleEntries> = {
  'person.added': {
    decide({ payload }, { state }) {
      const known = state.findPerson(payload.person);
      return known ? refuse('exists', 'person', { what: 'person', name: known.name }) : [];
    },
    links: ({ person }) => ({ makes: [person] }),
  },
};
