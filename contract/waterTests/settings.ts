// What a lead may decide of water tests, within bounds.
import {
  RULE_TESTS,
  TEST_PHASES,
  type RuleTest,
  type TestPhase,
  type WaterLimits,
  type WaterTestRules,
  type WaterTestSettings,
} from '#core/waterTests/index.ts';
import { count, finite } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

const everyDays = () => count(0, 365);
const each = <K extends string, V>(names: readonly K[], make: () => V) =>
  Object.fromEntries(names.map((name) => [name, make()])) as Record<K, V>;
const milligrams = (most: number) => finite(0.001, most).required();
const pH = () => finite(4, 10).required();

export const waterTestSettings = (): Shape<WaterTestSettings> => ({
  waterTests: schemaOf<WaterTestRules>({
    every: schemaOf<Record<TestPhase, Record<RuleTest, number>>>(
      each(TEST_PHASES, () => schemaOf<Record<RuleTest, number>>(each(RULE_TESTS, everyDays))),
    ),
    copperEveryDays: everyDays(),
    limits: schemaOf<WaterLimits>({
      freeAmmonia: milligrams(2),
      ammonia: milligrams(20),
      nitriteFresh: milligrams(50),
      nitriteSalt: milligrams(50),
      nitrate: milligrams(500),
      pHLowFresh: pH(),
      pHHighFresh: pH(),
      pHLowSalt: pH(),
      pHHighSalt: pH(),
      salinityOff: finite(0.1, 20).required(),
      temperatureOff: finite(0.1, 10).required(),
      oxygenLow: finite(0.5, 10).required(),
    }),
    mostChangePercent: finite(1, 100).required(),
    aimPercent: finite(1, 100).required(),
    retestH: finite(0.25, 72).required(),
  }),
});
