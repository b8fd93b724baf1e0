// Why entries about quarantine may not be written; their words stand in web.

export const QUARANTINE_REFUSALS = [
  'quarantine.alreadyOpen',
  'quarantine.otherPolicy',
  'quarantine.notOpened',
  'quarantine.notOpen',
  'quarantine.notOver',
  'quarantine.notEating',
  'quarantine.neverAte',
  'quarantine.unseen',
  'quarantine.underTreatment',
  'cost.leftCleared',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof QUARANTINE_REFUSALS)[number], true> {}
}
