// Why entries about what comes in may not be written; their words stand in web.

export const DOCK_REFUSALS = [
  'crate.alreadyArrived',
  'crate.notArrived',
  'crate.alreadyGivenUp',
  'crate.badList',
  'crate.longPacked',
  'crate.longOnWay',
  'crate.farOff',
  'box.notListed',
  'box.nothing',
  'box.tooMany',
  'bag.alreadyLanded',
  'bag.alreadyAbsent',
  'bag.notLanded',
  'bag.otherLot',
  'bag.empty',
  'bag.eachDiffers',
  'bag.alreadyReleased',
  'bag.notAssigned',
  'order.badLines',
  'order.droppedAlready',
  'order.expected',
  'order.otherSupplier',
  'wish.done',
  'wish.ordered',
  'claim.otherCount',
  'claim.nothing',
  'claim.sentAlready',
  'claim.notSent',
  'claim.few',
  'claim.late',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof DOCK_REFUSALS)[number], true> {}
}
