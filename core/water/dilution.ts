// Doses and dilution: what a change, an evaporation or a top-up does to what is dissolved. Any unit of concentration; litres.
// No dose is ever given here: the label value is the keeper's.

/** Litres left for water: gross less what rock, sand and fish displace. Throws a RangeError when nothing is left. */
export function netVolume({ grossL, displacedL }: { grossL: number; displacedL: number }): number {
  if (!(displacedL >= 0 && grossL > displacedL)) throw new RangeError('nothing would be left for water');
  return grossL - displacedL;
}

/** Grams to bring `volumeL` from `present` to `target` mg/L: (target − present) · V / 1000. Throws a RangeError when it is there already. */
export function gramsFor({ present, target, volumeL }: { present: number; target: number; volumeL: number }): number {
  if (!(volumeL > 0)) throw new RangeError('the volume must be above 0 L');
  if (!(target > present && present >= 0)) throw new RangeError('the target must be above what is there');
  return ((target - present) * volumeL) / 1000;
}

/** What is left after `times` changes of a share of 0–1 each, none of it redosed: c · (1 − p)^n. */
export function afterChanges({ concentration, share, times }: { concentration: number; share: number; times: number }): number {
  mustBeShare(share);
  return concentration * (1 - share) ** times;
}

/** Fewest changes of at most `share` each that bring `from` down to `to` or below. */
export function changesTo({ from, to, share }: { from: number; to: number; share: number }): number {
  mustBeShare(share);
  if (!(from > 0 && to > 0)) throw new RangeError('both must be above 0: no change ever brings it to nothing');
  return from <= to ? 0 : Math.ceil(Math.log(to / from) / Math.log(1 - share) - 1e-9);
}

/** Salinity after `evaporatedL` of `volumeL` went off as plain water; topped up plain it is what it was. */
export function afterEvaporation({ salinity, volumeL, evaporatedL }: { salinity: number; volumeL: number; evaporatedL: number }): number {
  if (!(evaporatedL >= 0 && volumeL > evaporatedL)) throw new RangeError('more cannot evaporate than there is');
  return (salinity * volumeL) / (volumeL - evaporatedL);
}

/**
 * Grams of salt mix that raise `volumeL` from S1 to S2 ppt: litres · rise · kg a litre · label yield (1.1: a mix holds water). Measured again
 * after mixing; mixed and at temperature the day before. Throws a RangeError when nothing is to be raised.
 */
export function saltGrams({
  volumeL,
  from,
  to,
  kgPerL = 1.02,
  labelYield = 1.1,
}: {
  volumeL: number;
  from: number;
  to: number;
  kgPerL?: number;
  labelYield?: number;
}): number {
  if (!(volumeL > 0 && to > from && from >= 0)) throw new RangeError('nothing is to be raised');
  return volumeL * (to - from) * kgPerL * labelYield;
}

function mustBeShare(share: number): void {
  if (!(share > 0 && share < 1)) throw new RangeError('a share lies between 0 and 100 %');
}
