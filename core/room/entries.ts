// What is written down about the house: its rules, racks, waters (all tanks on one sump are one water) and tanks.
import { STARTING_SCHOOLS, type Schools } from '../bench/schools.ts';
import { STARTING_HUNGRY_AFTER, type HungryAfterDays } from '../feeding/appetite.ts';
import type { WaterType } from '../species/entries.ts';

/** Numbers that a lead decides; rules of thumb of the trade to start from. */
export type HouseRules = {
  /** A float is over when bag and tank are this close, °C. */
  floatWithinC: number;
  /** From this wall hour on, a round is the evening round. */
  eveningFromHour: number;
  /** Days of hold by water type. */
  holdDays: Record<WaterType, number>;
  /** A crate this late, or closed this long, is worked first. */
  lateAfterH: number;
  longClosedH: number;
  /** Days without a meal before a lot is flagged. */
  hungryAfterDays: HungryAfterDays;
  /** Which way the house brings fish to their water, by class and time closed. */
  schools: Schools;
};

export const STARTING_RULES: HouseRules = {
  floatWithinC: 0.5,
  eveningFromHour: 14,
  holdDays: { fresh: 14, brackish: 14, marine: 28 },
  lateAfterH: 6,
  longClosedH: 36,
  hungryAfterDays: STARTING_HUNGRY_AFTER,
  schools: STARTING_SCHOOLS,
};

export type HouseConfigured = { name: string; zone: string; rules: HouseRules };
export type RackAdded = { rack: string; room: string; name: string; /** Place in the walk; suspect racks last. */ walk: number };
export type WaterAdded = { water: string; name: string; type: WaterType; temperatureC: number; salinityPpt: number; volumeL: number };

export type Purpose = 'sale' | 'home' | 'hold' | 'treatment' | 'observation' | 'customer';
export const PURPOSES: readonly Purpose[] = ['sale', 'home', 'hold', 'treatment', 'observation', 'customer'];

export type TankAdded = {
  tank: string;
  rack: string;
  water: string;
  code: string;
  volumeL: number;
  purpose: Purpose;
  lid: boolean;
  /** Where it stands in the rack seen from the front: row from the top, column from the left. */
  row: number;
  column: number;
};

export interface RoomEntries {
  'house.configured': HouseConfigured;
  'rack.added': RackAdded;
  'water.added': WaterAdded;
  'tank.added': TankAdded;
}

export type WaterFacts = { id: string } & Omit<WaterAdded, 'water'>;
export type TankFacts = { id: string } & Omit<TankAdded, 'tank'>;
