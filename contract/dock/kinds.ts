// Kinds of entries about suppliers, crates, bags.
import { array, string, type Schema } from 'yup';
import {
  BAG_CONDITIONS,
  CARTONS,
  CLAIM_FROM,
  CONDITIONS,
  PACKED_WITH,
  ROUTES,
  TRANSITS,
  type ListedBag,
  type ListedLot,
  type StatedWater,
  type SupplierFacts,
  type DockEntries,
} from '#core/dock/index.ts';
import { LIST_FIELDS } from '#core/intake/index.ts';
import { ORIGINS } from '#core/lots/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { claimKinds } from './claimKinds.ts';
import { orderKinds } from './orderKinds.ts';
import { currency, price } from './money.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, closed, count, finite, id, instant, list, maybe, note, someOf, text, uuid } from '../basics/fields.ts';
import { centimetres, litres, schemaOf, type Shape } from '../basics/shapes.ts';

/** What the supplier says of the shipping water. */
const stated = () =>
  schemaOf<StatedWater>({
    temperatureC: finite(0, 50).optional(),
    salinityPpt: finite(0, 50).optional(),
    salinitySaid: text(40).optional(),
    pH: finite(4, 11).optional(),
  });
const told = () =>
  maybe({ lastMeal: text(200).optional(), caught: text(200).optional(), packedWith: string().oneOf(PACKED_WITH).optional() });
const supplierFacts: Shape<SupplierFacts> = {
  note: note(),
  usualH: finite(0, 240).optional(),
  delayH: finite(0, 240).optional(),
  ships: stated().default(undefined).optional(),
  origins: array().of(choice(ORIGINS)).min(1).max(ORIGINS.length).optional(),
  claim: maybe({
    withinH: finite(0.25, 720).required(),
    from: choice(CLAIM_FROM),
    leastDead: count(1, 1000),
    evidence: text(300).optional(),
  }),
  contact: text(300).optional(),
};
/** What is known no more is said to be so. */
const orNothing = (shape: Shape<SupplierFacts>) =>
  Object.fromEntries(Object.entries(shape).map(([name, schema]) => [name, (schema as Schema<unknown>).nullable()]));

