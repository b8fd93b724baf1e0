// How long and by what a hold is counted: a lead's decision for each class of fish, copied into the hold when it opens.
import type { Prey, WaterType } from '../species/index.ts';

export type HoldPolicy = {
  /** Clean days asked for, 1 to {@link LONGEST_HOLD_DAYS}. */
  days: number;
  /** Clean days asked for once a remedy has ended. */
  daysAfterRemedy: number;
  /** Whether a day under a remedy can be a clean one. */
  countsUnderRemedy: boolean;
  /** What begins the count anew besides illness and unexplained death in the lot itself. */
  restartsOn: {
    /** Fish on hold that come to the same water. */
    newcomer: boolean;
    /** Illness in other fish of the same water. */
    illnessInSystem: boolean;
    /** A wet tool, or water, that came from fish on hold. */
    contact: boolean;
  };
};

export const HOLD_CLASSES = ['fresh', 'brackish', 'marine', 'invertebrates'] as const;
export type HoldClass = (typeof HOLD_CLASSES)[number];
export type HoldPolicies = Record<HoldClass, HoldPolicy>;

export const LONGEST_HOLD_DAYS = 365;
export const RESTARTS_ON_ALL: HoldPolicy['restartsOn'] = { newcomer: true, illnessInSystem: true, contact: true };

/** A plain policy of so many days, restarted by everything; what holds were opened with before classes had policies of their own. */
export function plainPolicy(days: number): HoldPolicy {
  return { days, daysAfterRemedy: days, countsUnderRemedy: false, restartsOn: RESTARTS_ON_ALL };
}

/** Rules of thumb of the trade: two weeks in fresh and brackish water, four in the sea. */
export const STARTING_HOLDS: HoldPolicies = {
  fresh: plainPolicy(14),
  brackish: plainPolicy(14),
  marine: plainPolicy(28),
  invertebrates: { ...plainPolicy(14), restartsOn: { newcomer: true, illnessInSystem: false, contact: false } },
};

/** The same asked of them in every point. */
export function isSamePolicy(one: HoldPolicy, other: HoldPolicy): boolean {
  const points = ({ days, daysAfterRemedy, countsUnderRemedy, restartsOn }: HoldPolicy) => [
    ...[days, daysAfterRemedy, countsUnderRemedy],
    ...[restartsOn.newcomer, restartsOn.illnessInSystem, restartsOn.contact],
  ];
  return points(one).every((point, index) => point === points(other)[index]);
}

/** The class of a lot: by what it is, else by the water that it comes to. */
export function holdClassOf(lot: { is?: Prey }, water: WaterType): HoldClass {
  return lot.is && lot.is !== 'fish' ? 'invertebrates' : water;
}
