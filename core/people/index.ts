export type { PeopleEntries, PersonAdded, PersonPrefers } from './entries.ts';
export { atLeast, ROLES, type Role } from './roles.ts';
export { peopleRules } from './rules.ts';