export const dockKinds: Kinds<DockEntries> = {
  ...claimKinds,
  ...orderKinds,
  'supplier.added': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['dock'],
    schema: {
      supplier: id(),
      name: text(),
      transit: choice(TRANSITS),
      ...supplierFacts,
    },
    example: { supplier: 'pelican-yard', name: 'Pelican Yard Imports', transit: 'overnight', note: 'ships low' },
  }),
  'supplier.changed': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['dock', 'stock'],
    schema: { supplier: id(), basedOn: uuid(), fields: someOf({ name: text(), transit: choice(TRANSITS), ...orNothing(supplierFacts) }) },
    example: {
      supplier: 'pelican-yard',
      basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5',
      fields: {
        usualH: 24,
        ships: { salinityPpt: 27.5, salinitySaid: '1.0205 sg 25/25', temperatureC: 24 },
        claim: { withinH: 4, from: 'arrival', leastDead: 1, evidence: 'a photograph of the closed bag' },
        contact: null,
      },
    },
  }),
  'supplier.taught': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock'],
    schema: {
      supplier: id(),
      columns: list(closed({ heading: text(), field: choice([...LIST_FIELDS, 'nothing'] as const) }), { max: 60 }),
      names: list(closed({ heard: text(), species: id() }), { max: 1000 }),
    },
    example: {
      supplier: 'pelican-yard',
      columns: [{ heading: 'Stück', field: 'count' }],
      names: [{ heard: 'red gobi', species: 'firefish' }],
    },
  }),
  'crate.expected': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock', 'stock'],
    notInHistory: 'the landing of its bags tells it',
    schema: {
      crate: id(),
      label: text(),
      supplier: id(),
      packedAtMs: instant(),
      promisedAtMs: instant(),
      stated: stated(),
      told: told(),
      lots: list(
        schemaOf<ListedLot>({
          lot: id(),
          label: text(),
          species: id().optional(),
          heardAs: text().optional(),
          origin: choice(ORIGINS),
          sizeCm: centimetres().optional(),
          line: string().max(64).optional(),
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
          price: price().optional(),
        }),
        // None in a box that stands on nobody's list.
        { max: 2000 },
      ),
      order: string().max(64).optional(),
      currency: currency().optional(),
      remarks: array().of(text(200)).max(100).optional(),
    },
    example: {
      crate: 'pelican-0',
      label: 'Pelican Yard, marine',
      supplier: 'pelican-yard',
      packedAtMs: AT - 34 * HOUR_MS,
      promisedAtMs: AT - 10 * HOUR_MS,
      stated: { temperatureC: 24, salinityPpt: 28 },
      lots: [{ lot: 'lot-1', label: 'firefish', species: 'firefish', origin: 'wild', sizeCm: 6 }],
      bags: [{ bag: 'bag-1', label: 'bag 1', box: 1, lot: 'lot-1', n: 2, waterL: 1.4 }],
    },
  }),
  'crate.changed': defineKind({
    minRole: 'keeper',
    undo: 'never',
    topics: ['dock', 'bench'],
    notInHistory: 'a correction of the list it came by',
    schema: {
      crate: id(),
      basedOn: uuid(),
      fields: someOf({ label: text(), packedAtMs: instant(), promisedAtMs: instant(), stated: stated(), told: told() }),
    },
    example: { crate: 'pelican-0', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { packedAtMs: AT - 30 * HOUR_MS } },
  }),
  'crate.arrived': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['dock'],
    schema: { crate: id(), carton: choice(CARTONS), note: note() },
    example: { crate: 'pelican-0', carton: 'damp', note: 'heat pack cold' },
  }),
  'bag.landed': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['dock', 'stock', 'bench'],
    schema: {
      bag: id(),
      crate: id(),
      lot: id(),
      alive: count(),
      dead: count(),
      quality: choice(['looked', 'counted', 'listed'] as const),
      condition: choice(CONDITIONS),
      each: maybe({ fit: count().optional(), tired: count().optional(), poor: count().optional(), critical: count().optional() }),
      bagCondition: choice(BAG_CONDITIONS),
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
    },
    example: {
      bag: 'bag-2',
      crate: 'pelican-0',
      lot: 'lot-2',
      alive: 2,
      dead: 0,
      quality: 'counted',
      condition: 'fit',
      bagCondition: 'sound',
      newBag: { label: 'bag +1', box: 0, waterL: 1.5 },
      newLot: { label: 'six lines', heardAs: 'six lines', origin: 'unknown' },
      note: 'not on the list',
    },
  }),
  'bag.absent': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['dock', 'stock'],
    schema: { bag: id(), crate: id() },
    example: { bag: 'bag-1', crate: 'pelican-0' },
  }),
  'bag.routed': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock', 'bench'],
    schema: { bag: id(), lot: id(), route: choice(ROUTES), why: text(300) },
    example: { bag: 'bag-1', lot: 'lot-1', route: 'observation tank', why: 'one of them hides from the others' },
  }),
  'bag.planned': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock', 'bench'],
    notInHistory: 'the release tells where they went',
    schema: { bag: id(), lot: id(), tank: id() },
    example: { bag: 'bag-1', lot: 'lot-1', tank: 'G1' },
  }),
  'crate.givenUp': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock', 'bench', 'stock'],
    schema: { crate: id(), why: text(300) },
    example: { crate: 'pelican-0', why: 'the courier lost it' },
  }),
  'bag.assigned': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock', 'bench'],
    notInHistory: 'the release tells where they went',
    schema: { bag: id(), lot: id(), tank: id() },
    example: { bag: 'bag-1', lot: 'lot-1', tank: 'G1' },
  }),
};
