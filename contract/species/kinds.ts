// Kinds of entries about species.
import { boolean } from 'yup';
import {
  TOLERANCE_CLASSES,
  GUILDS,
  PREY,
  MEDICATION_FAMILIES,
  TEMPERAMENTS,
  WATER_TYPES,
  type SpeciesFields,
  type SpeciesEntries,
} from '#core/species/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, closed, count, finite, id, list, someOf, text, uuid } from '../basics/fields.ts';
import { type Shape, centimetres, range } from '../basics/shapes.ts';

/** What is known of a species, without its id. */
const speciesFields = (): Shape<SpeciesFields> => ({
  scientific: text().optional(),
  common: text(),
  alsoCalled: list(text(), { max: 30 }),
  water: list(choice(WATER_TYPES), { min: 1, max: 3 }),
  temperatureC: range(-2, 45).optional(),
  salinityPpt: range(0, 60).optional(),
  adultCm: centimetres().optional(),
  is: choice(PREY),
  eats: closed({ prey: list(choice(PREY), { max: 3 }), gape: finite(0, 1).required() }).optional(),
  jumps: boolean().optional(),
  keptAlone: boolean().optional(),
  neverWith: list(id(), { max: 100 }),
  temperament: choice(TEMPERAMENTS).optional(),
  groupOf: count(1, 100).optional(),
  guild: choice(GUILDS).optional(),
  tolerance: choice(TOLERANCE_CLASSES).optional(),
  shyOf: list(choice(MEDICATION_FAMILIES), { max: MEDICATION_FAMILIES.length }).optional(),
  sources: list(text(300), { max: 20 }),
});

export const speciesKinds: Kinds<SpeciesEntries> = {
  'species.added': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['species'],
    schema: { species: id(), ...speciesFields() },
    example: {
      species: 'firefish',
      scientific: 'Nemateleotris magnifica',
      common: 'firefish',
      alsoCalled: ['fire goby'],
      water: ['marine'],
      temperatureC: { min: 22, max: 28 },
      salinityPpt: { min: 30, max: 36 },
      adultCm: 9,
      is: 'fish',
      eats: { prey: [], gape: 0 },
      jumps: true,
      keptAlone: false,
      neverWith: [],
      temperament: 'shy',
      groupOf: 1,
      guild: 'plankton picker',
      tolerance: 'delicate',
      shyOf: [],
      sources: ['Froese R., Pauly D. (eds.), FishBase'],
    },
  }),
  'species.changed': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['species'],
    schema: { species: id(), basedOn: uuid(), fields: someOf(speciesFields()) },
    example: { species: 'firefish', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { adultCm: 8.5, shyOf: ['copper'] } },
  }),
};
