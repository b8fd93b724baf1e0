// Heat: how a floating bag comes to its tank's temperature. Newton's law of cooling with one time constant.

/** Minutes in which a floated 1 L bag closes 63 % of the gap. A judgement, not a measurement: true within ×/÷ {@link TAU_FACTOR}. */
export const TAU_ONE_LITRE_MIN = 14;
export const TAU_FACTOR = 1.5;
/** Volumes for which the law was thought out; outside them the answer is still given, flagged `extrapolated`. */
const VOLUME_RANGE_L = { min: 0.1, max: 20 };

/**
 * Thermal time constant of a floated bag, minutes: 14 min × (volume / 1 L)^(1/3).
 * Surface grows with V^(2/3) and heat with V, hence the cube root.
 * Throws a RangeError unless `volumeL` is finite and above 0.
 * @example floatTau(8) === 28
 */
export function floatTau(volumeL: number): number {
  if (!(volumeL > 0) || !Number.isFinite(volumeL)) throw new RangeError(`bag volume must be above 0 L, got ${volumeL}`);
  return TAU_ONE_LITRE_MIN * Math.cbrt(volumeL);
}

/** Thermal time constant of a vessel of 10 L that stands in air, hours. A judgement, true within ×/÷ {@link TAU_FACTOR}. */
const STANDING_10_L_H = 6;

/** Thermal time constant, hours, of a bag or bucket that stands in air: 6 h × (volume / 10 L)^(1/3). Errors of {@link floatTau}. @example standingTauH(10) === 6 */
export function standingTauH(volumeL: number): number {
  if (!(volumeL > 0) || !Number.isFinite(volumeL)) throw new RangeError(`volume must be above 0 L, got ${volumeL}`);
  return STANDING_10_L_H * Math.cbrt(volumeL / 10);
}

export type FloatTime = {
  /** Best estimate, minutes; 0 when bag and tank already agree. */
  minutes: number;
  /** The same with the time constant divided and multiplied by {@link TAU_FACTOR}. */
  low: number;
  high: number;
  /** The bag is larger or smaller than the law was thought out for. */
  extrapolated: boolean;
};

/**
 * How long to float until bag and tank are within `withinC` of each other: tau · ln(gap / within).
 * Inputs: °C (any sign of gap), litres, °C above 0. Source: lumped-capacity cooling; tau is a judgement.
 * Throws a RangeError on a volume or `withinC` that is not above 0, or a temperature that is not finite.
 * @example floatTime({ bagC: 22, tankC: 25, volumeL: 1, withinC: 0.5 }).minutes ≈ 25.1
 */
export function floatTime(input: { bagC: number; tankC: number; volumeL: number; withinC: number }): FloatTime {
  const gap = Math.abs(input.bagC - input.tankC);
  if (!Number.isFinite(gap)) throw new RangeError('temperatures must be finite');
  if (!(input.withinC > 0)) throw new RangeError(`the allowed gap must be above 0 °C, got ${input.withinC}`);
  const tau = floatTau(input.volumeL);
  const minutes = gap <= input.withinC ? 0 : tau * Math.log(gap / input.withinC);
  return {
    minutes,
    low: minutes / TAU_FACTOR,
    high: minutes * TAU_FACTOR,
    extrapolated: input.volumeL < VOLUME_RANGE_L.min || input.volumeL > VOLUME_RANGE_L.max,
  };
}

/** Bag temperature after `minutes` afloat, °C: T + (T0 − T)·e^(−t/tau). Same ranges and errors as {@link floatTime}. */
export function temperatureAfloat(input: { bagC: number; tankC: number; volumeL: number; minutes: number }): number {
  return input.tankC + (input.bagC - input.tankC) * Math.exp(-input.minutes / floatTau(input.volumeL));
}
