// Why entries about water tests may not be written; their words stand in web.

export const WATER_TEST_REFUSALS = [
  'tests.planTwice',
  'tests.noRange',
  'answer.notOver',
  'answer.already',
  'answer.noChange',
  'answer.binderInCopper',
  'answer.noReason',
  'answer.notEnough',
  'answer.nothingElse',
  'answer.noRetest',
  'answer.lateRetest',
  'answer.byKeeper',
  'water.frees',
  'water.freesPerhaps',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof WATER_TEST_REFUSALS)[number], true> {}
}
