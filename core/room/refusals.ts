// Why entries about racks, systems and tanks may not be written; their words stand in web.

export const ROOM_REFUSALS = [
  'tank.retired',
  'tank.notEmpty',
  'tank.hasVessels',
  'tank.expected',
  'tank.placeTaken',
  'thing.inUse',
  'vessel.otherSystem',
  'vessel.needsTank',
  'water.itself',
  'system.otherType',
  'system.tanksMoved',
] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof ROOM_REFUSALS)[number], true> {}
}
