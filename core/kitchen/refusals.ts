// Why entries of the kitchen may not be written; their words stand in web.

export const KITCHEN_REFUSALS = [
  'mix.tooMany',
  'mix.firstTaken',
  'batch.foodTwice',
  'batch.badMix',
  'batch.farOff',
  'batch.tooMany',
  'batch.notThere',
  'batch.doneAlready',
  'batch.noSuchStep',
  'course.running',
  'course.onBreak',
  'course.noSign',
  'course.none',
  'fed.notInBatch',
  'fed.batchOld',
  'fed.batchNotReady',
  'fed.otherMix',
  'fed.invertebrates',
  'fed.harms',
  'fed.notKnown',
  'fed.second',
  'fed.medicatedTwice',
  'fed.notOnCourse',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof KITCHEN_REFUSALS)[number], true> {}
}
