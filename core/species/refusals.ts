// Why entries about species may not be written; their words stand in web.

export const SPECIES_REFUSALS = ['range.upsideDown'] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof SPECIES_REFUSALS)[number], true> {}
}
