// Water mixed into water: closed forms and their inverses. Concentrations in any unit, volumes L, flows L/h, times h.

/** Well mixed, growing from `startL` with nothing leaving: X = Xt + (X0 − Xt)·V0/(V0 + added). */
export function mixedGrowing({ start, tank, startL, addedL }: { start: number; tank: number; startL: number; addedL: number }): number {
  mustBeAbove('start volume', startL, 0);
  return tank + ((start - tank) * startL) / (startL + addedL);
}

/** Well mixed at constant volume, the surplus overflowing: X = Xt + (X0 − Xt)·e^(−added/V). */
export function mixedOverflowing({
  start,
  tank,
  volumeL,
  addedL,
}: {
  start: number;
  tank: number;
  volumeL: number;
  addedL: number;
}): number {
  mustBeAbove('volume', volumeL, 0);
  return tank + (start - tank) * Math.exp(-addedL / volumeL);
}

/** A bucket: grows until it is full, then overflows. `share` = how much of the way to the tank's water it has come, 0–1. */
export function shareMixed({ startL, bucketL, addedL }: { startL: number; bucketL: number; addedL: number }): number {
  mustBeAbove('start volume', startL, 0);
  if (bucketL < startL) throw new RangeError(`the bucket (${bucketL} L) is smaller than the water in it (${startL} L)`);
  const untilFull = Math.min(addedL, bucketL - startL);
  const left = (startL / (startL + untilFull)) * Math.exp(-(addedL - untilFull) / (startL + untilFull));
  return 1 - left;
}

/**
 * Litres to run in until a share of 0–1 of the gap is closed. A bucket that is filled half full is filled only halfway: what
 * does not fit in comes by overflow. Throws a RangeError for a share of 1 or more: it is never reached.
 * @example litresForShare({ share: 0.5, startL: 2, bucketL: 4 }) === 2
 */
export function litresForShare({ share, startL, bucketL }: { share: number; startL: number; bucketL: number }): number {
  mustBeAbove('start volume', startL, 0);
  if (!(share >= 0 && share < 1)) throw new RangeError(`a share of ${share} is never reached by mixing`);
  if (bucketL < startL) throw new RangeError(`the bucket (${bucketL} L) is smaller than the water in it (${startL} L)`);
  const growing = startL / (1 - share) - startL;
  const room = bucketL - startL;
  if (growing <= room) return growing;
  return room + bucketL * Math.log(startL / bucketL / (1 - share));
}

/** How much of the gap must close for `start` to come within `within` of `tank`; 0 when it is there already. */
export function shareFor({ start, tank, within }: { start: number; tank: number; within: number }): number {
  mustBeAbove('within', within, 0);
  const gap = Math.abs(start - tank);
  return gap <= within ? 0 : 1 - within / gap;
}

/** Hours until the bucket is full. Infinite without flow. */
export function hoursUntilFull({ startL, bucketL, flowLPerH }: { startL: number; bucketL: number; flowLPerH: number }): number {
  return flowLPerH > 0 ? Math.max(0, bucketL - startL) / flowLPerH : bucketL > startL ? Infinity : 0;
}

/**
 * The steady flow, L/h, that closes `share` of the gap in `hours`, and the steepest rate of change it makes (at its start),
 * in the unit of `gap` per hour. A steady drip is steepest in its first hour.
 */
export function steadyFlow(vessel: { share: number; startL: number; bucketL: number; hours: number; gap: number }): {
  flowLPerH: number;
  steepestPerH: number;
} {
  mustBeAbove('hours', vessel.hours, 0);
  const flowLPerH = litresForShare(vessel) / vessel.hours;
  return { flowLPerH, steepestPerH: (Math.abs(vessel.gap) * flowLPerH) / vessel.startL };
}

/**
 * A plan of rising flow for a straight line: the gap closes at the same rate every hour. In each step the flow that closes
 * its part; `steps` of equal time. The last hundredth of a gap is left: it would take an endless flow.
 */
export function risingPlan(vessel: { startL: number; bucketL: number; hours: number; steps: number; share?: number }): {
  fromH: number;
  flowLPerH: number;
  share: number;
}[] {
  const { startL, bucketL, hours, steps, share: all = 0.95 } = vessel;
  mustBeAbove('hours', hours, 0);
  const each = hours / steps;
  return Array.from({ length: steps }, (_, step) => {
    const [from, to] = [(all * step) / steps, (all * (step + 1)) / steps];
    const litres = litresForShare({ share: to, startL, bucketL }) - litresForShare({ share: from, startL, bucketL });
    return { fromH: step * each, flowLPerH: litres / each, share: to };
  });
}

