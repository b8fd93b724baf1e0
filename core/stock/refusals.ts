// Why entries about what stands in the house may not be written; their words stand in web.

export const STOCK_REFUSALS = [
  'stock.short',
  'stock.notYet',
  'count.bookMoved',
  'count.neverThere',
  'promise.tooMany',
  'out.onHold',
  'out.promised',
  'lot.namedSo',
  'lot.isNamed',
  'stay.needed',
  'stay.noEnd',
  'stay.past',
  'stay.grown',
  'split.hold',
  'join.otherKind',
  'join.holdsDiffer',
  'join.apart',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof STOCK_REFUSALS)[number], true> {}
}
