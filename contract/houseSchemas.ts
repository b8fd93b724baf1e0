// Schemas of what a house is set up with: its people, rooms, waters, tanks and its shelf.
import { boolean, type ObjectSchema } from 'yup';
import { SCHOOLS, type Around, type School, type SchoolClass, type Schools } from '#core/bench/index.ts';
import type { Payloads } from '#core/catalogue/index.ts';
import type { HungryAfterDays } from '#core/feeding/index.ts';
import {
  type PeopleEntries,
  type PersonAdded,
  type PersonChanged,
  type PersonFields,
  type PersonLeft,
  type PersonPinSet,
  type PersonPrefers,
} from '#core/people/index.ts';
import { COST_CODES, type PlaceRules } from '#core/placement/index.ts';
import type { HoldPolicies } from '#core/quarantine/index.ts';
import { ROLES } from '#core/roles/index.ts';
import {
  FLOWS,
  PURPOSES,
  THINGS,
  VESSELS,
  type RackAdded,
  type RackChanged,
  type RackFields,
  type RoomEntries,
  type TankAdded,
  type TankChanged,
  type TankFields,
  type ThingRetired,
  type WaterAdded,
  type WaterChanged,
  type WaterFields,
  type WatersJoined,
} from '#core/room/index.ts';
import type { RunPolicy } from '#core/runs/index.ts';
import type { HouseConfigured, HouseRules, SettingsEntries } from '#core/settings/index.ts';
import {
  BEARS,
  GUILDS,
  PREY,
  REMEDY_FAMILIES,
  TEMPERAMENTS,
  WATER_TYPES,
  type SpeciesAdded,
  type SpeciesChanged,
  type SpeciesEntries,
  type SpeciesFields,
} from '#core/species/index.ts';
import { TEMPERATURE_UNITS, VOLUME_UNITS } from '#core/water/index.ts';
import { choice, closed, count, finite, id, list, note, someOf, text, uuid } from './fields.ts';
import { around, centimetres, days, degrees, holdPolicy, litres, range, salinity, schemaOf, type Shape } from './shapes.ts';

const schoolsByClass = () =>
  schemaOf<Record<SchoolClass, School>>({
    fresh: choice(SCHOOLS),
    brackish: choice(SCHOOLS),
    marine: choice(SCHOOLS),
    invertebrates: choice(SCHOOLS),
  });

const rulesSchema = schemaOf<HouseRules>({
  floatWithinC: finite(0.1, 5).required(),
  eveningFromHour: count(1, 23),
  holds: schemaOf<HoldPolicies>({ fresh: holdPolicy(), brackish: holdPolicy(), marine: holdPolicy(), invertebrates: holdPolicy() }),
  lateAfterH: finite(0, 240).required(),
  longClosedH: finite(0, 240).required(),
  hungryAfterDays: schemaOf<HungryAfterDays>({ fry: days(), small: days(), other: days(), largePredator: days(), firstMarine: days() }),
  schools: schemaOf<Schools>({ shortUnderH: finite(0, 72).required(), short: schoolsByClass(), long: schoolsByClass() }),
  triesBeforeRest: count(1, 20),
  temporaryH: finite(0.25, 240).required(),
  toolDriesH: finite(0, 240).required(),
  runs: schemaOf<RunPolicy>({
    equalPpt: finite(0.1, 5).required(),
    equalC: finite(0.1, 5).required(),
    longH: finite(0.25, 48).required(),
    lookEveryMin: count(5, 720),
    callAfterMin: count(1, 120),
    callLeadAfterMin: count(1, 240),
    ammoniaLine: finite(0.01, 5).required(),
    oxygenLine: finite(0.5, 10).required(),
    chilledByC: finite(0.5, 15).required(),
    settlingH: finite(0, 240).required(),
    sittingH: finite(0, 240).required(),
  }),
  around: schemaOf<Around>(around()),
  places: schemaOf<PlaceRules>({
    cmPerL: closed({ fresh: finite(0.1, 20).required(), brackish: finite(0.1, 20).required(), marine: finite(0.1, 20).required() }),
    heldDays: count(0, 365),
    leadOnly: list(choice(COST_CODES), { max: COST_CODES.length }).optional(),
  }),
});

