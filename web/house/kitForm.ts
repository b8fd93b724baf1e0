// The form of a test or meter, and what it means. No screen in here.
import { formatDay, houseDay, readDate } from '#core/time/index.ts';
import { KIT_FORMS, QUANTITIES, type KitFields, type KitForm, type Quantity } from '#core/water/index.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';
import { FORM_SAYS, titleOf } from '../words/waterTests.ts';

const NOON = 12;
const dayOf = (text: string, zone: string): string | { problem: string } => {
  const read = readDate(text, zone, NOON);
  return read ? formatDay(houseDay(read.ms, zone)) : { problem: 'Write the day as 2027-03-31.' };
};

export const kitFields = (zone: string): FormField[] => [
  { name: 'name', type: 'text', label: 'What it is called', maxLength: 60 },
  {
    name: 'quantity',
    type: 'choice',
    label: 'What it tests',
    options: QUANTITIES.filter((quantity) => quantity !== 'volume').map((quantity) => ({ value: quantity, label: titleOf(quantity) })),
  },
  {
    name: 'form',
    type: 'choice',
    label: 'What its numbers mean',
    options: [{ value: '', label: 'as it says: pH, ppt, °C …' }, ...KIT_FORMS.map((form) => ({ value: form, label: FORM_SAYS[form] }))],
    hint: 'of ammonia, nitrite, nitrate and copper it must be said',
  },
  { name: 'most', type: 'number', label: 'Its scale ends at', min: 0.001, max: 100_000, optional: true },
  { name: 'goodUntil', type: 'text', label: 'Good until, YYYY-MM-DD', optional: true, maxLength: 20, read: (text) => dayOf(text, zone) },
];

export const kitValues = ({ name, quantity, form, most, goodUntilMs }: KitFields, zone: string): Values => ({
  name,
  quantity,
  form: form ?? '',
  most: most === undefined ? '' : String(most),
  goodUntil: goodUntilMs === undefined ? '' : formatDay(houseDay(goodUntilMs, zone)),
});

export function kitOf({ name, quantity, form, most, goodUntil }: Values, zone: string): KitFields {
  const good = goodUntil ? readDate(goodUntil, zone, NOON) : undefined;
  return {
    name: name!.trim(),
    quantity: quantity as Quantity,
    ...(form ? { form: form as KitForm } : {}),
    ...(most ? { most: numberOf(most) } : {}),
    ...(good ? { goodUntilMs: good.ms } : {}),
  };
}
