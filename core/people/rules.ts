// When a person may be added, changed or leave, and who says what they prefer. A house always has a lead.
import { againstChange, refuse, type Refusal, type Rules } from '../journal/index.ts';
import type { PeopleEntries, PersonFacts, PersonFields } from './entries.ts';
import type { PeopleState } from './state.ts';

export const peopleRules: Rules<PeopleEntries, PeopleState> = {
  'person.added': {
    decide({ payload }, { state }) {
      const known = state.findPerson(payload.person);
      return known ? refuse('exists', 'person', { what: 'person', name: known.name }) : [];
    },
    links: ({ person }) => ({ makes: [person] }),
  },
  'person.changed': {
    decide: ({ payload }, { state }) =>
      ofHouse(payload.person, state, (known) => [
        ...againstChange<PersonFields>({ ...payload, of: `person:${payload.person}` }, known, state),
        ...(payload.fields.role === undefined || payload.fields.role === 'lead' ? [] : leadStays(known, state)),
      ]),
    links: ({ person }) => ({ needs: [person] }),
  },
  'person.left': {
    decide: ({ payload }, { state }) => ofHouse(payload.person, state, (known) => leadStays(known, state)),
    links: ({ person }) => ({ needs: [person] }),
  },
  'person.pinSet': {
    decide: ({ payload }, { state }) => ofHouse(payload.person, state, () => []),
    links: ({ person }) => ({ needs: [person] }),
  },
  'person.prefers': {
    decide({ payload }, { state, actor }) {
      if (!state.findPerson(payload.person)) return refuse('unknown', 'person', { what: 'person' });
      return payload.person === actor.id ? [] : refuse('person.notYou', 'person');
    },
  },
};

function ofHouse(person: string, state: PeopleState, then: (known: PersonFacts) => Refusal[]): Refusal[] {
  const known = state.findPerson(person);
  if (!known) return refuse('unknown', 'person', { what: 'person', id: person });
  return state.worksHere(person) ? then(known) : refuse('person.gone', 'person', { name: known.name });
}

function leadStays({ id, name, role }: PersonFacts, state: PeopleState): Refusal[] {
  const others = state.leads().filter((lead) => lead !== id);
  return role === 'lead' && others.length === 0 ? refuse('person.lastLead', 'person', { name }) : [];
}
