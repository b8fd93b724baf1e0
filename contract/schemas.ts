// The Yup schema of each kind's payload. The plain types live in core; `Shape` ties every field of a type to a schema.
import { array, boolean, string, type ISchema, type ObjectSchema } from 'yup';
import { RELEASE_BY, type FishReleased, type FloatStarted } from '#core/bench/index.ts';
import {
  BAG_STATES,
  CARTONS,
  CONDITIONS,
  type BagAbsent,
  type BagAssigned,
  type BagLanded,
  type CrateArrived,
  type CrateExpected,
  type ListedBag,
  type ListedLot,
  type SupplierAdded,
} from '#core/dock/index.ts';
import type { HoldOpened } from '#core/holds/index.ts';
import type { Kind, Payloads } from '#core/journal/index.ts';
import { ROLES, type PersonAdded } from '#core/people/index.ts';
import { PURPOSES, type HouseConfigured, type HouseRules, type RackAdded, type TankAdded, type WaterAdded } from '#core/room/index.ts';
import {
  CAUSES,
  RESPONSES,
  ROUNDS,
  SIGNS,
  SURENESS,
  type LossRecorded,
  type LotFed,
  type LotLook,
  type TankLooked,
} from '#core/rounds/index.ts';
import {
  GUILDS,
  PREY,
  REMEDY_FAMILIES,
  TEMPERAMENTS,
  WATER_TYPES,
  type Range,
  type SpeciesAdded,
  type SpeciesChanged,
  type SpeciesFields,
} from '#core/species/index.ts';
import { ORIGINS, type LotOpened, type LotPromised, type StockCounted, type StockMoved } from '#core/stock/index.ts';
import { METHODS, QUANTITIES, SOURCES, type Reading, type ReadingTaken } from '#core/water/index.ts';
import { choice, closed, count, finite, id, instant, list, MAX_HEADS, maybe, note, place, someOf, text, uuid } from './fields.ts';

/** Every field of `T` named, so that a field added to a type cannot be forgotten here. */
type Shape<T> = { [F in keyof Required<T>]: ISchema<unknown> };
const schemaOf = <T extends object>(shape: Shape<T>): ObjectSchema<T> => closed<T>(shape);

const degrees = () => finite(-5, 60).required();
const salinity = () => finite(0, 60).required();
const centimetres = () => finite(0.1, 300).required();
const litres = () => finite(0.05, 100_000).required();
const reading = () =>
  schemaOf<Reading>({
    value: finite(-1000, 1_000_000).required(),
    typed: string().max(40).defined(),
    method: choice(METHODS),
    source: choice(SOURCES),
  });
const range = (min: number, max: number) => schemaOf<Range>({ min: finite(min, max).required(), max: finite(min, max).required() });
const days = () => count(0, 365);

const rulesSchema = schemaOf<HouseRules>({
  floatWithinC: finite(0.1, 5).required(),
  eveningFromHour: count(1, 23),
  holdDays: closed({ fresh: days(), brackish: days(), marine: days() }),
  lateAfterH: finite(0, 240).required(),
  longClosedH: finite(0, 240).required(),
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
  shyOf: list(choice(REMEDY_FAMILIES), { max: REMEDY_FAMILIES.length }).optional(),
  sources: list(text(300), { max: 20 }),
});

