// What is written down about the people of the house. PINs are no part of the journal; that one was set by somebody else is.
import type { Change } from '../journal/index.ts';
import type { Role } from '../roles/index.ts';
import type { Preference } from '../water/index.ts';

export type PersonFields = { name: string; title: string; role: Role };
export type PersonAdded = { person: string } & PersonFields;
export type PersonChanged = { person: string } & Change<PersonFields>;
/** Works here no more: signs in no more, and all that they did keeps their name. Taken back when they return. */
export type PersonLeft = { person: string; why?: string };
/** A lead set the PIN of somebody else. */
export type PersonPinSet = { person: string };

/** In which units a person reads and types; said by nobody but themselves. */
export type PersonPrefers = { person: string } & Preference;

export interface PeopleEntries {
  'person.added': PersonAdded;
  'person.changed': PersonChanged;
  'person.left': PersonLeft;
  'person.pinSet': PersonPinSet;
  'person.prefers': PersonPrefers;
}
export type PersonFacts = { id: string } & PersonFields;
