// Why entries about how a bag is opened may not be written; their words stand in web.

export const BENCH_REFUSALS = [
  'method.noReason',
  'method.notMeasured',
  'method.overTolerance',
  'method.notComputed',
  'float.running',
  'float.notThisBag',
  'release.countDiffers',
  'release.noFloat',
  'release.otherTank',
  'release.salinity',
  'release.temperature',
  'release.settledPH',
  'bag.inCleanWater',
  'cleanWater.notKnown',
  'cleanWater.notMatched',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof BENCH_REFUSALS)[number], true> {}
}
