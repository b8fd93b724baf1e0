// The house's rules as a form: what is asked, and the entry that the answers become. Holds have a form of their own (HoldRules).
import { SCHOOL_CLASSES, SCHOOLS, type Schools } from '#core/bench/index.ts';
import type { HouseRules } from '#core/room/index.ts';
import type { Draft } from '../data/house.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';

export const RULE_FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'The house is called' },
  { name: 'zone', type: 'text', label: 'Time zone', maxLength: 60 },
  { name: 'floatWithinC', type: 'number', label: 'A float is over within, °C', min: 0.1, max: 5 },
  { name: 'eveningFromHour', type: 'number', label: 'Evening round from, hour', min: 1, max: 23, whole: true },
  {
    name: 'triesBeforeRest',
    type: 'number',
    label: 'Dips of the net a day, then rest',
    min: 1,
    max: 20,
    whole: true,
    hint: 'each dip scares them more',
  },
  { name: 'temporaryH', type: 'number', label: 'In a bucket or box for, h', min: 0.25, max: 240, hint: 'unless the slip says otherwise' },
  { name: 'toolDriesH', type: 'number', label: 'A net not disinfected carries for, h', min: 0, max: 240 },
  {
    name: 'equalPpt',
    type: 'number',
    label: 'Two waters are equal within, ppt',
    min: 0.1,
    max: 5,
    hint: 'by one meter in both; a run keeps what it began with',
  },
  { name: 'equalC', type: 'number', label: 'and within, °C', min: 0.1, max: 5 },
  { name: 'longH', type: 'number', label: 'A run is watched from, h', min: 0.25, max: 48, hint: 'somebody is named, and looks on the way' },
  { name: 'lookEveryMin', type: 'number', label: 'and looked at every, min', min: 5, max: 720, whole: true },
  { name: 'callAfterMin', type: 'number', label: 'Nobody comes: call the watcher after, min', min: 1, max: 120, whole: true },
  { name: 'callLeadAfterMin', type: 'number', label: 'then a lead after, min', min: 1, max: 240, whole: true },
  { name: 'lateAfterH', type: 'number', label: 'A crate is pressing when late by, h', min: 0, max: 240 },
  { name: 'longClosedH', type: 'number', label: 'or closed for, h', min: 0, max: 240 },
  {
    name: 'fry',
    type: 'number',
    label: 'Fry without a meal, days',
    min: 0,
    max: 365,
    whole: true,
    hint: 'from here on they are flagged on the round',
  },
  { name: 'small', type: 'number', label: 'Fish under 5 cm, days', min: 0, max: 365, whole: true },
  { name: 'other', type: 'number', label: 'Other fish, days', min: 0, max: 365, whole: true },
  { name: 'largePredator', type: 'number', label: 'Large predators, days', min: 0, max: 365, whole: true },
  { name: 'firstMarine', type: 'number', label: 'First meal of marine fish, days', min: 0, max: 365, whole: true },
  {
    name: 'shortUnderH',
    type: 'number',
    label: 'A short way is under, h closed',
    min: 0,
    max: 72,
    hint: 'local pick-up and overnight are two procedures',
  },
  ...(['short', 'long'] as const).flatMap((way) =>
    SCHOOL_CLASSES.map((kind): FormField => ({
      name: `${way} ${kind}`,
      type: 'choice',
      label: `Our way: ${kind}, ${way}`,
      options: SCHOOLS,
    })),
  ),
];
const schoolValues = ({ shortUnderH, ...ways }: Schools): Values => ({
  shortUnderH: String(shortUnderH),
  ...Object.fromEntries((['short', 'long'] as const).flatMap((way) => SCHOOL_CLASSES.map((kind) => [`${way} ${kind}`, ways[way][kind]]))),
});
export const ruleValues = (house: { name: string; zone: string; rules: HouseRules }): Values => {
  const { holds: _holds, hungryAfterDays, schools, runs, ...plain } = house.rules;
  const numbers = Object.fromEntries(
    Object.entries({ name: house.name, zone: house.zone, ...plain, ...runs, ...hungryAfterDays }).map(([name, value]) => [
      name,
      String(value),
    ]),
  );
  return { ...numbers, ...schoolValues(schools) };
};
export function rulesOf(values: Values, rules: HouseRules): Draft {
  const n = (name: string) => numberOf(values[name]);
  return {
    kind: 'house.configured',
    payload: {
      name: values.name!,
      zone: values.zone!,
      rules: {
        ...rules,
        floatWithinC: n('floatWithinC'),
        eveningFromHour: n('eveningFromHour'),
        triesBeforeRest: n('triesBeforeRest'),
        temporaryH: n('temporaryH'),
        toolDriesH: n('toolDriesH'),
        lateAfterH: n('lateAfterH'),
        longClosedH: n('longClosedH'),
        runs: {
          equalPpt: n('equalPpt'),
          equalC: n('equalC'),
          longH: n('longH'),
          lookEveryMin: n('lookEveryMin'),
          callAfterMin: n('callAfterMin'),
          callLeadAfterMin: n('callLeadAfterMin'),
        },
        hungryAfterDays: {
          fry: n('fry'),
          small: n('small'),
          other: n('other'),
          largePredator: n('largePredator'),
          firstMarine: n('firstMarine'),
        },
        schools: {
          shortUnderH: n('shortUnderH'),
          ...(Object.fromEntries(
            (['short', 'long'] as const).map((way) => [
              way,
              Object.fromEntries(SCHOOL_CLASSES.map((kind) => [kind, values[`${way} ${kind}`]])),
            ]),
          ) as Pick<Schools, 'short' | 'long'>),
        },
      },
    },
  };
}
