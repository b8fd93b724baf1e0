// Why entries about getting ready may not be written; their words stand in web.

export const PREPARE_REFUSALS = [
  'match.badSteps',
  'match.otherSalinity',
  'match.notRead',
  'match.steep',
  'match.treated',
  'match.outside',
  'prep.waitsForNothing',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof PREPARE_REFUSALS)[number], true> {}
}
