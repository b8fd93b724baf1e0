// Tests and meters of the house: what each shows, to where its scale goes, and until when it may be believed.
import type { Changed } from '../journal/index.ts';
import { parseQuantity, PLAUSIBLE, type Parsed, type Preference, type Quantity } from './units.ts';

/** The scale of a test where a number alone has more than one meaning. */
export const KIT_FORMS = [
  'total N',
  'total NH3',
  'total NH4',
  'free N',
  'free NH3',
  'NO2',
  'NO2-N',
  'NO3',
  'NO3-N',
  'ionic copper',
  'chelated copper',
] as const;
export type KitForm = (typeof KIT_FORMS)[number];

const FORMS_OF: Partial<Record<Quantity, readonly KitForm[]>> = {
  ammonia: ['total N', 'total NH3', 'total NH4'],
  'free ammonia': ['free N', 'free NH3'],
  nitrite: ['NO2', 'NO2-N'],
  nitrate: ['NO3', 'NO3-N'],
  copper: ['ionic copper', 'chelated copper'],
};
/** None where a number says it all. */
export const formsOf = (quantity: Quantity): readonly KitForm[] => FORMS_OF[quantity] ?? [];

/** What stands after a bare number of such a test, for it to mean what the test means. */
const SUFFIX: Record<KitForm, string> = {
  'total N': ' N',
  'total NH3': ' NH3',
  'total NH4': ' NH4',
  'free N': ' N',
  'free NH3': ' NH3',
  NO2: ' NO2',
  'NO2-N': ' NO2-N',
  NO3: ' NO3',
  'NO3-N': ' NO3-N',
  'ionic copper': '',
  'chelated copper': '',
};

/** `most` = the end of its scale, as it is printed on it. `goodUntilMs` = its last day. */
export type KitFields = { name: string; quantity: Quantity; form?: KitForm; most?: number; goodUntilMs?: number; gone?: boolean };
export type KitAdded = { kit: string } & KitFields;
export type KitChanged = { kit: string; basedOn: string; fields: Changed<KitFields> };
export type KitFacts = { id: string } & KitFields;

const IS_BARE = /^[\d.,½¼¾⅓⅔⅛\s]+$/;

/**
 * What was typed beside this test: a bare number is of its own scale, `0.25` of one that reads NH4 is 0.19 mg/L N. A number with a unit keeps it.
 * @example parseOnKit({ quantity: 'ammonia', form: 'total NH4' }, '1.288') gives 1 mg/L N
 */
export function parseOnKit(
  { quantity, form }: Pick<KitFields, 'quantity' | 'form'>,
  text: string,
  { preference, temperatureC }: { preference?: Preference; temperatureC?: number } = {},
): Parsed {
  const isOnScale = form !== undefined && formsOf(quantity).includes(form) && IS_BARE.test(text);
  const read = parseQuantity(quantity, isOnScale ? `${text.trim()}${SUFFIX[form]}` : text, preference, temperatureC);
  return { ...read, typed: isOnScale ? `${text.trim()}${SUFFIX[form]}` : read.typed };
}

/** The end of its scale in the unit that is stored; undefined where it has none. */
export function mostOf({ quantity, form, most }: Pick<KitFields, 'quantity' | 'form' | 'most'>): number | undefined {
  if (most === undefined) return undefined;
  const read = parseOnKit({ quantity, form }, String(most));
  return read.ok ? read.value : PLAUSIBLE[quantity].max;
}
