// Why entries about supplies may not be written; their words stand in web.

export const SUPPLY_REFUSALS = [
  'supply.tooMany',
  'supply.unitFixed',
  'supply.notSoMuch',
  'supply.notReused',
  'supply.twice',
  'supply.notSalt',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof SUPPLY_REFUSALS)[number], true> {}
}
