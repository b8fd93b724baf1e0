// How much water is to be changed so that a value comes down to where it does no harm, and what the change itself would do.
import { changesTo, unionizedFraction } from '../water/index.ts';
import { highestPH, lowestPH, type Beside, type SystemSet } from './limits.ts';

/** `share` = of the whole system, at each of `times` changes. */
export type ChangePlan = { litres: number; share: number; times: number; after: number };

type Diluted = { value: number; target: number; volumeL: number; mostShare: number; poured?: number };

/**
 * Litres of new water with `poured` of it (0 when left out) that bring `value` of `volumeL` to `target`: (v − p)·(1 − s)^n + p = t, in the fewest equal changes of
 * at most `mostShare`. Undefined when that water cannot: it holds as much itself. Throws a RangeError for volumes and shares that are none.
 * @example changeFor({ value: 1, target: 0.5, volumeL: 200, mostShare: 0.5 })!.litres === 100
 */
export function changeFor({ value, target, volumeL, mostShare, poured = 0 }: Diluted): ChangePlan | undefined {
  if (!(volumeL > 0)) throw new RangeError('the volume must be above 0 L');
  if (!(mostShare > 0 && mostShare <= 1)) throw new RangeError('a share lies between 0 and 100 %');
  if (!(value >= 0 && target >= 0 && poured >= 0)) throw new RangeError('a concentration is never below 0');
  if (value <= target) return { litres: 0, share: 0, times: 0, after: value };
  if (poured >= target) return undefined;
  const left = (target - poured) / (value - poured);
  const times = mostShare >= 1 ? 1 : changesTo({ from: value - poured, to: target - poured, share: mostShare });
  const share = 1 - left ** (1 / times);
  return { litres: share * volumeL, share, times, after: poured + (value - poured) * (1 - share) ** times };
}

/** Of ammonia: `now` = the toxic part as it is; `then` = at most after the change, at the higher of both pH. `unread` = whose pH nobody read. */
export type Freed = { now: number; then: number; pH: number; unread: ('here' | 'new water')[] };

/**
 * Ammonia stands bound in sour water, and water of a higher pH sets it free: half of it may be worse than all of it was. Between two pH the mix is nowhere above the
 * higher one, so that one counts; of water that nobody read, the highest that its kind may have.
 */
export function freedBy(
  { tan, share, pouredPH, pouredTan = 0 }: { tan: number; share: number; pouredPH?: number; pouredTan?: number },
  beside: Beside,
  set: SystemSet,
): Freed {
  const [temperature, salinity] = [beside.temperature ?? set.temperatureC, beside.salinity ?? set.salinityPpt];
  const toxic = (amount: number, pH: number) => amount * unionizedFraction({ pH, temperature, salinity });
  // The lowest that it may be now, and the highest that it may be then.
  const pH = Math.max(beside.pH ?? lowestPH(set.type), pouredPH ?? highestPH(set.type));
  return {
    now: toxic(tan, beside.pH ?? lowestPH(set.type)),
    then: toxic(tan * (1 - share) + pouredTan * share, pH),
    pH,
    unread: [...(beside.pH === undefined ? (['here'] as const) : []), ...(pouredPH === undefined ? (['new water'] as const) : [])],
  };
}

/** The total of which so much is toxic, by a test that shows that part alone; while nobody read the pH, the most that it may be. */
export const totalBehind = (free: number, beside: Beside, set: SystemSet): number =>
  totalFor(free, beside.pH ?? lowestPH(set.type), beside, set);

/** The total that is no more toxic than `toxic` at this pH. */
export const totalFor = (toxic: number, pH: number, beside: Beside, set: SystemSet): number =>
  toxic / unionizedFraction({ pH, temperature: beside.temperature ?? set.temperatureC, salinity: beside.salinity ?? set.salinityPpt });
