// What may be done about a value over its limit: how much water to change so that it comes down, what that water makes of the rest, what else helps. No screen in here.
import type { OverCard, SystemTests } from '#contract/views.ts';
import {
  changeFor,
  freedBy,
  highestPH,
  totalFor,
  type ChangePlan,
  type DoneAbout,
  type Freed,
  type WaterTestRules,
} from '#core/waterTests/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { gramsFor, swapLitres, type Quantity } from '#core/water/index.ts';
import { swapped } from '../tank/draft.ts';

/** Of the new water, as it was read; what nobody read is left out. */
export type NewWater = { salinityPpt?: number; temperatureC?: number; pH?: number };
/** `climbPpt` = as much as the house lets a system change in a day. */
type Asked = { system: SystemTests; card: OverCard; rules: WaterTestRules; climbPpt: number; poured: NewWater };

/** What new water dilutes. */
const DILUTED: readonly Quantity[] = ['ammonia', 'free ammonia', 'nitrite', 'nitrate', 'copper'];

export type Advice =
  | { is: 'change'; plan: ChangePlan; target: number; freed?: Freed }
  /** `with` = the salinity of the water that would do it; `rest` = it is not there yet: the rest another day. */
  | { is: 'swap'; litres: number; target: number; with: number; rest: boolean }
  | { is: 'dose'; grams: number; from: number }
  | { is: 'cannot' }
  | { is: 'other' };

/** The total ammonia that is aimed at: a part of its own limit, and no more than is a part of the toxic limit at the highest pH that it may have then. */
function ammoniaTarget({ system, card, rules, poured }: Asked): number {
  const { limits, set } = system;
  const pH = Math.max(card.beside.pH ?? highestPH(set.type), poured.pH ?? highestPH(set.type));
  const aims = [
    limits.ammonia?.to,
    limits['free ammonia']?.to === undefined ? undefined : totalFor(limits['free ammonia'].to, pH, card.beside, set),
  ];
  return (Math.min(...aims.filter((aim) => aim !== undefined)) * rules.aimPercent) / 100;
}

export function adviceFor(asked: Asked): Advice {
  const { system, card, rules, poured } = asked;
  const { quantity, reading, verdict } = card;
  const { value } = reading;
  const mostShare = rules.mostChangePercent / 100;
  if (quantity === 'salinity') return swapFor(asked);
  if (verdict.is === 'below' && quantity === 'copper')
    return { is: 'dose', grams: gramsFor({ present: value, target: verdict.limit, volumeL: system.volumeL }), from: verdict.limit };
  if (!DILUTED.includes(quantity) || verdict.is === 'below') return { is: 'other' };
  // Copper comes down into its range, not to a part of its end: below it no day counts.
  const range = system.limits[quantity as 'copper'];
  const target =
    quantity === 'ammonia'
      ? ammoniaTarget(asked)
      : quantity === 'copper'
        ? range?.from === undefined
          ? verdict.limit
          : (range.from + verdict.limit) / 2
        : (verdict.limit * rules.aimPercent) / 100;
  const plan = changeFor({ value, target, volumeL: system.volumeL, mostShare });
  if (!plan || plan.times === 0) return { is: 'cannot' };
  const freed =
    quantity === 'ammonia' ? freedBy({ tan: value, share: plan.share, pouredPH: poured.pH }, card.beside, system.set) : undefined;
  return { is: 'change', plan, target, ...(freed ? { freed } : {}) };
}

/** Plain water down, saltier water up, towards what the system is set to: by no more in a day than the house lets it, for what lives there has to come along. */
function swapFor({ system, card, rules, climbPpt, poured }: Asked): Advice {
  const { value } = card.reading;
  const meant = system.set.salinityPpt;
  const target = value > meant ? Math.max(meant, value - climbPpt) : Math.min(meant, value + climbPpt);
  const pouredPpt = poured.salinityPpt ?? (value > meant ? 0 : undefined);
  if (pouredPpt === undefined) return { is: 'other' };
  try {
    const litres = swapLitres({ volumeL: system.volumeL, from: value, to: target, with: pouredPpt });
    const most = (system.volumeL * rules.mostChangePercent) / 100;
    return { is: 'swap', litres: Math.min(litres, most), target, with: pouredPpt, rest: target !== meant || litres > most };
  } catch {
    return { is: 'cannot' };
  }
}

const TELLS_MS = 2 * DAY_MS;

/** So much of it is poured in as new water: the salinity, the warmth and the value then. Undefined = nobody read the new water. */
export function becomes({ system, card, litres, poured }: { system: SystemTests; card: OverCard; litres: number; poured: NewWater }) {
  const share = Math.min(1, litres / system.volumeL);
  // What was read long before it is as the system is set, for all that anybody knows.
  const now = (quantity: 'salinity' | 'temperature', set: number) => {
    const last = system.latest[quantity];
    return last && last.atMs > card.reading.atMs - TELLS_MS ? last.value : set;
  };
  return {
    share,
    value: DILUTED.includes(card.quantity) ? card.reading.value * (1 - share) : undefined,
    salinityPpt: swapped(now('salinity', system.set.salinityPpt), poured.salinityPpt, share),
    temperatureC: swapped(now('temperature', system.set.temperatureC), poured.temperatureC, share),
    ...(card.quantity === 'ammonia'
      ? { freed: freedBy({ tan: card.reading.value, share, pouredPH: poured.pH }, card.beside, system.set) }
      : {}),
  };
}

const HELPS: Partial<Record<Quantity, readonly DoneAbout[]>> = {
  ammonia: ['feed less', 'more air', 'bound ammonia'],
  'free ammonia': ['feed less', 'more air', 'bound ammonia'],
  nitrite: ['feed less', 'more air'],
  nitrate: ['feed less'],
  oxygen: ['more air', 'feed less'],
  temperature: ['set heater'],
};
/** What helps besides a change, the likeliest first. No binder where copper is. */
export function helpsAgainst({ quantity, verdict }: OverCard, { copper }: Pick<SystemTests, 'copper'>): DoneAbout[] {
  const helps = HELPS[quantity] ?? [];
  return [
    ...helps.filter((what) => what !== 'bound ammonia' || !copper),
    ...(quantity === 'copper' && verdict.is === 'below' ? (['dosed by the label'] as const) : []),
    'found the cause',
  ];
}

/** Litres as they are carried: up, to whole ones where there are many. */
export const carried = (litres: number): number => (litres >= 50 ? Math.ceil(litres - 1e-6) : Math.ceil(litres * 10 - 1e-6) / 10);

/** What of a medicine goes into so many litres of new water for the level to stay, mg. */
export const redoseMg = (litres: number, levelMgL: number): number => gramsFor({ present: 0, target: levelMgL, volumeL: litres }) * 1000;
