// Kinds of entries about suppliers, crates, bags.
import { array, string } from 'yup';
import {
  BAG_CONDITIONS,
  CAME_ALONG,
  CARTONS,
  CONDITIONS,
  INSIDES,
  PACKS,
  PACKED_WITH,
  ROUTES,
  SEXES_SEEN,
  type ListedBag,
  type ListedLot,
  type DockEntries,
} from '#core/dock/index.ts';
import { ORIGINS, CERTAINTIES } from '#core/lots/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { claimKinds } from './claimKinds.ts';
import { orderKinds } from './orderKinds.ts';
import { stated, supplierKinds } from './supplierKinds.ts';
import { currency, price } from './money.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, count, finite, id, instant, list, maybe, note, someOf, text, uuid } from '../basics/fields.ts';
import { centimetres, litres, schemaOf } from '../basics/shapes.ts';

const told = () =>
  maybe({ lastMeal: text(200).optional(), caught: text(200).optional(), packedWith: string().oneOf(PACKED_WITH).optional() });
export const dockKinds: Kinds<DockEntries> = {
  ...claimKinds,
  ...orderKinds,
  ...supplierKinds,
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
  'box.opened': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['dock', 'bench'],
    schema: {
      crate: id(),
      box: count(1, 500).optional(),
      inside: string().oneOf(INSIDES).optional(),
      packs: string().oneOf(PACKS).optional(),
      airC: finite(-20, 60).optional(),
      cameAlong: array().of(choice(CAME_ALONG)).max(CAME_ALONG.length).optional(),
      note: note(),
    },
    example: { crate: 'pelican-0', box: 1, inside: 'wet', packs: 'spent', airC: 19.5, cameAlong: ['food'], note: 'the liner is torn' },
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
      sizeCm: centimetres().optional(),
      sex: string().oneOf(SEXES_SEEN).optional(),
      newBag: maybe({ label: text(20), box: count(0, 500), waterL: litres() }),
      newLot: maybe({
        label: text(),
        species: string().max(64).optional(),
        heardAs: text(),
        sizeCm: finite(0.1, 300).optional(),
        origin: choice(ORIGINS),
        insteadOf: string().max(64).optional(),
        sure: string().oneOf(CERTAINTIES).optional(),
        evidence: text(200).optional(),
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
