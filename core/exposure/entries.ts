// What is written down about things that carry water from tank to tank: nets, hoses, hands, and water itself.
import type { Change } from '../journal/index.ts';
import type { MedicationFamily } from '../species/index.ts';
import type { Used } from '../supplies/index.ts';

export const TOOL_KINDS = ['net', 'cup', 'hose', 'tongs', 'bucket', 'scissors', 'other'] as const;
export type ToolKind = (typeof TOOL_KINDS)[number];

export type ToolFields = {
  name: string;
  what: ToolKind;
  /** The racks that it belongs to; elsewhere it should not be used. Empty = of no group. */
  racks: string[];
  meshMm?: number;
  widthCm?: number;
};
export type ToolAdded = { tool: string } & ToolFields;
export type ToolChanged = { tool: string } & Change<ToolFields>;
/** It was wet in these tanks, in this order. A person's hands are the tool `hands-<person>`. */
export type ToolUsed = { tool: string; tanks: string[]; note?: string };
/** Disinfected and dried, or washed: it carries nothing from here on. */
export type ToolDisinfected = { tool: string; note?: string };

/**
 * Some of a tank's water was changed: for freshly mixed water, as it was read, or for that of another tank of the house. `atSump` = all of its system's, where
 * it runs together.
 */
export type WaterExchanged = {
  tank: string;
  litres: number;
  source: 'mixed' | 'tank';
  fromTank?: string;
  atSump?: boolean;
  salinityPpt?: number;
  temperatureC?: number;
  pH?: number;
  /** What was given again for these litres, to the level that is in the water, by its label. */
  redosed?: MedicationFamily[];
  used?: Used[];
  note?: string;
};

export interface ExposureEntries {
  'tool.added': ToolAdded;
  'tool.changed': ToolChanged;
  'tool.used': ToolUsed;
  'tool.disinfected': ToolDisinfected;
  'water.exchanged': WaterExchanged;
}

export type ToolFacts = { id: string } & ToolFields;
const HANDS = 'hands-';
export const handsOf = (person: string): string => `${HANDS}${person}`;
/** Whose hands a tool is, if it is hands. */
export const personOfHands = (tool: string): string | undefined => (tool.startsWith(HANDS) ? tool.slice(HANDS.length) : undefined);
