// What is written down about the people of the house. PINs are no part of the journal.
import type { Preference } from '../water/units.ts';
import type { Role } from './roles.ts';

export type PersonAdded = { person: string; name: string; title: string; role: Role };

/** In which units a person reads and types; said by nobody but themselves. */
export type PersonPrefers = { person: string } & Preference;

export interface PeopleEntries {
  'person.added': PersonAdded;
  'person.prefers': PersonPrefers;
}
