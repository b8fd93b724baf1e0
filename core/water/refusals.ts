// Why entries about readings may not be written; their words stand in web.

export const WATER_REFUSALS = [
  'reading.implausible',
  'kit.form',
  'kit.otherQuantity',
  'kit.overScale',
  'kit.expired',
  'kit.otherCopper',
  'kit.copperNotSaid',
  'kit.tooMany',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof WATER_REFUSALS)[number], true> {}
}
