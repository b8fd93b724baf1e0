// A medicated mix as a form.
import { LABEL_PER, LABEL_UNITS, type LabelUnit, type MixFields } from '#core/kitchen/index.ts';
import { MEDICATION_FAMILIES, type MedicationFamily } from '#core/species/index.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';

export const mixFields = (): FormField[] => [
  { name: 'name', type: 'text', label: 'What it is called', maxLength: 60 },
  {
    name: 'family',
    type: 'choice',
    label: 'What it is',
    options: [{ value: '', label: 'none of these' }, ...MEDICATION_FAMILIES.map((family) => ({ value: family, label: family }))],
    hint: 'says whom it harms',
  },
  { name: 'amount', type: 'number', label: 'Amount on the label', min: 0.0001, max: 100_000, section: 'As the label says' },
  { name: 'unit', type: 'choice', label: 'Unit', options: LABEL_UNITS },
  { name: 'per', type: 'choice', label: 'For each', options: LABEL_PER },
  { name: 'timesADay', type: 'number', label: 'At how many meals a day', min: 1, max: 12, whole: true },
  { name: 'days', type: 'number', label: 'Days in a row', min: 1, max: 60, whole: true },
  { name: 'labelSays', type: 'text', label: 'The label, word for word', maxLength: 300, optional: true },
  { name: 'breakDays', type: 'number', label: 'Days of break after it', min: 0, max: 365, whole: true, section: 'In this house' },
  {
    name: 'first',
    type: 'choice',
    label: 'Who gets it',
    options: [
      { value: 'no', label: 'only who is chosen, on signs' },
      { value: 'yes', label: 'every newcomer, from its first meals on' },
    ],
  },
];

export const mixValues = ({ family, labelSays, first, ...mix }: MixFields): Values => ({
  name: mix.name,
  unit: mix.unit,
  per: mix.per,
  amount: String(mix.amount),
  timesADay: String(mix.timesADay),
  days: String(mix.days),
  breakDays: String(mix.breakDays),
  family: family ?? '',
  labelSays: labelSays ?? '',
  first: first ? 'yes' : 'no',
});

export const mixOf = (values: Values): MixFields => ({
  name: values.name!.trim(),
  ...(values.family ? { family: values.family as MedicationFamily } : {}),
  amount: numberOf(values.amount),
  unit: values.unit as LabelUnit,
  per: values.per as MixFields['per'],
  timesADay: numberOf(values.timesADay),
  days: numberOf(values.days),
  breakDays: numberOf(values.breakDays),
  first: values.first === 'yes',
  ...(values.labelSays?.trim() ? { labelSays: values.labelSays.trim() } : {}),
});
