// Kinds of entries about suppliers.
import { array } from 'yup';
import { CLAIM_FROM, TRANSITS, type DockEntries, type StatedWater, type SupplierFacts } from '#core/dock/index.ts';
import { LIST_FIELDS } from '#core/intake/index.ts';
import { ORIGINS } from '#core/lots/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, closed, count, finite, id, list, maybe, note, orNothing, someOf, text, uuid } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

/** What the supplier says of the shipping water. */
export const stated = () =>
  schemaOf<StatedWater>({
    temperatureC: finite(0, 50).optional(),
    salinityPpt: finite(0, 50).optional(),
    salinitySaid: text(40).optional(),
    pH: finite(4, 11).optional(),
  });
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
export const supplierKinds: Kinds<Pick<DockEntries, 'supplier.added' | 'supplier.changed' | 'supplier.taught'>> = {
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
};
