// What is written down of a fish that heals: what is followed, every measure, and how it ended.

export const HEALING_BY = ['mm', 'percent'] as const;
/** Millimetres of a wound, which are to fall; or percent of a fin grown back, which are to rise. */
export type HealingBy = (typeof HEALING_BY)[number];
export const HEALED_HOW = ['returned', 'healed', 'died', 'given up'] as const;
export type HealedHow = (typeof HEALED_HOW)[number];

/** `until` = at which it may return; measured every so many days. */
export type HealingBegun = { healing: string; lot: string; what: string; by: HealingBy; until: number; everyDays: number; note?: string };
export type HealingMeasured = { healing: string; value: number; note?: string };
export type HealingEnded = { healing: string; how: HealedHow; why?: string };

export interface HealingEntries {
  'healing.begun': HealingBegun;
  'healing.measured': HealingMeasured;
  'healing.ended': HealingEnded;
}

export type HealingFacts = HealingBegun & { begunMs: number };
