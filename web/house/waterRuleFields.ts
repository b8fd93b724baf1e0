// The fields of the house's rules about tests of water: how often in which phase, and the limits.
import { RULE_TESTS, TEST_PHASES, type WaterLimits, type WaterTestRules } from '#core/waterTests/index.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';
import { titleOf } from '../words/waterTests.ts';
import { number, whole } from './ruleFields.ts';

const PHASE_TITLES = {
  unripe: 'while its filter is not ripe, or nobody knows',
  quarantine: 'with fish in quarantine',
  treated: 'under a treatment',
  settled: 'else',
} as const;
const everyName = (phase: string, quantity: string) => `test ${phase} ${quantity}`;
const LIMITS: Record<keyof WaterLimits, [label: string, least: number, most: number, hint?: string]> = {
  freeAmmonia: ['Toxic ammonia at most, mg/L N', 0.001, 2, 'gills suffer over days from 0.05'],
  ammonia: ['All ammonia at most, mg/L N', 0.001, 20, 'a ripe filter leaves none'],
  nitriteFresh: ['Nitrite in fresh water at most, mg/L', 0.001, 50],
  nitriteSalt: ['Nitrite in salt water at most, mg/L', 0.001, 50],
  nitrate: ['Nitrate at most, mg/L', 0.001, 500],
  pHLowFresh: ['pH of fresh water at least', 4, 10],
  pHHighFresh: ['pH of fresh water at most', 4, 10],
  pHLowSalt: ['pH of salt water at least', 4, 10],
  pHHighSalt: ['pH of salt water at most', 4, 10],
  salinityOff: ['Salinity off what it is set to, ppt', 0.1, 20],
  temperatureOff: ['Temperature off what it is set to, °C', 0.1, 10],
  oxygenLow: ['Oxygen at least, mg/L', 0.5, 10],
};

export const TEST_FIELDS: FormField[] = [
  ...TEST_PHASES.flatMap((phase, turn) =>
    RULE_TESTS.map((quantity, index) =>
      number(everyName(phase, quantity), `${titleOf(quantity)} every, days`, [0, 365], {
        ...whole,
        ...(index === 0
          ? {
              section: `Tests of water ${PHASE_TITLES[phase]}`,
              about:
                turn === 0
                  ? 'Days from test to test; 0 is not asked. Of several phases the shortest counts; a system may have its own.'
                  : '',
            }
          : {}),
      }),
    ),
  ),
  number('copperEveryDays', 'Copper while it is in the water every, days', [0, 365], { ...whole, hint: 'as often as the label asks' }),
  ...(Object.keys(LIMITS) as (keyof WaterLimits)[]).map((name, index) => {
    const [label, least, most, hint] = LIMITS[name];
    return number(`limit ${name}`, label, [least, most], {
      ...(hint ? { hint } : {}),
      ...(index === 0
        ? {
            section: 'Limits of water',
            about:
              'Judgements to begin with. A value over its limit asks what is done about it. Of copper there is none but the label’s, system by system.',
          }
        : {}),
    });
  }),
  number('mostChangePercent', 'Change at most at once, %', [1, 100]),
  number('aimPercent', 'A change brings it to, % of its limit', [1, 100]),
  number('retestH', 'Read again within, h', [0.25, 72]),
];

export const testRuleValues = ({ every, limits, ...plain }: WaterTestRules): Values => ({
  ...Object.fromEntries(Object.entries(plain).map(([name, value]) => [name, String(value)])),
  ...Object.fromEntries(
    TEST_PHASES.flatMap((phase) => RULE_TESTS.map((quantity) => [everyName(phase, quantity), String(every[phase][quantity])])),
  ),
  ...Object.fromEntries(Object.entries(limits).map(([name, value]) => [`limit ${name}`, String(value)])),
});

export const testRulesOf = (values: Values): WaterTestRules => ({
  every: Object.fromEntries(
    TEST_PHASES.map((phase) => [
      phase,
      Object.fromEntries(RULE_TESTS.map((quantity) => [quantity, numberOf(values[everyName(phase, quantity)])])),
    ]),
  ) as WaterTestRules['every'],
  limits: Object.fromEntries(Object.keys(LIMITS).map((name) => [name, numberOf(values[`limit ${name}`])])) as WaterLimits,
  copperEveryDays: numberOf(values.copperEveryDays),
  mostChangePercent: numberOf(values.mostChangePercent),
  aimPercent: numberOf(values.aimPercent),
  retestH: numberOf(values.retestH),
});
