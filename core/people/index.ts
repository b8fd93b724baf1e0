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
export { atLeast, ROLES, type Role } from './roles.ts';
export { peopleRules } from './rules.ts';
