// What is written down about the house: its rules, racks, waters (all tanks on one sump are one water), tanks and other vessels.
import { STARTING_AROUND, type Around } from '../bench/around.ts';
import { STARTING_SCHOOLS, type Schools } from '../bench/schools.ts';
import { STARTING_HUNGRY_AFTER, type HungryAfterDays } from '../feeding/appetite.ts';
import { STARTING_HOLDS, type HoldPolicies } from '../holds/policy.ts';
import type { Change } from '../journal/changed.ts';
import { STARTING_PLACES, type PlaceRules as FitRules } from './placeRules.ts';
import { STARTING_RUN_POLICY, type RunPolicy } from '../runs/policy.ts';
import type { WaterType } from '../species/entries.ts';

/** Numbers that a lead decides; rules of thumb of the trade to start from. */
export type HouseRules = {
  /** A float is over when bag and tank are this close, °C. */
  floatWithinC: number;
  /** From this wall hour on, a round is the evening round. */
  eveningFromHour: number;
  /** How holds are counted, by class of fish. */
  holds: HoldPolicies;
  /** A crate this late, or closed this long, is worked first. */
  lateAfterH: number;
  longClosedH: number;
  /** Days without a meal before a lot is flagged. */
  hungryAfterDays: HungryAfterDays;
  /** Which way the house brings fish to their water, by class and time closed. */
  schools: Schools;
  /** Dips of the net in one day after which the fish are left alone until tomorrow. */
  triesBeforeRest: number;
  /** How long fish may stand in a bucket, box or behind a divider unless somebody says otherwise, hours. */
  temporaryH: number;
  /** A tool that nobody disinfected carries for so long, hours. */
  toolDriesH: number;
  /** When a vessel is there, who looks how often, whom the pager calls, what its water may not be. */
  runs: RunPolicy;
  /** What stands around every vessel. */
  around: Around;
  /** How places are judged: room, and how long a treatment without a test stays in a system, days. */
  places: FitRules;
};

export const STARTING_RULES: HouseRules = {
  floatWithinC: 0.5,
  eveningFromHour: 14,
  holds: STARTING_HOLDS,
  lateAfterH: 6,
  longClosedH: 36,
  hungryAfterDays: STARTING_HUNGRY_AFTER,
  schools: STARTING_SCHOOLS,
  triesBeforeRest: 3,
  temporaryH: 4,
  toolDriesH: 24,
  runs: STARTING_RUN_POLICY,
  around: STARTING_AROUND,
  places: STARTING_PLACES,
};

export type HouseConfigured = { name: string; zone: string; rules: HouseRules };

export type RackFields = { room: string; name: string; /** Place in the walk; suspect racks last. */ walk: number };
export type RackAdded = { rack: string } & RackFields;
export type RackChanged = { rack: string } & Change<RackFields>;

export type WaterFields = { name: string; type: WaterType; temperatureC: number; salinityPpt: number; volumeL: number };
export type WaterAdded = { water: string } & WaterFields;
export type WaterChanged = { water: string } & Change<WaterFields>;
/** Two waters become one: every tank of `from` is on `into` from here on, which then holds `volumeL`. */
export type WatersJoined = { from: string; into: string; tanks: string[]; volumeL: number };

export type Purpose = 'sale' | 'home' | 'hold' | 'treatment' | 'observation' | 'breeding' | 'customer';
export const PURPOSES: readonly Purpose[] = ['sale', 'home', 'hold', 'treatment', 'observation', 'breeding', 'customer'];

/** How strong the water moves in a tank; not known when nobody said. */
export const FLOWS = ['gentle', 'middling', 'strong'] as const;
export type Flow = (typeof FLOWS)[number];

/** A tank, or one of the places that fish are only put in for a time. A box hangs in a tank, a divider parts one: both are its water. */
export type Vessel = 'tank' | 'bucket' | 'box' | 'divider';
export const VESSELS: readonly Vessel[] = ['tank', 'bucket', 'box', 'divider'];
export const isTemporary = ({ vessel }: { vessel?: Vessel }): boolean => vessel !== undefined && vessel !== 'tank';

export type TankFields = {
  rack: string;
  water: string;
  code: string;
  volumeL: number;
  purpose: Purpose;
  lid: boolean;
  /** Where it stands in the rack seen from the front: row from the top, column from the left. */
  row: number;
  column: number;
  /** A tank when left out. */
  vessel?: Vessel;
  flow?: Flow;
  /** The tank that a box hangs in or a divider parts. */
  hangsIn?: string;
};
export type TankAdded = { tank: string } & TankFields;
export type TankChanged = { tank: string } & Change<TankFields>;

/** It is gone from the house: an empty tank or bucket, a rack without tanks, a water without tanks, a tool. */
export const THINGS = ['tank', 'rack', 'water', 'tool'] as const;
export type ThingRetired = { what: (typeof THINGS)[number]; id: string; why?: string };

export interface RoomEntries {
  'house.configured': HouseConfigured;
  'rack.added': RackAdded;
  'rack.changed': RackChanged;
  'water.added': WaterAdded;
  'water.changed': WaterChanged;
  'waters.joined': WatersJoined;
  'tank.added': TankAdded;
  'tank.changed': TankChanged;
  'thing.retired': ThingRetired;
}

export type RackFacts = { id: string } & RackFields;
export type WaterFacts = { id: string } & WaterFields;
export type TankFacts = { id: string; retired?: boolean } & TankFields;
