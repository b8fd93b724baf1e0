// When a person may be added, and who says what they prefer.
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
  'person.prefers': {
    decide({ payload }, { state, actor }) {
      if (!state.findPerson(payload.person)) return refuse('unknown', 'person', { what: 'person' });
      return payload.person === actor.id ? [] : refuse('person.notYou', 'person');
    },
  },
};
