// The Yup schema of each kind's payload. The plain types live in core; `Shape` ties every field of a type to a schema.
import { array, boolean, string, type ObjectSchema } from 'yup';
import { METHODS, RELEASE_BY, type FishReleased, type FloatStarted, type MethodChosen } from '#core/bench/index.ts';
import type { Kind, Payloads } from '#core/catalogue/index.ts';
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
  type SupplierTaught,
} from '#core/dock/index.ts';
import { LIST_FIELDS } from '#core/intake/index.ts';
import { ORIGINS } from '#core/lots/index.ts';
import {
  CAUSES,
  RESPONSES,
  ROUNDS,
  SIGNS,
  SURENESS,
  LEFTOVERS,
  MISHAPS,
  type LossClassed,
  type LossRecorded,
  type MishapRecorded,
  type LotFed,
  type LotLook,
  type TankLooked,
} from '#core/rounds/index.ts';
import type { DueDone, DueSkipped, DueSnoozed } from '#core/today/index.ts';
import { QUANTITIES, type ReadingTaken } from '#core/water/index.ts';
import { choice, closed, count, finite, id, instant, list, MAX_HEADS, maybe, note, text, uuid } from './fields.ts';
import { houseSchemas } from './houseSchemas.ts';
import { compared, runSchemas } from './runSchemas.ts';
import { centimetres, litres, reading, schemaOf } from './shapes.ts';
import { stockSchemas } from './stockSchemas.ts';

/** Entry, rule, step. */
const dueId = () =>
  string()
    .matches(/^[A-Za-z0-9-]{1,64}:[a-z-]{1,30}:[a-z0-9-]{1,30}$/, 'must be the id of a due thing')
    .required();

export const schemas: { [K in Kind]: ObjectSchema<Payloads[K]> } = {
  ...houseSchemas,
  ...stockSchemas,
  ...runSchemas,
  'entry.reversed': schemaOf<Payloads['entry.reversed']>({ act: uuid(), why: note() }),
  'supplier.added': schemaOf<SupplierAdded>({
    supplier: id(),
    name: text(),
    transit: choice(['overnight', 'van', 'local', 'slow courier'] as const),
    note: note(),
  }),
  'supplier.taught': schemaOf<SupplierTaught>({
    supplier: id(),
    columns: list(closed({ heading: text(), field: choice([...LIST_FIELDS, 'nothing'] as const) }), { max: 60 }),
    names: list(closed({ heard: text(), species: id() }), { max: 1000 }),
  }),
  'crate.expected': schemaOf<CrateExpected>({
    crate: id(),
    label: text(),
    supplier: id(),
    packedAtMs: instant(),
    promisedAtMs: instant(),
    told: closed({ temperatureC: finite(0, 50).optional(), salinityPpt: finite(0, 50).optional() }),
    lots: list(
      schemaOf<ListedLot>({
        lot: id(),
        label: text(),
        species: id().optional(),
        heardAs: text().optional(),
        origin: choice(ORIGINS),
        sizeCm: centimetres().optional(),
      }),
      { max: 1000 },
    ),
    bags: list(
      schemaOf<ListedBag>({
        bag: id(),
        label: text(20),
        box: count(1, 500),
        lot: id(),
        n: count(1),
        free: count().optional(),
        waterL: litres().optional(),
      }),
      // None in a box that stands on nobody's list.
      { max: 2000 },
    ),
  }),
  'crate.arrived': schemaOf<CrateArrived>({ crate: id(), carton: choice(CARTONS), note: note() }),
  'bag.landed': schemaOf<BagLanded>({
    bag: id(),
    crate: id(),
    lot: id(),
    alive: count(),
    dead: count(),
    quality: choice(['looked', 'counted', 'listed'] as const),
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
  'method.chosen': schemaOf<MethodChosen>({
    bag: id(),
    lot: id(),
    method: choice(METHODS),
    advised: choice(METHODS).optional(),
    house: choice(METHODS).optional(),
    why: note(),
    compared: compared(),
  }),
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
  'reading.taken': schemaOf<ReadingTaken>({
    subject: closed({ kind: choice(['bag', 'water', 'run'] as const), id: id() }),
    quantity: choice(QUANTITIES),
    reading: reading(),
    instrument: string().max(60).optional(),
  }),
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
  'lot.fed': schemaOf<LotFed>({
    tank: id(),
    lot: id(),
    food: text(60),
    response: choice(RESPONSES),
    ate: count().optional(),
    leftovers: choice(LEFTOVERS).optional(),
  }),
  'mishap.recorded': schemaOf<MishapRecorded>({ lot: id(), tank: id(), n: count(1), what: choice(MISHAPS), note: note() }),
  'due.done': schemaOf<DueDone>({ due: dueId(), note: note() }),
  'due.snoozed': schemaOf<DueSnoozed>({ due: dueId(), untilMs: instant(), why: text(300) }),
  'due.skipped': schemaOf<DueSkipped>({ due: dueId(), why: text(300) }),
  'loss.recorded': schemaOf<LossRecorded>({
    lot: id(),
    place: id(),
    n: count(1),
    cause: choice(CAUSES),
    sure: choice(SURENESS),
    note: note(),
  }),
  'loss.classed': schemaOf<LossClassed>({ loss: uuid(), cause: choice(CAUSES), sure: choice(SURENESS), why: text(300) }),
};
