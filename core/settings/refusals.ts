// Why entries about the house may not be written; their words stand in web.

export const SETTINGS_REFUSALS = ['zone.unknown'] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof SETTINGS_REFUSALS)[number], true> {}
}
