// Where a fish can be. Inside places are the house's own tanks, bags and vessels; outside places are where fish come
// from and go to. An outside place is an account: it may run below zero, an inside place may not.
export const OUTSIDE_PLACES = [
  'supplier',
  'hatched',
  'opening',
  'sold',
  'given',
  'died',
  'put-down',
  'culled',
  'missing',
  'returned',
  'discrepancy',
  'relabelled',
] as const;
export type OutsidePlace = (typeof OUTSIDE_PLACES)[number];

const outside: ReadonlySet<string> = new Set(OUTSIDE_PLACES);

export function isOutside(place: string): place is OutsidePlace {
  return outside.has(place);
}
