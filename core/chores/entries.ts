// What is written down of the work that comes back: what is to be done where and how often, and that it was done.
import type { Changed } from '../journal/index.ts';
import type { Used } from '../supplies/index.ts';

export const CHORE_KINDS = ['filter socks', 'water change', 'top-off', 'glass', 'badges', 'carbon', 'ultraviolet lamp', 'other'] as const;
export type ChoreKind = (typeof CHORE_KINDS)[number];
export const CHORE_PER = ['tank', 'system', 'rack'] as const;
export type ChorePer = (typeof CHORE_PER)[number];

/** `takes` = what each place needs of a supply; `percent` = of the water, of a change; `person` = whose it is as a rule; `only` = these of the tanks. */
export type ChoreFields = {
  name: string;
  is: ChoreKind;
  per: ChorePer;
  racks: string[];
  everyDays: number;
  only?: string[];
  takes?: Used[];
  percent?: number;
  person?: string;
  gone?: boolean;
};
export type ChorePlanned = { chore: string } & ChoreFields;
export type ChoreChanged = { chore: string; basedOn: string; fields: Changed<ChoreFields> };

/** Done at these places: tanks, systems or racks, as the chore is planned. */
export type ChoreDone = { chore: string; places: string[]; used?: Used[]; note?: string };

/** Water that went off replaced: plain (0 ppt) or salt. `tank` = any of the system. */
export type WaterToppedUp = { tank: string; litres: number; salinityPpt: number; used?: Used[]; note?: string };

export interface ChoreEntries {
  'chore.planned': ChorePlanned;
  'chore.changed': ChoreChanged;
  'chore.done': ChoreDone;
  'water.toppedUp': WaterToppedUp;
}

export type ChoreFacts = { id: string } & ChoreFields;

/** Whose doing has entries of its own, with litres: the chore follows from them. */
export const IS_WATER: readonly ChoreKind[] = ['water change', 'top-off'];
/** That take a medicine out of the water, or break it. */
export const AGAINST_TREATMENT: readonly ChoreKind[] = ['carbon', 'ultraviolet lamp'];
