// Why such a note may not be written; its words stand in web.

export const NOTED_REFUSALS = ['noted.notThere', 'noted.twice', 'noted.moreThanThere', 'noted.against', 'noted.notOfTank'] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof NOTED_REFUSALS)[number], true> {}
}
