// The house's rules as a form: what is asked, and the entry that the answers become. Quarantine has a form of their own (QuarantineRules).
import { HOUSE_METHOD_CLASSES, HOUSE_METHODS, type HouseMethods } from '#core/bench/index.ts';
import { COST_CODES } from '#core/placement/index.ts';
import { ROUTES_FOR, TRIAGE_FACTS, type TriageRules } from '#core/dock/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { WATER_TYPES } from '#core/species/index.ts';
import type { Draft } from '../data/house.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';
import { number, whole } from './ruleFields.ts';
import { TEST_FIELDS, testRulesOf, testRuleValues } from './waterRuleFields.ts';
import { FEEDING, FIRST_DAY, KITCHEN, MEALS } from './mealRuleFields.ts';
import { zoneField } from '../parts/zoneField.ts';
import { FACT_TITLES } from '../words/triage.ts';
import { shortReason } from '../words/placeRefusals.ts';
import { capital } from '../words/text.ts';

/** The fields of each part of the rules that is an object of numbers, by its own names. */
const RUNS: FormField[] = [
  number('equalPpt', 'Salinity is equal within, ppt', [0.1, 5], {
    section: 'Acclimations',
    about: 'When vessel and tank count as equal, and who is called when nobody comes. One that runs keeps what it began with.',
    hint: 'both read with one meter',
  }),
  number('equalC', 'Temperature is equal within, °C', [0.1, 5]),
  number('longH', 'Name a watcher from, h', [0.25, 48], { hint: 'of acclimations that last as long or longer' }),
  number('checkEveryMin', 'The watcher checks every, min', [5, 720], whole),
  number('callAfterMin', 'Call the watcher when late by, min', [1, 120], whole),
  number('callLeadAfterMin', 'Call a lead when late by, min', [1, 240], whole),
  number('ammoniaLine', 'Take fish out from toxic ammonia of, mg/L N', [0.01, 5], {
    section: 'Stop signs',
    about: 'From which values a vessel is no place to stay in, and how long a new fish may look unwell before it means something.',
  }),
  number('oxygenLine', 'Oxygen is low under, mg/L', [0.5, 10]),
  number('chilledByC', 'Chilled when colder than the tank by, °C', [0.5, 15]),
  number('settlingH', 'Clamped and pale is usual for, h', [0, 240]),
  number('sittingH', 'Sitting in a conversion is usual for, h', [0, 240]),
];
const AROUND: FormField[] = [
  {
    name: 'roomC',
    type: 'quantity',
    quantity: 'temperature',
    label: 'Air of the room',
    section: 'The room',
    about: 'What stands around a vessel: it takes on the temperature of the room, and its water takes on the air.',
    hint: 'a vessel that does not float goes there',
  },
  number('pco2', 'Carbon dioxide in the air, ppm', [200, 20_000], { hint: '420 outdoors; a closed room has more' }),
  number('freshPpt', 'Salinity of our fresh water, ppt', [0, 60]),
  number('ammoniaBinderH', 'An ammonia binder lasts for, h', [0.5, 240], { hint: 'by its label' }),
];
const PLAIN: FormField[] = [
  number('lateAfterH', 'A crate is urgent when late by, h', [0, 240], {
    section: 'Dock and room',
    about: 'When work becomes urgent, when a float is over, how long fish may stay in a bucket and a wet net stays dangerous.',
  }),
  number('longClosedH', 'A crate is urgent when closed for, h', [0, 240]),
  number('cleanWaterMin', 'Fish in clean water are checked within, min', [1, 240], whole),
  number('floatWithinC', 'A float is over within, °C', [0.1, 5]),
  number('eveningFromHour', 'Evening round from, hour', [1, 23], whole),
  number('missingAfterRounds', 'Not seen on so many counts: missing', [1, 20], whole),
  number('triesBeforeRest', 'Catching tries a day before a rest', [1, 20], { ...whole, hint: 'each try scares them more' }),
  number('temporaryH', 'Longest stay in a bucket or box, h', [0.25, 240], { hint: 'unless the catch slip says otherwise' }),
  number('toolDriesH', 'A wet net can carry illness for, h', [0, 240]),
];

