// Why entries about what was seen on a round may not be written; their words stand in web.

export const ROUNDS_REFUSALS = [
  'check.contradicts',
  'check.otherDay',
  'check.notOfTheirs',
  'check.moreThanThere',
  'chase.notThere',
  'fed.contradicts',
  'fault.known',
  'fault.tooMany',
  'loss.notExamined',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof ROUNDS_REFUSALS)[number], true> {}
}
