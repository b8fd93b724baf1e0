// Kinds of entries about the house's settings.
import { STARTING_AROUND, STARTING_SCHOOLS } from '#core/bench/index.ts';
import { STARTING_HUNGRY_AFTER } from '#core/feeding/index.ts';
import { STARTING_PLACES } from '#core/placement/index.ts';
import { plainPolicy, STARTING_HOLDS } from '#core/quarantine/index.ts';
import { STARTING_RUN_POLICY } from '#core/runs/index.ts';
import { STARTING_RULES, type HouseRules, type SettingsEntries } from '#core/settings/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { text } from '../basics/fields.ts';
import { schemaOf } from '../basics/shapes.ts';
import { benchSettings } from '../bench/settings.ts';
import { dockSettings } from '../dock/settings.ts';
import { exposureSettings } from '../exposure/settings.ts';
import { feedingSettings } from '../feeding/settings.ts';
import { moveSettings } from '../moves/settings.ts';
import { placementSettings } from '../placement/settings.ts';
import { quarantineSettings } from '../quarantine/settings.ts';
import { roundSettings } from '../rounds/settings.ts';
import { runSettings } from '../runs/settings.ts';
import { stockSettings } from '../stock/settings.ts';

/** What a lead decides, put together from each area's own. */
const houseRules = () =>
  schemaOf<HouseRules>({
    ...benchSettings(),
    ...dockSettings(),
    ...exposureSettings(),
    ...feedingSettings(),
    ...moveSettings(),
    ...placementSettings(),
    ...quarantineSettings(),
    ...roundSettings(),
    ...runSettings(),
    ...stockSettings(),
  });

export const settingsKinds: Kinds<SettingsEntries> = {
  'house.configured': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house'],
    upcasters: [
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, hungryAfterDays: STARTING_HUNGRY_AFTER } };
      },
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, schools: STARTING_SCHOOLS } };
      },
      (payload) => {
        const { rules, ...rest } = payload as { rules?: { holdDays?: Partial<Record<'fresh' | 'brackish' | 'marine', number>> } };
        const { holdDays = {}, ...other } = rules ?? {};
        const { fresh, brackish, marine } = holdDays;
        // A hold of no days, which the first versions allowed, is one of one day now: the clock counts in days that are over.
        // What was no house then is none now: it meets the schema as it came.
        const of = (days = Number.NaN) => plainPolicy(Math.max(1, days));
        const holds = { ...STARTING_HOLDS, fresh: of(fresh), brackish: of(brackish), marine: of(marine) };
        return { ...rest, rules: { ...other, holds, triesBeforeRest: 3, temporaryH: 4, toolDriesH: 24 } };
      },
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, runs: STARTING_RUN_POLICY, around: STARTING_AROUND } };
      },
      (payload) => {
        const { rules, ...rest } = payload as { rules: object };
        return { ...rest, rules: { ...rules, places: STARTING_PLACES } };
      },
    ],
    schema: { name: text(), zone: text(60), rules: houseRules() },
    example: { name: 'Saltgrass Lane Fish Room', zone: 'Europe/Lisbon', rules: STARTING_RULES },
  }),
};
