// Kinds of entries about the house's settings.
import { STARTING_RULES, type HouseRules, type SettingsEntries } from '#core/settings/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { text } from '../basics/fields.ts';
import { schemaOf } from '../basics/shapes.ts';
import { benchSettings } from '../bench/settings.ts';
import { dockSettings } from '../dock/settings.ts';
import { exposureSettings } from '../exposure/settings.ts';
import { feedingSettings } from '../feeding/settings.ts';
import { kitchenSettings } from '../kitchen/settings.ts';
import { moveSettings } from '../moves/settings.ts';
import { placementSettings } from '../placement/settings.ts';
import { prepareSettings } from '../prepare/settings.ts';
import { quarantineSettings } from '../quarantine/settings.ts';
import { roundSettings } from '../rounds/settings.ts';
import { runSettings } from '../runs/settings.ts';
import { stockSettings } from '../stock/settings.ts';
import { waterTestSettings } from '../waterTests/settings.ts';

/** What a lead decides, put together from each area's own. */
const houseRules = () =>
  schemaOf<HouseRules>({
    ...benchSettings(),
    ...dockSettings(),
    ...exposureSettings(),
    ...feedingSettings(),
    ...kitchenSettings(),
    ...moveSettings(),
    ...placementSettings(),
    ...prepareSettings(),
    ...quarantineSettings(),
    ...roundSettings(),
    ...runSettings(),
    ...stockSettings(),
    ...waterTestSettings(),
  });

const BEFORE_TRIAGE_WAS_SET = {
  critical: 'clean water now',
  soft: 'clean water now',
  foul: 'clean water now',
  poor: 'observation tank',
  tired: 'quarantine without medicine',
  'dead in the bag': 'quarantine without medicine',
  late: 'bath offered',
  'long closed': 'bath offered',
};

const BEFORE_MEALS_WERE_SET = {
  ordinaryMeals: 1,
  conditioningMeals: 3,
  fryMeals: 4,
  firstMealHour: 8,
  lastMealHour: 20,
  firstDayMeal: false,
  smallTankL: 80,
  heavyEveryDays: 2,
};
const BEFORE_KITCHEN_WAS_SET = {
  ordinaryPercent: 4,
  quarantinePercent: 3,
  conditioningPercent: 2,
  firstDayPercent: 1,
  fryPercent: 8,
  thawedKeepsH: 6,
};
const NO_TESTS = { ammonia: 0, nitrite: 0, nitrate: 0, pH: 0, salinity: 0 };
const BEFORE_WATER_TESTS_WERE_SET = {
  every: { unripe: NO_TESTS, quarantine: NO_TESTS, treated: NO_TESTS, settled: NO_TESTS },
  copperEveryDays: 0,
  limits: {
    freeAmmonia: 0.05,
    ammonia: 0.5,
    nitriteFresh: 0.5,
    nitriteSalt: 2,
    nitrate: 50,
    pHLowFresh: 6,
    pHHighFresh: 8.2,
    pHLowSalt: 7.6,
    pHHighSalt: 8.5,
    salinityOff: 1.5,
    temperatureOff: 2,
    oxygenLow: 5,
  },
  mostChangePercent: 50,
  aimPercent: 50,
  retestH: 4,
};
const BEFORE_UNPACK_WAS_SET = { people: 2, buckets: 3, litresAPlace: 15, landMin: 1.5, putMin: 0.5, pourMin: 3, netMin: 2 };
const BEFORE_PREPARE_WAS_SET = {
  readWithinH: 24,
  readyBeforeH: 2,
  matchFromPpt: 1,
  climbPptPerDay: 1,
  saltPpt: 34,
  saltYield: 1.1,
  spareSaltL: 20,
  firstAidL: 10,
};

export const settingsKinds: Kinds<SettingsEntries> = {
  'house.configured': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house'],
    upcasters: [
      // What every house did before it could say otherwise.
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, triage: BEFORE_TRIAGE_WAS_SET, cleanWaterMin: 15 } };
      },
      // Nothing was got ready by rule before it could be.
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, prepare: BEFORE_PREPARE_WAS_SET, unpack: BEFORE_UNPACK_WAS_SET } };
      },
      // Nobody planned meals before they could be.
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, meals: BEFORE_MEALS_WERE_SET } };
      },
      // Nobody weighed meals before there was a sheet for it.
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, kitchen: BEFORE_KITCHEN_WAS_SET } };
      },
      // Three rounds were the trade's rule before a house could set another.
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, missingAfterRounds: 3 } };
      },
      // No test was asked for by rule before a house could say how often; what is too much was so before.
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, waterTests: BEFORE_WATER_TESTS_WERE_SET } };
      },
    ],
    schema: { name: text(), zone: text(60), rules: houseRules() },
    example: { name: 'Saltgrass Lane Fish Room', zone: 'Europe/Lisbon', rules: STARTING_RULES },
  }),
};