export const schemas: { [K in Kind]: ObjectSchema<Payloads[K]> } = {
  'entry.reversed': schemaOf<Payloads['entry.reversed']>({ act: uuid(), why: note() }),
  'person.added': schemaOf<PersonAdded>({ person: id(), name: text(), title: text(), role: choice(ROLES) }),
  'house.configured': schemaOf<HouseConfigured>({ name: text(), zone: text(60), rules: rulesSchema }),
  'rack.added': schemaOf<RackAdded>({ rack: id(), room: text(), name: text(), walk: count(0, 10_000) }),
  'water.added': schemaOf<WaterAdded>({
    water: id(),
    name: text(),
    type: choice(WATER_TYPES),
    temperatureC: degrees(),
    salinityPpt: salinity(),
    volumeL: litres(),
  }),
  'tank.added': schemaOf<TankAdded>({
    tank: id(),
    rack: id(),
    water: id(),
    code: text(12),
    volumeL: litres(),
    purpose: choice(PURPOSES),
    lid: boolean().required(),
    row: count(0, 100),
    column: count(0, 100),
  }),
  'species.added': schemaOf<SpeciesAdded>({ species: id(), ...speciesFields() }),
  'species.changed': schemaOf<SpeciesChanged>({ species: id(), basedOn: uuid(), fields: someOf(speciesFields()) }),
  'supplier.added': schemaOf<SupplierAdded>({
    supplier: id(),
    name: text(),
    transit: choice(['overnight', 'van', 'local', 'slow courier'] as const),
    note: note(),
  }),
  'crate.expected': schemaOf<CrateExpected>({
    crate: id(),
    label: text(),
    supplier: id(),
    packedAtMs: instant(),
    promisedAtMs: instant(),
    told: closed({ temperatureC: finite(-5, 60).optional(), salinityPpt: finite(0, 60).optional() }),
    lots: list(schemaOf<ListedLot>({ lot: id(), label: text(), species: id(), origin: choice(ORIGINS), sizeCm: centimetres() }), {
      min: 1,
    }),
    bags: list(schemaOf<ListedBag>({ bag: id(), label: text(20), box: count(1, 500), lot: id(), n: count(1), waterL: litres() }), {
      min: 1,
      max: 2000,
    }),
  }),
  'crate.arrived': schemaOf<CrateArrived>({ crate: id(), carton: choice(CARTONS), note: note() }),
  'bag.landed': schemaOf<BagLanded>({
    bag: id(),
    crate: id(),
    lot: id(),
    alive: count(),
    dead: count(),
    quality: choice(['looked', 'counted'] as const),
    condition: choice(CONDITIONS),
    bagState: choice(BAG_STATES),
    newBag: maybe({ label: text(20), box: count(0, 500), waterL: litres() }),
    newLot: maybe({
      label: text(),
      species: string().max(64).optional(),
      heardAs: text(),
      sizeCm: finite(0.1, 300).optional(),
      origin: choice(ORIGINS),
      insteadOf: string().max(64).optional(),
    }),
    note: note(),
  }),
  'bag.absent': schemaOf<BagAbsent>({ bag: id(), crate: id() }),
  'bag.assigned': schemaOf<BagAssigned>({ bag: id(), lot: id(), tank: id() }),
  'float.started': schemaOf<FloatStarted>({
    run: id(),
    bag: id(),
    lot: id(),
    tank: id(),
    n: count(1),
    bagTemperature: reading(),
    tankTemperature: reading(),
    water: reading(),
    minutes: finite(0, 600).required(),
  }),
  'fish.released': schemaOf<FishReleased>({
    bag: id(),
    lot: id(),
    tank: id(),
    run: string().max(64).optional(),
    alive: count(),
    dead: count(),
    by: choice(RELEASE_BY),
    note: note(),
  }),
  'hold.opened': schemaOf<HoldOpened>({ hold: id(), lot: id(), days: days(), zero: choice(['arrival'] as const) }),
  'reading.taken': schemaOf<ReadingTaken>({
    subject: closed({ kind: choice(['bag', 'water'] as const), id: id() }),
    quantity: choice(QUANTITIES),
    reading: reading(),
  }),
  'lot.opened': schemaOf<LotOpened>({
    lot: id(),
    species: id(),
    label: text(),
    tank: id(),
    n: count(1),
    sizeCm: centimetres(),
    origin: choice(ORIGINS),
    supplier: string().max(64).optional(),
  }),
  'stock.moved': schemaOf<StockMoved>({
    moves: list(closed({ lot: id(), from: id(), to: place(['sold', 'returned', 'culled', 'put-down'] as const), n: count(1) }), { min: 1 }),
    why: note(),
  }),
  'stock.counted': schemaOf<StockCounted>({
    place: id(),
    lot: id(),
    found: count(),
    book: count(),
    against: choice(['discrepancy', 'missing'] as const),
    note: note(),
  }),
  'lot.promised': schemaOf<LotPromised>({ promise: id(), lot: id(), n: count(1), forWhom: text() }),
  'tank.looked': schemaOf<TankLooked>({
    tank: id(),
    day: count(0, MAX_HEADS),
    round: choice(ROUNDS),
    allWell: boolean().required(),
    lots: list(
      schemaOf<LotLook>({
        lot: id(),
        expected: count(),
        seen: count().nullable().defined(),
        signs: array()
          .of(closed({ sign: choice(SIGNS), n: finite(1, MAX_HEADS).integer().optional() }))
          .max(20)
          .required(),
      }),
      { max: 100 },
    ),
    note: note(),
  }),
  'lot.fed': schemaOf<LotFed>({ tank: id(), lot: id(), food: text(60), response: choice(RESPONSES) }),
  'loss.recorded': schemaOf<LossRecorded>({
    lot: id(),
    place: id(),
    n: count(1),
    cause: choice(CAUSES),
    sure: choice(SURENESS),
    note: note(),
  }),
};
