// Why entries about moves and catch slips may not be written; their words stand in web.

export const MOVES_REFUSALS = [
  'move.nowhere',
  'transfer.round',
  'transfer.done',
  'transfer.dropped',
  'transfer.resting',
  'transfer.blocked',
  'transfer.waits',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof MOVES_REFUSALS)[number], true> {}
}