/** What is known of a species, without its id. */
const speciesFields = (): Shape<SpeciesFields> => ({
  scientific: text(),
  common: text(),
  alsoCalled: list(text(), { max: 30 }),
  water: list(choice(WATER_TYPES), { min: 1, max: 3 }),
  temperatureC: range(-2, 45),
  salinityPpt: range(0, 60),
  adultCm: centimetres(),
  is: choice(PREY),
  eats: closed({ prey: list(choice(PREY), { max: 3 }), gape: finite(0, 1).required() }),
  jumps: boolean().required(),
  keptAlone: boolean().required(),
  neverWith: list(id(), { max: 100 }),
  temperament: choice(TEMPERAMENTS).optional(),
  groupOf: count(1, 100).optional(),
  guild: choice(GUILDS).optional(),
  bears: choice(BEARS).optional(),
  shyOf: list(choice(REMEDY_FAMILIES), { max: REMEDY_FAMILIES.length }).optional(),
  sources: list(text(300), { max: 20 }),
});

const rackFields = (): Shape<RackFields> => ({ room: text(), name: text(), walk: count(0, 10_000) });
const waterFields = (): Shape<WaterFields> => ({
  name: text(),
  type: choice(WATER_TYPES),
  temperatureC: degrees(),
  salinityPpt: salinity(),
  volumeL: litres(),
});
const tankFields = (): Shape<TankFields> => ({
  rack: id(),
  water: id(),
  code: text(12),
  volumeL: litres(),
  purpose: choice(PURPOSES),
  lid: boolean().required(),
  row: count(0, 100),
  column: count(0, 100),
  flow: choice(FLOWS).optional(),
  vessel: choice(VESSELS).optional(),
  hangsIn: id().optional(),
});

const personFields = (): Shape<PersonFields> => ({ name: text(), title: text(), role: choice(ROLES) });

export const houseSchemas: { [K in keyof (PeopleEntries & RoomEntries & SettingsEntries & SpeciesEntries)]: ObjectSchema<Payloads[K]> } = {
  'person.added': schemaOf<PersonAdded>({ person: id(), ...personFields() }),
  'person.changed': schemaOf<PersonChanged>({ person: id(), basedOn: uuid(), fields: someOf(personFields()) }),
  'person.left': schemaOf<PersonLeft>({ person: id(), why: note() }),
  'person.pinSet': schemaOf<PersonPinSet>({ person: id() }),
  'person.prefers': schemaOf<PersonPrefers>({
    person: id(),
    temperature: choice(TEMPERATURE_UNITS),
    volume: choice(VOLUME_UNITS),
  }),
  'house.configured': schemaOf<HouseConfigured>({ name: text(), zone: text(60), rules: rulesSchema }),
  'rack.added': schemaOf<RackAdded>({ rack: id(), ...rackFields() }),
  'rack.changed': schemaOf<RackChanged>({ rack: id(), basedOn: uuid(), fields: someOf(rackFields()) }),
  'water.added': schemaOf<WaterAdded>({ water: id(), ...waterFields() }),
  'water.changed': schemaOf<WaterChanged>({ water: id(), basedOn: uuid(), fields: someOf(waterFields()) }),
  'waters.joined': schemaOf<WatersJoined>({ from: id(), into: id(), tanks: list(id(), { max: 500 }), volumeL: litres() }),
  'tank.added': schemaOf<TankAdded>({ tank: id(), ...tankFields() }),
  'tank.changed': schemaOf<TankChanged>({ tank: id(), basedOn: uuid(), fields: someOf(tankFields()) }),
  'thing.retired': schemaOf<ThingRetired>({ what: choice(THINGS), id: id(), why: note() }),
  'species.added': schemaOf<SpeciesAdded>({ species: id(), ...speciesFields() }),
  'species.changed': schemaOf<SpeciesChanged>({ species: id(), basedOn: uuid(), fields: someOf(speciesFields()) }),
};
