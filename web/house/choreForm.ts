// The form of a chore, and what it means. No screen in here.
import type { HouseView } from '#contract/views.ts';
import { CHORE_KINDS, CHORE_PER, type ChoreFields, type ChoreKind, type ChorePer } from '#core/chores/index.ts';
import type { Used } from '#core/supplies/index.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';

type Known = Pick<HouseView, 'racks' | 'tanks' | 'supplies' | 'people'>;
const PER_WORDS: Record<ChorePer, string> = { tank: 'each tank', system: 'each system (its sump)', rack: 'the rack as a whole' };
/** So many things that one place takes; more is another chore. */
const TAKES = [1, 2] as const;
const rackField = (id: string) => `rack ${id}`;

const codesOf = (text: string): string[] => text.split(/[\s,;]+/).filter((code) => code !== '');
function idsOf(text: string, tanks: Known['tanks']): string[] | { problem: string } {
  const found = codesOf(text).map((code) => tanks.find((tank) => tank.code.toLowerCase() === code.toLowerCase())?.id ?? { problem: code });
  const unknown = found.find((id) => typeof id === 'object');
  return unknown ? { problem: `There is no tank ${unknown.problem}.` } : (found as string[]);
}

export const choreFields = ({ racks, tanks, supplies, people }: Known): FormField[] => [
  { name: 'name', type: 'text', label: 'What it is called', maxLength: 60 },
  { name: 'is', type: 'choice', label: 'What it is', options: CHORE_KINDS },
  { name: 'everyDays', type: 'number', label: 'Every so many days', min: 1, max: 730, whole: true },
  { name: 'percent', type: 'number', label: 'Of a water change: percent', min: 0.1, max: 100, optional: true },
  {
    name: 'person',
    type: 'choice',
    label: 'Whose it is',
    options: [
      { value: '', label: 'anybody’s' },
      ...people.filter(({ leftAct }) => !leftAct).map(({ id, name }) => ({ value: id, label: name })),
    ],
  },
  ...TAKES.flatMap((no): FormField[] => [
    {
      name: `item ${no}`,
      type: 'choice',
      label: no === 1 ? 'Each place takes' : 'And',
      options: [{ value: '', label: 'nothing' }, ...supplies.map(({ id, name, unit }) => ({ value: id, label: `${name} (${unit})` }))],
      ...(no === 1
        ? {
            section: 'What it takes',
            about: 'It falls from what is here when the chore is ticked, and stands on the list of what to carry.',
          }
        : {}),
    },
    { name: `amount ${no}`, type: 'number', label: 'So much of it', min: 0.001, max: 100_000, optional: true },
  ]),
  {
    name: 'per',
    type: 'choice',
    label: 'It is done at',
    options: CHORE_PER.map((per) => ({ value: per, label: PER_WORDS[per] })),
    section: 'Where',
    about: 'Each of them is ticked by itself, or all of a rack at once.',
  },
  {
    name: 'only',
    type: 'text',
    label: 'Only these tanks, by code',
    optional: true,
    maxLength: 400,
    read: (text) => {
      const ids = idsOf(text, tanks);
      return 'problem' in ids ? ids : text;
    },
  },
  ...racks.map(({ id, name }): FormField => ({ name: rackField(id), type: 'yes', label: name })),
];

export function choreValues(chore: ChoreFields, { racks, tanks }: Known): Values {
  const { name, is, per, everyDays, percent, person, takes = [], only = [] } = chore;
  return {
    name,
    is,
    per,
    everyDays: String(everyDays),
    percent: percent === undefined ? '' : String(percent),
    person: person ?? '',
    only: only.map((id) => tanks.find((tank) => tank.id === id)?.code ?? id).join(', '),
    ...Object.fromEntries(
      TAKES.flatMap((no) => [
        [`item ${no}`, takes[no - 1]?.item ?? ''],
        [`amount ${no}`, takes[no - 1] ? String(takes[no - 1]!.amount) : ''],
      ]),
    ),
    ...Object.fromEntries(racks.map(({ id }) => [rackField(id), chore.racks.includes(id) ? 'yes' : ''])),
  };
}

export function choreOf(values: Values, { racks, tanks }: Known): ChoreFields {
  const takes = TAKES.flatMap((no): Used[] => {
    const item = values[`item ${no}`];
    return item ? [{ item, amount: numberOf(values[`amount ${no}`] || '1') }] : [];
  });
  const only = idsOf(values.only ?? '', tanks);
  return {
    name: values.name!.trim(),
    is: values.is as ChoreKind,
    per: values.per as ChorePer,
    racks: racks.filter(({ id }) => values[rackField(id)] === 'yes').map(({ id }) => id),
    everyDays: numberOf(values.everyDays),
    ...('problem' in only || only.length === 0 ? {} : { only }),
    ...(takes.length > 0 ? { takes } : {}),
    ...(values.percent ? { percent: numberOf(values.percent) } : {}),
    ...(values.person ? { person: values.person } : {}),
  };
}
