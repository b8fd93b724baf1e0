// Why entries about chores may not be written; their words stand in web.

export const CHORE_REFUSALS = [
  'chore.tooMany',
  'chore.takesTwice',
  'chore.nowhere',
  'chore.byDoing',
  'chore.notItsPlace',
  'chore.placeTwice',
  'chore.doneAlready',
  'chore.treated',
  'chore.noPercent',
  'chore.waterPerRack',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof CHORE_REFUSALS)[number], true> {}
}
