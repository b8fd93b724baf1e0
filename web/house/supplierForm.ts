// What the form of a supplier asks, and the entries that its answers become. No screen in here.
import type { HouseView } from '#contract/views.ts';
import { CLAIM_FROM, TRANSITS, type ClaimRule, type StatedWater, type SupplierFacts, type SupplierFields } from '#core/dock/index.ts';
import { ORIGINS, type Origin } from '#core/lots/index.ts';
import type { Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';
import { legibleSaid } from '../parts/crateFacts.ts';
import { changedFields } from '../parts/changedFields.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';
import type { Id } from './forms.ts';

export type KnownSupplier = HouseView['suppliers'][number];

const NOT_KNOWN = 'not known';
const CLAIMS_RUN = ['from when the box came', 'from when the bag was opened'] as const;
/** Several at once are written together. */
const SOURCES = [...ORIGINS.filter((origin) => origin !== 'unknown'), 'wild and bred', 'wild and farmed', 'farmed and bred'];

const nameField: FormField = { name: 'name', type: 'text', label: 'Who supplies' };
const transitField: FormField = { name: 'transit', type: 'choice', label: 'How it comes', options: TRANSITS };
const noteField: FormField = { name: 'note', type: 'text', label: 'What to know of them', optional: true, maxLength: 500 };
export const NEW_SUPPLIER_FIELDS: FormField[] = [nameField, transitField, noteField];

/** Salinity is read in any words, and the words are kept: the reference of a specific gravity is half of it. */
export const supplierFields = (units: Units, known?: KnownSupplier): FormField[] => {
  // Another client may have written any together: what is known is always a choice.
  const written = known?.origins?.join(' and ');
  const legible = (quantity: 'salinity' | 'pH') => (text: string) =>
    units.read(quantity, text).ok ? text : { problem: `This cannot be read as ${quantity}.` };
  return [
    nameField,
    transitField,
    noteField,
    { name: 'contact', type: 'text', label: 'How to reach them', optional: true, maxLength: 300 },
    {
      name: 'origins',
      type: 'choice',
      label: 'Their fish are',
      options: [...new Set([NOT_KNOWN, ...SOURCES, ...(written ? [written] : [])])],
    },
    {
      name: 'usualH',
      type: 'number',
      min: 0,
      max: 240,
      label: 'Usual hours from packing to here',
      optional: true,
      section: 'On the way',
    },
    { name: 'delayH', type: 'number', min: 0, max: 240, label: 'Usual delay, hours', optional: true },
    {
      name: 'temperatureC',
      type: 'quantity',
      quantity: 'temperature',
      label: 'Temperature',
      optional: true,
      section: 'The water they ship at',
      about: 'As they say. It is offered where a list says nothing, for you to ask them; a meter in the first bag beats it.',
    },
    {
      name: 'salinity',
      type: 'text',
      label: 'Salinity, with its reference',
      hint: '28, or 1.021 sg 25/25',
      optional: true,
      maxLength: 40,
      read: legible('salinity'),
    },
    { name: 'pH', type: 'text', label: 'pH', optional: true, maxLength: 10, read: legible('pH') },
    {
      name: 'withinH',
      type: 'number',
      min: 0.25,
      max: 720,
      label: 'Claims within so many hours',
      optional: true,
      section: 'Claims',
      about: 'Left empty, no window is known: ask them before something dies.',
    },
    { name: 'from', type: 'choice', label: 'The hours run', options: CLAIMS_RUN },
    { name: 'leastDead', type: 'number', min: 1, max: 1000, whole: true, label: 'From so many dead on', optional: true },
    { name: 'evidence', type: 'text', label: 'What evidence they want', optional: true, maxLength: 300 },
  ];
};

/** What is known, as it is typed. */
export function supplierValues(
  { name, transit, note, contact, origins, usualH, delayH, ships, claim }: KnownSupplier,
  units: Units,
): Values {
  const number = (value: number | undefined) => (value === undefined ? '' : String(value));
  return {
    name,
    transit,
    note: note ?? '',
    contact: contact ?? '',
    origins: origins ? origins.join(' and ') : NOT_KNOWN,
    usualH: number(usualH),
    delayH: number(delayH),
    temperatureC: ships?.temperatureC === undefined ? '' : units.bare('temperature', ships.temperatureC),
    salinity: legibleSaid(ships, units) ?? number(ships?.salinityPpt),
    pH: number(ships?.pH),
    withinH: number(claim?.withinH),
    from: CLAIMS_RUN[CLAIM_FROM.indexOf(claim?.from ?? 'arrival')]!,
    leastDead: number(claim?.leastDead),
    evidence: claim?.evidence ?? '',
  };
}

function shipsOf(values: Values, units: Units): StatedWater | undefined {
  const read = (quantity: 'salinity' | 'pH') => {
    const text = values[quantity]!.trim();
    const known = text === '' ? undefined : units.read(quantity, text);
    return known?.ok ? known.value : undefined;
  };
  const [salinityPpt, pH] = [read('salinity'), read('pH')];
  const said = values.salinity!.trim();
  const ships: StatedWater = {
    ...(values.temperatureC ? { temperatureC: numberOf(values.temperatureC) } : {}),
    ...(salinityPpt === undefined ? {} : { salinityPpt, ...(said === String(salinityPpt) ? {} : { salinitySaid: said }) }),
    ...(pH === undefined ? {} : { pH }),
  };
  return Object.keys(ships).length > 0 ? ships : undefined;
}

const claimOf = ({ withinH, from, leastDead, evidence }: Values): ClaimRule | undefined =>
  withinH
    ? {
        withinH: numberOf(withinH),
        from: CLAIM_FROM[Math.max(0, CLAIMS_RUN.indexOf(from as (typeof CLAIMS_RUN)[number]))]!,
        leastDead: leastDead ? numberOf(leastDead) : 1,
        ...(evidence ? { evidence } : {}),
      }
    : undefined;

function saidOf(values: Values, units: Units): SupplierFields {
  const { name, transit, note, contact, origins, usualH, delayH } = values;
  const facts: SupplierFacts = {
    note: note || undefined,
    contact: contact || undefined,
    origins: origins === NOT_KNOWN ? undefined : (origins!.split(' and ') as Origin[]),
    usualH: usualH ? numberOf(usualH) : undefined,
    delayH: delayH ? numberOf(delayH) : undefined,
    ships: shipsOf(values, units),
    claim: claimOf(values),
  };
  return { name: name!.trim(), transit: transit as SupplierFields['transit'], ...facts };
}

/** What was put right of a supplier; undefined when nothing is other than it was. What was emptied is not known any more. */
export function supplierChanged(known: KnownSupplier, values: Values, units: Units): Draft | undefined {
  const before = supplierValues(known, units);
  const [was, is] = [saidOf(before, units), saidOf(values, units)];
  const fields = changedFields(was, is);
  if (Object.keys(fields).length === 0) return undefined;
  return { kind: 'supplier.changed', payload: { supplier: known.id, basedOn: known.entry, fields } };
}

export const supplierOf = ({ name, transit, note }: Values, newId: Id): Draft => ({
  kind: 'supplier.added',
  payload: { supplier: newId(), name: name!, transit: transit as 'van', ...(note ? { note } : {}) },
});
