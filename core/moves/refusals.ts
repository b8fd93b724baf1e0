// Why entries about moves and catch slips may not be written; their words stand in web.

export const MOVES_REFUSALS = [
  'move.nowhere',
  'slip.round',
  'slip.done',
  'slip.dropped',
  'slip.resting',
  'slip.blocked',
  'slip.waits',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof MOVES_REFUSALS)[number], true> {}
}
