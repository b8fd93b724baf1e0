// The opening count as a form, and the entries that its answers become.
import { readHeads, readSize } from '#core/intake/index.ts';
import { ORIGINS, type Origin } from '#core/lots/index.ts';
import { plainPolicy } from '#core/quarantine/index.ts';
import type { Draft } from '../data/house.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';
import type { Id } from './forms.ts';

const readsHeads = (text: string) => (readHeads(text) ? text : { problem: 'Heads such as 12, or 40-50.' });
const readsSize = (text: string) => (readSize(text) ? text : { problem: 'A length such as 4 cm, 3-4 cm or 2".' });
export const OPENING_FIELDS: FormField[] = [
  { name: 'tank', type: 'text', label: 'Tank', maxLength: 12 },
  { name: 'n', type: 'text', label: 'Heads', maxLength: 20, read: readsHeads, hint: '12, or 40-50 where nobody counts them out' },
  {
    name: 'size',
    type: 'text',
    label: 'Length',
    maxLength: 20,
    optional: true,
    read: readsSize,
    hint: '4 cm, 3-4 cm or 2"; empty: not known',
  },
  { name: 'origin', type: 'choice', label: 'Wild or bred', options: ORIGINS },
  {
    name: 'quarantineDays',
    type: 'number',
    label: 'Days of quarantine still to go',
    min: 0,
    max: 365,
    whole: true,
    hint: '0 when its quarantine is done',
  },
];
type Opening = {
  tank: string;
  species: { id: string; common: string };
  n: number;
  between?: { min: number; max: number };
  sizeCm?: number;
  origin: Origin;
  quarantineDays: number;
};
export const openingSaid = (values: Values, { tank, species }: Pick<Opening, 'tank' | 'species'>): Opening => ({
  tank,
  species,
  ...readHeads(values.n!)!,
  ...readSize(values.size ?? ''),
  origin: values.origin as Origin,
  quarantineDays: numberOf(values.quarantineDays),
});

export function openingOf({ tank, species, n, between, sizeCm, origin, quarantineDays: days }: Opening, newId: Id): Draft[] {
  const lot = newId();
  const opened: Draft = {
    kind: 'lot.opened',
    payload: {
      lot,
      species: species.id,
      label: species.common,
      tank,
      n,
      ...(between ? { between } : {}),
      ...(sizeCm === undefined ? {} : { sizeCm }),
      origin,
    },
  };
  return days > 0
    ? [opened, { kind: 'quarantine.opened', payload: { quarantine: newId(), lot, policy: plainPolicy(days), zero: 'taken over' } }]
    : [opened];
}
