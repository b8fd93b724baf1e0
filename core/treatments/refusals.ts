// Why entries about treatments may not be written; their words stand in web.

export const TREATMENTS_REFUSALS = [
  'remedy.running',
  'remedy.notRunning',
  'remedy.harms',
  'remedy.invertebrates',
  'remedy.notKnown',
  'remedy.second',
  'remedy.frail',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof TREATMENTS_REFUSALS)[number], true> {}
}