const PREPARE: FormField[] = [
  number('readyBeforeH', 'All is ready before the crate by, h', [0, 48], {
    section: 'Before a crate comes',
    about:
      'What the list of getting ready asks for, and when. A match brings a receiving system to the bags before they come, and back by the day.',
  }),
  number('readWithinH', 'A reading older than this when it comes is taken anew, h', [1, 240]),
  number('matchFromPpt', 'A match is offered from a difference of, ppt', [0.2, 20], { hint: 'upwards is what kills' }),
  number('climbPptPerDay', 'A system climbs back by at most, ppt a day', [0.1, 5]),
  number('saltPpt', 'The salt water mixed here has, ppt', [10, 50]),
  number('saltYield', 'Grams of mix for a gram of salt', [0.8, 2], { hint: 'from its label' }),
  number('spareSaltL', 'Salt water to spare, L', [0, 5000]),
  number('firstAidL', 'First-aid water that stands ready, L', [1, 500]),
];

const UNPACK: FormField[] = [
  number('people', 'People who unpack', [1, 50], {
    ...whole,
    section: 'The order of unpacking',
    about: 'Which bag next is worked out from hands, places to float, buckets and how long each bag lasts.',
  }),
  number('buckets', 'Buckets for clean water', [1, 200], whole),
  number('litresAPlace', 'A tank takes a floating bag for each, L', [1, 10_000]),
  number('landMin', 'Landing a bag takes, min', [0.1, 60]),
  number('putMin', 'Setting a bag afloat takes, min', [0.1, 60]),
  number('pourMin', 'Pouring into clean water takes, min', [0.1, 60]),
  number('netMin', 'Netting out takes, min', [0.1, 60]),
];

/** Names of their own: `places` keeps a number for each water. */
const PLACES: FormField[] = [
  number('cm fresh', 'Fresh water, cm of fish for each L', [0.1, 20], {
    section: 'Room in a tank',
    about: 'More fish than this, now or when they are grown, counts as crowded when a tank is chosen.',
  }),
  number('cm brackish', 'Brackish water, cm of fish for each L', [0.1, 20]),
  number('cm marine', 'Sea water, cm of fish for each L', [0.1, 20]),
  number('heldDays', 'An untested treatment stays in the water for, days', [0, 365], {
    ...whole,
    hint: 'for those that it harms; copper until it is tested at zero',
  }),
];

/** Where each fact about a bag sends it; what may be chosen for each is the house's. */
const TRIAGE: FormField[] = TRIAGE_FACTS.map((fact, index): FormField => ({
  name: `triage ${fact}`,
  type: 'choice',
  label: FACT_TITLES[fact],
  options: ROUTES_FOR[fact],
  ...(index === 0
    ? {
        section: 'Where a landed bag goes',
        about:
          'What is seen of a bag sends it somewhere first; of several facts the most pressing one decides. The receiver may say otherwise, with a reason.',
      }
    : {}),
}));

/** Each cost of a place: taken by a keeper's tap, or only by a lead who says why. */
const COSTS: FormField[] = COST_CODES.map((code, index): FormField => ({
  name: code,
  type: 'choice',
  label: capital(shortReason[code]),
  options: ['a keeper', 'a lead'],
  ...(index === 0
    ? {
        section: 'Who may accept what a tank costs',
        about: 'A tank may do and still cost something. A keeper accepts it with one tap; a lead gives a reason.',
      }
    : {}),
}));
const leadOnlyOf = (values: Values) => COST_CODES.filter((code) => values[code] === 'a lead');

