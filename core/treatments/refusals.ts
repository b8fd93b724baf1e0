// Why entries about treatments may not be written; their words stand in web.

export const TREATMENTS_REFUSALS = [
  'treatment.running',
  'treatment.notRunning',
  'treatment.harms',
  'treatment.invertebrates',
  'treatment.notKnown',
  'treatment.second',
  'treatment.frail',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof TREATMENTS_REFUSALS)[number], true> {}
}
