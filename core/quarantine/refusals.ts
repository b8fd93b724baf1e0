// Why entries about quarantine may not be written; their words stand in web.

export const QUARANTINE_REFUSALS = [
  'hold.alreadyOpen',
  'hold.otherPolicy',
  'hold.notOpened',
  'hold.notOpen',
  'hold.notOver',
  'hold.notEating',
  'hold.neverAte',
  'hold.unseen',
  'hold.underRemedy',
  'cost.leftCleared',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof QUARANTINE_REFUSALS)[number], true> {}
}
