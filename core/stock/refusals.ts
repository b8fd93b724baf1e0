// Why entries about what stands in the house may not be written; their words stand in web.

export const STOCK_REFUSALS = [
  'stock.short',
  'stock.notYet',
  'count.recordMoved',
  'count.notMissing',
  'born.notNamed',
  'born.notThere',
  'count.neverThere',
  'count.outside',
  'promise.tooMany',
  'out.inQuarantine',
  'out.promised',
  'out.orderedFor',
  'lot.namedSo',
  'lot.isNamed',
  'stay.needed',
  'stay.noEnd',
  'stay.past',
  'stay.grown',
  'split.quarantine',
  'join.otherKind',
  'join.guess',
  'join.quarantinesDiffer',
  'join.apart',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof STOCK_REFUSALS)[number], true> {}
}
