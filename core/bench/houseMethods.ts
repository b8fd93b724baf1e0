// The house's own choice of method by what it is and how long it was closed. The numbers may disagree; either may be followed.
import type { WaterType } from '../species/index.ts';
import type { BagInput, LotInput } from './input.ts';
import { METHODS, type AcclimationMethod } from './methods.ts';

export const HOUSE_METHOD_CLASSES = ['fresh', 'brackish', 'marine', 'invertebrates'] as const;
export type HouseMethodClass = (typeof HOUSE_METHOD_CLASSES)[number];
/** `as computed` = the house has no opinion of its own. */
export const HOUSE_METHODS = ['as computed', ...METHODS] as const;
export type MethodChoice = (typeof HOUSE_METHODS)[number];
export type HouseMethods = {
  shortUnderH: number;
  short: Record<HouseMethodClass, MethodChoice>;
  long: Record<HouseMethodClass, MethodChoice>;
};

const asComputed: Record<HouseMethodClass, MethodChoice> = {
  fresh: 'as computed',
  brackish: 'as computed',
  marine: 'as computed',
  invertebrates: 'as computed',
};
/** Local pick-up and overnight are two different procedures: under 3 h closed is short. */
export const STARTING_HOUSE_METHODS: HouseMethods = { shortUnderH: 3, short: asComputed, long: asComputed };

/** Salinity, ppt, from which water counts as brackish and as marine. */
const BRACKISH_FROM = 2;
const MARINE_FROM = 25;

/** Fresh, brackish or marine, by its salt. */
export function waterTypeOf(salinity: number): WaterType {
  return salinity >= MARINE_FROM ? 'marine' : salinity >= BRACKISH_FROM ? 'brackish' : 'fresh';
}

export function classOf(bag: Pick<BagInput, 'salinity'>, lot: Pick<LotInput, 'invertebrate'>): HouseMethodClass {
  return lot.invertebrate ? 'invertebrates' : waterTypeOf(bag.salinity);
}

/** What the house does with such a bag; undefined when it goes by the numbers. */
export function houseMethod(
  houseMethods: HouseMethods,
  bag: Pick<BagInput, 'salinity' | 'closedHours'>,
  lot: Pick<LotInput, 'invertebrate'>,
): AcclimationMethod | undefined {
  const school = houseMethods[bag.closedHours < houseMethods.shortUnderH ? 'short' : 'long'][classOf(bag, lot)];
  return school === 'as computed' ? undefined : school;
}
