// Why entries about what is due may not be written; their words stand in web.

export const TODAY_REFUSALS = ['shift.own', 'shift.takenAlready', 'due.badSnooze', 'due.endsByDoing', 'due.wantsReason'] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof TODAY_REFUSALS)[number], true> {}
}
