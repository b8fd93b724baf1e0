// Why entries about foods may not be written; their words stand in web.

export const FEEDING_REFUSALS = ['food.tooMany'] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof FEEDING_REFUSALS)[number], true> {}
}
