// How long and by what a quarantine is counted: a lead's decision for each class of fish, copied into the quarantine when it opens.
import type { Prey, WaterType } from '../species/index.ts';

export type QuarantinePolicy = {
  /** Clear days asked for, 1 to {@link LONGEST_QUARANTINE_DAYS}. */
  days: number;
  /** Clear days asked for once a treatment has ended. */
  daysAfterTreatment: number;
  /** Whether a day under a treatment can be a clear one. */
  countsUnderTreatment: boolean;
  /** What begins the count anew besides illness and unexplained death in the lot itself. */
  restartsOn: {
    /** Fish in quarantine that come to the same system. */
    newcomer: boolean;
    /** Illness in other fish of the same system. */
    illnessInSystem: boolean;
    /** A wet tool, or water, that came from fish in quarantine. */
    contact: boolean;
  };
};

export const QUARANTINE_CLASSES = ['fresh', 'brackish', 'marine', 'invertebrates'] as const;
export type QuarantineClass = (typeof QUARANTINE_CLASSES)[number];
export type QuarantinePolicies = Record<QuarantineClass, QuarantinePolicy>;

export const LONGEST_QUARANTINE_DAYS = 365;
export const RESTARTS_ON_ALL: QuarantinePolicy['restartsOn'] = { newcomer: true, illnessInSystem: true, contact: true };

/** A plain policy of so many days, restarted by everything; what holds were opened with before classes had policies of their own. */
export function plainPolicy(days: number): QuarantinePolicy {
  return { days, daysAfterTreatment: days, countsUnderTreatment: false, restartsOn: RESTARTS_ON_ALL };
}

/** Rules of thumb of the trade: two weeks in fresh and brackish water, four in the sea. */
export const STARTING_QUARANTINES: QuarantinePolicies = {
  fresh: plainPolicy(14),
  brackish: plainPolicy(14),
  marine: plainPolicy(28),
  invertebrates: { ...plainPolicy(14), restartsOn: { newcomer: true, illnessInSystem: false, contact: false } },
};

/** The same asked of them in every point. */
export function isSamePolicy(quarantinePolicy: QuarantinePolicy, otherQuarantinePolicy: QuarantinePolicy): boolean {
  const points = ({ days, daysAfterTreatment, countsUnderTreatment, restartsOn }: QuarantinePolicy) => [
    ...[days, daysAfterTreatment, countsUnderTreatment],
    ...[restartsOn.newcomer, restartsOn.illnessInSystem, restartsOn.contact],
  ];
  return points(quarantinePolicy).every((point, index) => point === points(otherQuarantinePolicy)[index]);
}

/** The class of a lot: by what it is, else by the water that it comes to. */
export function quarantineClassOf(lot: { is?: Prey }, water: WaterType): QuarantineClass {
  return lot.is && lot.is !== 'fish' ? 'invertebrates' : water;
}
