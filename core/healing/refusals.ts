// Why entries about healing may not be written; their words stand in web.

export const HEALING_REFUSALS = ['healing.running', 'healing.over', 'healing.notMet', 'healing.badShare', 'healing.notHere'] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof HEALING_REFUSALS)[number], true> {}
}
