// Kinds of entries about who works here.
import type { PersonFields, PeopleEntries } from '#core/people/index.ts';
import { ROLES } from '#core/roles/index.ts';
import { TEMPERATURE_UNITS, VOLUME_UNITS } from '#core/water/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, id, note, someOf, text, uuid } from '../basics/fields.ts';
import { type Shape } from '../basics/shapes.ts';

const personFields = (): Shape<PersonFields> => ({ name: text(), title: text(), role: choice(ROLES) });

export const peopleKinds: Kinds<PeopleEntries> = {
  'person.added': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['people'],
    schema: { person: id(), ...personFields() },
    example: { person: 'bram', name: 'Bram Tell', title: 'receiver', role: 'keeper' },
  }),
  'person.changed': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['people'],
    schema: { person: id(), basedOn: uuid(), fields: someOf(personFields()) },
    example: { person: 'bram', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { role: 'lead' } },
  }),
  'person.left': defineKind({
    minRole: 'lead',
    undo: 'lead',
    topics: ['people'],
    schema: { person: id(), why: note() },
    example: { person: 'bram', why: 'moved away' },
  }),
  'person.pinSet': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['people'],
    schema: { person: id() },
    example: { person: 'bram' },
  }),
  'person.prefers': defineKind({
    minRole: 'trainee',
    undo: 'never',
    topics: ['people'],
    schema: {
      person: id(),
      temperature: choice(TEMPERATURE_UNITS),
      volume: choice(VOLUME_UNITS),
    },
    example: { person: 'bram', temperature: '°F', volume: 'US gal' },
  }),
};