/**
 * Litres of V to swap for water of `with` so that it comes from `from` to `to`: x = V(S1 − S2)/(S1 − S3). Throws a RangeError
 * when that water cannot bring it there: say what is needed instead.
 * @example swapLitres({ volumeL: 300, from: 32, to: 28, with: 0 }) === 37.5
 */
export function swapLitres({ volumeL, from, to, with: swapped }: { volumeL: number; from: number; to: number; with: number }): number {
  mustBeAbove('volume', volumeL, 0);
  if (from === to) return 0;
  const litres = (volumeL * (from - to)) / (from - swapped);
  if (!(litres > 0 && litres <= volumeL)) throw new RangeError(`water of ${swapped} never brings ${from} to ${to}`);
  return litres;
}

/**
 * A slow climb (or descent) by daily swaps, at most `perDay`: what to swap each day with water of `with`.
 * Days are counted from 1. Throws a RangeError as {@link swapLitres}.
 */
export function climb(system: { volumeL: number; from: number; to: number; perDay: number; with: number }): {
  day: number;
  to: number;
  litres: number;
}[] {
  mustBeAbove('change a day', system.perDay, 0);
  const gap = system.to - system.from;
  const days = Math.ceil(Math.abs(gap) / system.perDay - 1e-9);
  return Array.from({ length: days }, (_, index) => {
    const valueOn = (day: number) => (day === days ? system.to : system.from + Math.sign(gap) * system.perDay * day);
    return {
      day: index + 1,
      to: valueOn(index + 1),
      litres: swapLitres({ volumeL: system.volumeL, from: valueOn(index), to: valueOn(index + 1), with: system.with }),
    };
  });
}

/**
 * A tank when so many closed bags have come to its temperature: heat is shared by volume, and the bags displace their own.
 * @example floatedTank({ tankL: 60, tankC: 25, bags: [{ litres: 2, temperature: 20 }] }).temperature.toFixed(2) === '24.84'
 */
export function floatedTank(float: { tankL: number; tankC: number; bags: readonly { litres: number; temperature: number }[] }): {
  temperature: number;
  displacedL: number;
} {
  mustBeAbove('tank volume', float.tankL, 0);
  const parts = [
    { litres: float.tankL, value: float.tankC },
    ...float.bags.map(({ litres, temperature }) => ({ litres, value: temperature })),
  ];
  return { temperature: pooled(parts), displacedL: float.bags.reduce((sum, { litres }) => sum + litres, 0) };
}

/**
 * A system after a bucket has spilt into it: of what left the bucket, its deficit (or surplus) of salt and whatever lived in the bag. The system
 * gave the same volume as drip, so its volume stays. A waste tub spares it both.
 */
export function systemAfterOverflow(overflow: {
  systemL: number;
  system: number;
  bucketStart: number;
  bucketEnd: number;
  startL: number;
  bucketL: number;
  addedL: number;
}): number {
  mustBeAbove('system volume', overflow.systemL, 0);
  const { systemL, system, bucketStart, bucketEnd, startL, bucketL, addedL } = overflow;
  // What the bucket held and quarantines, and what ran in, tell what ran out.
  const endL = Math.min(bucketL, startL + addedL);
  const spilt = bucketStart * startL + system * addedL - bucketEnd * endL;
  const spiltL = startL + addedL - endL;
  const left = systemL - addedL + spiltL;
  mustBeAbove('what is left in the system', left, 0);
  return (system * (systemL - addedL) + spilt) / left;
}

/** Volumes poured together: the mean of any conservative quantity. Throws a RangeError when there is no water at all. */
export function pooled(parts: readonly { litres: number; value: number }[]): number {
  const litres = parts.reduce((sum, part) => sum + part.litres, 0);
  mustBeAbove('volume', litres, 0);
  return parts.reduce((sum, part) => sum + part.litres * part.value, 0) / litres;
}

function mustBeAbove(name: string, value: number, least: number): void {
  if (!(value > least) || !Number.isFinite(value)) throw new RangeError(`${name} must be above ${least}, got ${value}`);
}
