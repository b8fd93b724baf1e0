// What is written down about the house: racks, systems (all tanks on one sump are one system), tanks and other vessels.
import type { Change } from '../journal/index.ts';
import type { WaterType } from '../species/index.ts';

export type RackFields = { room: string; name: string; /** Place in the walk; suspect racks last. */ walk: number };
export type RackAdded = { rack: string } & RackFields;
export type RackChanged = { rack: string } & Change<RackFields>;

export type SystemFields = { name: string; type: WaterType; temperatureC: number; salinityPpt: number; volumeL: number };
export type SystemAdded = { system: string } & SystemFields;
export type SystemChanged = { system: string } & Change<SystemFields>;
/** Two systems become one: every tank of `from` is on `into` from here on, which then holds `volumeL`. */
export type SystemsJoined = { from: string; into: string; tanks: string[]; volumeL: number };

export type Purpose = 'sale' | 'home' | 'quarantine' | 'treatment' | 'observation' | 'breeding' | 'customer';
export const PURPOSES: readonly Purpose[] = ['sale', 'home', 'quarantine', 'treatment', 'observation', 'breeding', 'customer'];

/** How strong the water moves in a tank; not known when nobody said. */
export const FLOWS = ['gentle', 'middling', 'strong'] as const;
export type Flow = (typeof FLOWS)[number];

/** A tank, or one of the places that fish are only put in for a time. A box hangs in a tank, a divider parts one: both are its system. */
export type Vessel = 'tank' | 'bucket' | 'box' | 'divider';
export const VESSELS: readonly Vessel[] = ['tank', 'bucket', 'box', 'divider'];
export const isTemporary = ({ vessel }: { vessel?: Vessel }): boolean => vessel !== undefined && vessel !== 'tank';

export type TankFields = {
  rack: string;
  system: string;
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

/** It is gone from the house: an empty tank or bucket, a rack without tanks, a system without tanks, a tool. */
export const THINGS = ['tank', 'rack', 'system', 'tool'] as const;
export type ThingRetired = { what: (typeof THINGS)[number]; id: string; why?: string };

export interface RoomEntries {
  'rack.added': RackAdded;
  'rack.changed': RackChanged;
  'system.added': SystemAdded;
  'system.changed': SystemChanged;
  'systems.joined': SystemsJoined;
  'tank.added': TankAdded;
  'tank.changed': TankChanged;
  'thing.retired': ThingRetired;
}

export type RackFacts = { id: string } & RackFields;
export type SystemFacts = { id: string } & SystemFields;
export type TankFacts = { id: string; retired?: boolean } & TankFields;