export const RULE_FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'The house is called' },
  zoneField('Time zone'),
  ...PLAIN,
  ...PREPARE,
  ...UNPACK,
  ...RUNS,
  ...AROUND,
  ...TRIAGE,
  ...PLACES,
  ...COSTS,
  ...MEALS,
  ...FEEDING,
  FIRST_DAY,
  ...KITCHEN,
  ...TEST_FIELDS,
  number('shortUnderH', 'A short trip is under, h closed', [0, 72], {
    section: 'The house’s default method',
    about: 'What this house does unless the figures say otherwise: local pick-up and overnight are two procedures.',
  }),
  ...(['short', 'long'] as const).flatMap((way) =>
    HOUSE_METHOD_CLASSES.map((kind): FormField => ({
      name: `${way} ${kind}`,
      type: 'choice',
      label: `${capital(kind)}, ${way} trip`,
      options: HOUSE_METHODS,
    })),
  ),
];
const houseMethodValues = ({ shortUnderH, ...ways }: HouseMethods): Values => ({
  shortUnderH: String(shortUnderH),
  ...Object.fromEntries(
    (['short', 'long'] as const).flatMap((way) => HOUSE_METHOD_CLASSES.map((kind) => [`${way} ${kind}`, ways[way][kind]])),
  ),
});
export const ruleValues = (house: { name: string; zone: string; rules: HouseRules }): Values => {
  const {
    quarantine: _quarantine,
    hungryAfterDays,
    meals,
    kitchen,
    houseMethods,
    runs,
    ambient,
    places,
    triage,
    prepare,
    unpack,
    waterTests,
    ...plain
  } = house.rules;
  const numbers = Object.fromEntries(
    Object.entries({
      name: house.name,
      zone: house.zone,
      ...plain,
      ...runs,
      ...ambient,
      ...hungryAfterDays,
      ...meals,
      ...kitchen,
      ...prepare,
      ...unpack,
    }).map(([name, value]) => [name, String(value)]),
  );
  const { cmPerL, heldDays, leadOnly = [] } = places;
  const costs = Object.fromEntries(COST_CODES.map((code) => [code, leadOnly.includes(code) ? 'a lead' : 'a keeper']));
  const room = Object.fromEntries(Object.entries(cmPerL).map(([system, cm]) => [`cm ${system}`, String(cm)]));
  const routes = Object.fromEntries(TRIAGE_FACTS.map((fact) => [`triage ${fact}`, triage[fact]]));
  return {
    ...numbers,
    ...testRuleValues(waterTests),
    firstDayMeal: meals.firstDayMeal ? 'yes' : 'no',
    ...routes,
    ...room,
    ...costs,
    heldDays: String(heldDays),
    ...houseMethodValues(houseMethods),
  };
};
const numbersOf = (values: Values, fields: readonly FormField[]) =>
  Object.fromEntries(fields.map(({ name }) => [name, numberOf(values[name])]));

/** Shown in another unit a temperature is rounded: what nobody touched stays as it was. */
const sameOr = (was: number, typed: number): number => (Math.abs(typed - was) < SHOWN_WITHIN_C ? was : typed);
const SHOWN_WITHIN_C = 0.05;

export function rulesOf(values: Values, rules: HouseRules): Draft {
  const methodsOf = (way: 'short' | 'long') => Object.fromEntries(HOUSE_METHOD_CLASSES.map((kind) => [kind, values[`${way} ${kind}`]]));
  return {
    kind: 'house.configured',
    payload: {
      name: values.name!,
      zone: values.zone!,
      // The names of the fields are those of the rules; that none is missing is tested.
      rules: {
        ...rules,
        ...numbersOf(values, PLAIN),
        triage: Object.fromEntries(TRIAGE_FACTS.map((fact) => [fact, values[`triage ${fact}`]])) as TriageRules,
        runs: numbersOf(values, RUNS) as HouseRules['runs'],
        unpack: numbersOf(values, UNPACK) as HouseRules['unpack'],
        prepare: numbersOf(values, PREPARE) as HouseRules['prepare'],
        places: {
          cmPerL: Object.fromEntries(
            WATER_TYPES.map((water) => [water, numberOf(values[`cm ${water}`])]),
          ) as HouseRules['places']['cmPerL'],
          heldDays: numberOf(values.heldDays),
          ...(leadOnlyOf(values).length > 0 ? { leadOnly: leadOnlyOf(values) } : {}),
        },
        ambient: { ...(numbersOf(values, AROUND) as HouseRules['ambient']), roomC: sameOr(rules.ambient.roomC, numberOf(values.roomC)) },
        hungryAfterDays: numbersOf(values, MEALS) as HouseRules['hungryAfterDays'],
        meals: {
          ...(numbersOf(values, FEEDING) as Omit<HouseRules['meals'], 'firstDayMeal'>),
          firstDayMeal: values.firstDayMeal === 'yes',
        },
        kitchen: numbersOf(values, KITCHEN) as HouseRules['kitchen'],
        waterTests: testRulesOf(values),
        houseMethods: { shortUnderH: numberOf(values.shortUnderH), short: methodsOf('short'), long: methodsOf('long') } as HouseMethods,
      },
    },
  };
}
