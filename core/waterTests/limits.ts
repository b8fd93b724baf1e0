// What a value means for a system: within its limits, over one of them, or not known while what it hangs on was not read.
import type { WaterType } from '../species/index.ts';
import { HOUR_MS } from '../time/index.ts';
import { AMMONIA_BANDS, unionizedFraction, type Quantity } from '../water/index.ts';
import type { Limited, OwnLimit } from './entries.ts';
import type { WaterLimits } from './settings.ts';

/** As the system is set. `apart` = it is another on purpose: a match for a crate, or a treatment by salinity. `copper` = a treatment with it runs. */
export type SystemSet = { type: WaterType; temperatureC: number; salinityPpt: number; apart?: 'match' | 'treatment'; copper?: boolean };
export type Range = { from?: number; to?: number };

/** The limits of a system: the house's, and in their place what a keeper set for it. Of copper there is none but the label's. */
export function limitsOf(set: SystemSet, limits: WaterLimits, own: readonly OwnLimit[] = []): Partial<Record<Limited, Range>> {
  const fresh = set.type === 'fresh';
  const house: Partial<Record<Limited, Range>> = {
    ammonia: { to: limits.ammonia },
    'free ammonia': { to: limits.freeAmmonia },
    nitrite: { to: fresh ? limits.nitriteFresh : limits.nitriteSalt },
    nitrate: { to: limits.nitrate },
    pH: fresh ? { from: limits.pHLowFresh, to: limits.pHHighFresh } : { from: limits.pHLowSalt, to: limits.pHHighSalt },
    temperature: { from: set.temperatureC - limits.temperatureOff, to: set.temperatureC + limits.temperatureOff },
    oxygen: { from: limits.oxygenLow },
    ...(set.apart
      ? {}
      : { salinity: { from: Math.max(0, set.salinityPpt - limits.salinityOff), to: set.salinityPpt + limits.salinityOff } }),
  };
  return {
    ...house,
    ...Object.fromEntries(
      own.map(({ quantity, from, to }): [Limited, Range] => {
        // A treatment that is over asks for no copper, whatever its label once asked.
        const least = quantity === 'copper' && !set.copper ? undefined : from;
        // The side that nobody set is the house's still.
        return [quantity, { ...house[quantity], ...(least === undefined ? {} : { from: least }), ...(to === undefined ? {} : { to }) }];
      }),
    ),
  };
}

/** Read with it, or not at all. */
export type Beside = { pH?: number; temperature?: number; salinity?: number };
/** Within a day a tank's pH goes up and down by half a unit, which is three times as much toxic ammonia: read apart from each other they say nothing. */
export const TOGETHER_MS = 2 * HOUR_MS;

/** pH that a water of the kind may have while nobody has read it: peat to the rift lakes. A judgement. */
const PH_UNREAD: Record<WaterType, readonly [number, number]> = { fresh: [5.5, 9], brackish: [7, 8.8], marine: [7.6, 8.5] };
export const lowestPH = (type: WaterType): number => PH_UNREAD[type][0];
export const highestPH = (type: WaterType): number => PH_UNREAD[type][1];
/** Off what the system is set to while nobody has read it, °C. */
const UNREAD_C = 2;

/** The toxic part, mg/L NH3-N: both ends are the same where pH was read with the ammonia. @example toxicOf(1, { pH: 8, temperature: 25 }, fresh).high.toFixed(4) === '0.0538' */
export function toxicOf(tan: number, { pH, temperature, salinity }: Beside, set: SystemSet): { low: number; high: number } {
  const at = (acid: number, temperatureC: number) =>
    tan * unionizedFraction({ pH: acid, temperature: temperatureC, salinity: salinity ?? set.salinityPpt });
  const [lowest, highest] = PH_UNREAD[set.type];
  return {
    low: at(pH ?? lowest, temperature ?? set.temperatureC - UNREAD_C),
    high: at(pH ?? highest, temperature ?? set.temperatureC + UNREAD_C),
  };
}

/** `toxic` = of ammonia, its toxic part. `urgent` = harm within hours, or it may be. `perhaps` = it hangs on a pH that nobody read. */
export type Verdict =
  | { is: 'within' | 'no limit'; toxic?: { low: number; high: number } }
  | { is: 'above' | 'below'; limit: number; by: Limited; urgent: boolean; toxic?: { low: number; high: number } }
  | { is: 'perhaps'; limit: number; by: 'free ammonia'; urgent: boolean; toxic: { low: number; high: number } };
export type OverLimit = Exclude<Verdict, { is: 'within' | 'no limit' }>;
export const isOver = (verdict: Verdict): verdict is OverLimit => verdict.is !== 'within' && verdict.is !== 'no limit';

const HARM_FROM = AMMONIA_BANDS.find(({ is }) => is === 'not to stay in')!.below;
/** Copper over its label, oxygen under its limit, salinity far from what it is set to: each waits for nobody. */
const ALWAYS_URGENT: readonly Quantity[] = ['copper', 'oxygen'];

type Judged = { quantity: Quantity; value: number; beside?: Beside };

export function judgeReading({ quantity, value, beside = {} }: Judged, set: SystemSet, limits: Partial<Record<Limited, Range>>): Verdict {
  const range = limits[quantity as Limited];
  if (quantity === 'ammonia') return judgeAmmonia(value, beside, { set, limits });
  if (quantity === 'free ammonia') {
    const toxic = { low: value, high: value };
    const to = range?.to;
    return to !== undefined && value > to
      ? { is: 'above', limit: to, by: 'free ammonia', urgent: value >= HARM_FROM, toxic }
      : { is: 'within', toxic };
  }
  if (!range || (range.from === undefined && range.to === undefined)) return { is: 'no limit' };
  const urgent = ALWAYS_URGENT.includes(quantity);
  const by = quantity as Limited;
  if (range.to !== undefined && value > range.to) return { is: 'above', limit: range.to, by, urgent };
  if (range.from !== undefined && value < range.from)
    return { is: 'below', limit: range.from, by, urgent: urgent && quantity === 'oxygen' };
  return { is: 'within' };
}

function judgeAmmonia(tan: number, beside: Beside, { set, limits }: { set: SystemSet; limits: Partial<Record<Limited, Range>> }): Verdict {
  const toxic = toxicOf(tan, beside, set);
  const [total, free] = [limits.ammonia?.to, limits['free ammonia']?.to];
  const urgent = toxic.high >= HARM_FROM;
  // What harms is told first: the total says only that the filter does not keep up.
  if (free !== undefined && toxic.low > free) return { is: 'above', limit: free, by: 'free ammonia', urgent, toxic };
  if (total !== undefined && tan > total) return { is: 'above', limit: total, by: 'ammonia', urgent, toxic };
  if (free !== undefined && toxic.high > free) return { is: 'perhaps', limit: free, by: 'free ammonia', urgent, toxic };
  return { is: 'within', toxic };
}
