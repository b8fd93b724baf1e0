export type {
  PeopleEntries,
  PersonAdded,
  PersonChanged,
  PersonFacts,
  PersonFields,
  PersonLeft,
  PersonPinSet,
  PersonPrefers,
} from './entries.ts';
export { peopleRules } from './rules.ts';
export { PEOPLE_REFUSALS } from './refusals.ts';
export type { PeopleState } from './state.ts';
