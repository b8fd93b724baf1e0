export type { PeopleEntries, PersonAdded } from './entries.ts';
export { atLeast, ROLES, type Role } from './roles.ts';
export { peopleRules } from './rules.ts';
