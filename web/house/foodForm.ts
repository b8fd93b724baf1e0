// A food as a form, and in words.
import { FOOD_FORMS, MOUTHS, type FoodFields } from '#core/feeding/index.ts';
import { GUILDS } from '#core/species/index.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';

const YES_NO = ['no', 'yes'] as const;
const MOUTH_SAYS: Record<(typeof MOUTHS)[number], string> = {
  tiny: 'Fish under 3 cm take it',
  small: 'Fish from 3 to 10 cm take it',
  large: 'Larger fish take it',
};

export const foodFields = (): FormField[] => [
  { name: 'name', type: 'text', label: 'What it is called', maxLength: 60 },
  { name: 'form', type: 'choice', label: 'What it is', options: FOOD_FORMS },
  ...MOUTHS.map((mouth): FormField => ({ name: mouth, type: 'choice', label: MOUTH_SAYS[mouth], options: YES_NO })),
  ...GUILDS.map((guild, index): FormField => ({
    name: guild,
    type: 'choice',
    label: guild,
    options: YES_NO,
    ...(index === 0 ? { section: 'For whom', about: 'What a species lives on stands on its page.' } : {}),
  })),
  {
    name: 'heavy',
    type: 'choice',
    label: 'Heavy: it fouls a small tank',
    options: YES_NO,
    section: 'How it is given',
    about: 'Heavy food rests a day in a small quarantine tank.',
  },
  { name: 'thawH', type: 'number', label: 'Thaws for, h', min: 0, max: 72, optional: true },
  { name: 'strain', type: 'choice', label: 'Strained', options: YES_NO },
  { name: 'soakMin', type: 'number', label: 'Soaks for, min', min: 1, max: 1440, optional: true },
  { name: 'leaveInH', type: 'number', label: 'Stays in for, h', min: 0.25, max: 72, optional: true },
  { name: 'prepared', type: 'text', label: 'How it is prepared', maxLength: 200, optional: true },
  {
    name: 'portionG',
    type: 'number',
    label: 'One piece of it, g',
    min: 0.1,
    max: 10_000,
    optional: true,
    section: 'In stock',
    about: 'As its label says: a cube, a sheet, half a shell. The kitchen sheet takes whole ones.',
  },
  { name: 'reorderG', type: 'number', label: 'Order it again at, g', min: 0, max: 1_000_000, optional: true },
];

const yes = (value: boolean) => (value ? 'yes' : 'no');
const typed = (value: number | undefined) => (value === undefined ? '' : String(value));
export const foodValues = (food: FoodFields): Values => ({
  name: food.name,
  form: food.form,
  heavy: yes(food.heavy),
  thawH: typed(food.thawH),
  leaveInH: typed(food.leaveInH),
  strain: yes(food.strain === true),
  soakMin: typed(food.soakMin),
  portionG: typed(food.portionG),
  reorderG: typed(food.reorderG),
  prepared: food.prepared ?? '',
  ...Object.fromEntries(MOUTHS.map((mouth) => [mouth, yes(food.mouths.includes(mouth))])),
  ...Object.fromEntries(GUILDS.map((guild) => [guild, yes(food.guilds.includes(guild))])),
});
export const foodOf = (values: Values): FoodFields => ({
  name: values.name!.trim(),
  form: values.form as FoodFields['form'],
  guilds: GUILDS.filter((guild) => values[guild] === 'yes'),
  mouths: MOUTHS.filter((mouth) => values[mouth] === 'yes'),
  heavy: values.heavy === 'yes',
  ...(values.thawH ? { thawH: numberOf(values.thawH) } : {}),
  ...(values.strain === 'yes' ? { strain: true } : {}),
  ...(values.soakMin ? { soakMin: numberOf(values.soakMin) } : {}),
  ...(values.leaveInH ? { leaveInH: numberOf(values.leaveInH) } : {}),
  ...(values.portionG ? { portionG: numberOf(values.portionG) } : {}),
  ...(values.reorderG ? { reorderG: numberOf(values.reorderG) } : {}),
  ...(values.prepared?.trim() ? { prepared: values.prepared.trim() } : {}),
});

/** `frozen, for plankton picker, meat eater; small and large mouths; thaws 1 h`. */
export function sayFood({ form, guilds, mouths, heavy, thawH, strain, soakMin, leaveInH, portionG, prepared }: FoodFields): string {
  return [
    `${form}, for ${guilds.join(', ')}`,
    `${mouths.join(' and ')} mouths`,
    heavy && 'heavy',
    thawH !== undefined && `thaws ${thawH} h`,
    strain && 'strained',
    soakMin !== undefined && `soaked ${soakMin} min`,
    leaveInH !== undefined && `out again after ${leaveInH} h`,
    portionG !== undefined && `${portionG} g a piece`,
    prepared,
  ]
    .filter(Boolean)
    .join('; ');
}
