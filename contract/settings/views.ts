// What the screens read of the house, its rules and what it is furnished with. Instants are UTC ms, quantities SI.
import type { ClaimAnswer, SupplierFields } from '#core/dock/index.ts';
import type { ToolFields } from '#core/exposure/index.ts';
import type { FoodFacts } from '#core/feeding/index.ts';
import type { MixFacts } from '#core/kitchen/index.ts';
import type { TankFields } from '#core/room/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import type { ChoreFacts } from '#core/chores/index.ts';
import type { TestKitCard } from '../waterTests/views.ts';
import type { OnHand } from '#core/supplies/index.ts';
import type { Preference } from '#core/water/index.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { SupplyCard } from '../kitchen/views.ts';
import type { Person } from '../people/views.ts';
import type { SpeciesName } from '../species/views.ts';
import type { SystemCard } from '../water/views.ts';

/** `isNew` = no crate has ever come. */
export type House = { name: string; zone: string; rules: HouseRules; demo: boolean; isNew?: true };

/** Who is signed in, where, and what time the house has. */
export type MeView = { person: Person; prefers: Preference; house: House; clock: { nowMs: number; frozen: boolean } };

/** What came of a supplier: crates and heads, and its claims by how the latest word on each stands. */
export type SupplierRecord = {
  crates: number;
  alive: number;
  dead: number;
  claims: Record<'sent' | ClaimAnswer, number>;
  granted: { amount: number; currency: string }[];
};

/** What a house is set up with. */
export type HouseView = {
  seq: number;
  /** `leftAct` = the act by which they left; undone when they return. */
  people: (Person & { entry: string; hasPin: boolean; leftAct?: string })[];
  /** `set` = what it is set to, whatever was measured since. */
  systems: (SystemCard & { set: { temperatureC: number; salinityPpt: number } })[];
  racks: { id: string; entry: string; name: string; room: string; walk: number; tanks: string[] }[];
  tanks: ({ id: string; entry: string; heads: number } & TankFields)[];
  /** That are kept here. */
  foods: (FoodFacts & { entry: string; here?: OnHand })[];
  /** Medicated mixes, by their labels. */
  mixes: (MixFacts & { entry: string })[];
  supplies: SupplyCard[];
  /** Tests and meters. */
  kits: TestKitCard[];
  chores: (ChoreFacts & { entry: string })[];
  tools: ({ id: string; entry: string } & ToolFields)[];
  /** Latest first. */
  ruleVersions: { entry: string; atMs: number; by: string; rules: HouseRules }[];
  /** `entry` = the latest entry on it, to base a change on. */
  suppliers: ({ id: string; entry: string; record?: SupplierRecord } & SupplierFields)[];
  species: (SpeciesName & { alsoCalled: string[] })[];
  /** Lots that were here when the records began. */
  opened: number;
};

export type SettingsViews = { house: HouseView };
export const settingsViewTopics: TopicsOf<SettingsViews> = {
  house: ['house', 'people', 'species', 'stock', 'dock', 'water', 'exposure'],
};
