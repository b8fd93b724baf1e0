// Why entries about tools and water that is carried may not be written; their words stand in web.

export const EXPOSURE_REFUSALS = [
  'tool.notYourHands',
  'tool.usedSince',
  'water.tooMuch',
  'water.twoSources',
  'water.fromQuarantine',
  'water.treated',
  'water.notRead',
  'water.dilutes',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof EXPOSURE_REFUSALS)[number], true> {}
}
