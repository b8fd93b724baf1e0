// Why entries about who works here may not be written; their words stand in web.

export const PEOPLE_REFUSALS = ['person.notYou', 'person.gone', 'person.lastLead'] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof PEOPLE_REFUSALS)[number], true> {}
}
