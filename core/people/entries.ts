// What is written down about the people of the house. PINs are no part of the journal.
import type { Role } from './roles.ts';

export type PersonAdded = { person: string; name: string; title: string; role: Role };

export interface PeopleEntries {
  'person.added': PersonAdded;
}
