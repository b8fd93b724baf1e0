// Why entries about what goes on in a vessel may not be written; their words stand in web.

export const RUNS_REFUSALS = [
  'acclimation.running',
  'acclimation.over',
  'acclimation.otherStart',
  'acclimation.binderInCopper',
  'bath.noBath',
  'bath.invertebrate',
  'bath.harsh',
  'bath.notMatched',
  'lights.badEnd',
  'release.twice',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof RUNS_REFUSALS)[number], true> {}
}
