// The methods, each as the steps its people take, with what it costs in hands and why it may not be had for this bag.
import { floatTime, litresForShare, risingPlan, swapLitres } from '../water/index.ts';
import type { BagInput, Controls, LotInput, TankInput } from './input.ts';
import type { Step } from './simulate.ts';

export const METHODS = [
  'float and net',
  'match, float, net',
  'drip',
  'fast siphon',
  'cup exchange',
  'pooled bucket',
  'long conversion',
  'overnight conversion',
  'straight',
] as const;
export type AcclimationMethod = (typeof METHODS)[number];

/** Why a method is not offered for this bag; it is calculated all the same. */
export type NotOffered = 'soft' | 'tub' | 'nothing to match' | 'one bag' | 'no conversion' | 'cannot match' | 'bucket small';

export type Recipe = {
  method: AcclimationMethod;
  steps: Step[];
  handsOnMinutes: number;
  /** The tank as it is by then. */
  tank: TankInput;
  /** Water or salt to bring the tank to the bag beforehand. */
  swapL: number;
  notOffered?: NotOffered;
};

type For = { bag: BagInput; tank: TankInput; lot: LotInput; controls: Controls };

/** From the opened bag to the net: cut, pour over the net, lift. */
const NET_MIN = 2;
const POUR_MIN = 1;
const SWAP_MIN = 20;
const CUP_EVERY_MIN = 7;
const CUPS = 8;
const CUP_SHARE = 0.25;
const DRIP_SHARE = 0.75;
const CONVERSION_SHARE = 0.95;
const CONVERSION_STEPS = 8;
const POOLED_MIN = 90;
/** Below this difference there is nothing to match, ppt. */
const MATCHED_WITHIN = 0.5;
/** Between waters nearer than this nobody converts a fish for a day, unless it is one that lives in both. */
const CONVERSION_FROM = 8;
/** Share of a tank that can be changed while a bag waits; and what its salinity may be changed by at once for those that live on it, ppt. Judgements. */
const MOST_SWAPPED = 0.5;
const MOST_RAISED = 2;
const MOST_LOWERED = 6;

export function recipesFor(given: For): Recipe[] {
  return METHODS.map((method) => RECIPES[method](given));
}

type Cost = { handsOnMinutes: number; notOffered?: NotOffered };
const plain = (method: AcclimationMethod, { tank }: For, steps: Step[], cost: Cost): Recipe => ({ method, steps, tank, swapL: 0, ...cost });

const RECIPES: Record<AcclimationMethod, (given: For) => Recipe> = {
  'float and net': (given) =>
    plain('float and net', given, [...floated(given), ...open(given), { do: 'wait', minutes: NET_MIN }], {
      handsOnMinutes: 6,
      notOffered: floatable(given),
    }),
  'match, float, net': matchFloatNet,
  drip: (given) => {
    const { controls } = given;
    const startL = poured(given);
    const mLPerMin =
      controls.dripMLPerMin ?? (1000 * litresForShare({ share: DRIP_SHARE, startL, bucketL: room(given) })) / controls.dripMinutes;
    return plain('drip', given, [...intoBucket(given), { do: 'run', mLPerMin, minutes: controls.dripMinutes }], {
      handsOnMinutes: 15,
      notOffered: roomy(given),
    });
  },
  'fast siphon': (given) => {
    const { siphonMLPerMin, siphonMinutes } = given.controls;
    return plain('fast siphon', given, [...intoBucket(given), { do: 'run', mLPerMin: siphonMLPerMin, minutes: siphonMinutes }], {
      handsOnMinutes: 12,
      notOffered: roomy(given),
    });
  },
  'cup exchange': (given) => {
    const cup: Step[] = [
      { do: 'cup', litres: given.bag.waterL * CUP_SHARE },
      { do: 'float', minutes: CUP_EVERY_MIN },
    ];
    return plain(
      'cup exchange',
      given,
      [...floated(given), ...open(given), ...aid(given), ...Array.from({ length: CUPS }, () => cup).flat()],
      { handsOnMinutes: 6 + CUPS * 2, notOffered: floatable(given) },
    );
  },
  'pooled bucket': (given) => {
    const { lot, controls } = given;
    const startL = given.bag.waterL * lot.bags;
    const bucketL = Math.max(controls.bucketL, startL * 1.5);
    const litres = litresForShare({ share: DRIP_SHARE, startL, bucketL });
    const on: Step[] = [
      { do: 'run', mLPerMin: (1000 * litres) / (POOLED_MIN / 2), minutes: POOLED_MIN / 6 },
      { do: 'wait', minutes: POOLED_MIN / 6 },
    ];
    const steps: Step[] = [...waited(given), { do: 'pool', bags: lot.bags }, { do: 'pour', bucketL }, ...aid(given), ...on, ...on, ...on];
    return plain('pooled bucket', given, steps, { handsOnMinutes: 14 + 2 * lot.bags, notOffered: lot.bags < 2 ? 'one bag' : undefined });
  },
  'long conversion': (given) => {
    const { controls } = given;
    // Opened up step by step, so that every hour brings the same change: a steady drip would be steepest in its first.
    const hours = controls.conversionHours;
    const plan = risingPlan({ startL: poured(given), bucketL: room(given), hours, steps: CONVERSION_STEPS, share: CONVERSION_SHARE });
    const steps: Step[] = [
      ...intoBucket({ ...given, controls: { ...controls, air: controls.air === 'none' ? 'gentle' : controls.air } }),
      ...plan.map(({ flowLPerH }): Step => ({ do: 'run', mLPerMin: (1000 * flowLPerH) / 60, minutes: (60 * hours) / CONVERSION_STEPS })),
      ...warmed(given, room(given)),
    ];
    return plain('long conversion', given, steps, { handsOnMinutes: 25, notOffered: convertible(given) ?? roomy(given) });
  },
  'overnight conversion': (given) => {
    const { controls } = given;
    // One setting for the night: the vessel overflows at the height of the first water, since a steady drip into a small share of a bucket would bring
    // most of the change in its first hour.
    const startL = poured(given);
    const hours = controls.conversionHours;
    const litres = litresForShare({ share: CONVERSION_SHARE, startL, bucketL: startL });
    const air = controls.air === 'none' ? 'gentle' : controls.air;
    const steps: Step[] = [
      ...intoBucket({ ...given, controls: { ...controls, air, bucketL: startL } }),
      { do: 'run', mLPerMin: (1000 * litres) / (60 * hours), minutes: 60 * hours },
      ...warmed(given, startL),
    ];
    return plain('overnight conversion', given, steps, { handsOnMinutes: 22, notOffered: convertible(given) });
  },
  straight: (given) => plain('straight', given, [...open(given), { do: 'wait', minutes: NET_MIN }], { handsOnMinutes: 3 }),
};

function matchFloatNet(given: For): Recipe {
  const { bag, tank } = given;
  const gap = tank.salinity - bag.salinity;
  const matched: TankInput = {
    ...tank,
    salinity: bag.salinity,
    // What it is changed with holds next to none.
    alkalinity: tank.alkalinity * (1 - (gap > 0 && tank.salinity > tank.freshPpt ? Math.min(1, gap / (tank.salinity - tank.freshPpt)) : 0)),
    pH: undefined,
  };
  const swapL =
    gap > MATCHED_WITHIN && bag.salinity > tank.freshPpt
      ? swapLitres({ volumeL: tank.volumeL, from: tank.salinity, to: bag.salinity, with: tank.freshPpt })
      : 0;
  const tooMuch =
    swapL > MOST_SWAPPED * tank.volumeL || (gap > 0 && bag.salinity <= tank.freshPpt) || gap > MOST_LOWERED || -gap > MOST_RAISED;
  const why = Math.abs(gap) <= MATCHED_WITHIN ? 'nothing to match' : tooMuch ? 'cannot match' : floatable(given);
  return {
    method: 'match, float, net',
    // The tank is changed while the bag, closed, stands or floats.
    steps: [
      { do: 'wait', minutes: why === 'nothing to match' ? 0 : SWAP_MIN },
      ...floated({ ...given, tank: matched }),
      ...open(given),
      { do: 'wait', minutes: NET_MIN },
    ],
    handsOnMinutes: 6 + 12,
    tank: matched,
    swapL,
    notOffered: why,
  };
}

const floatable = ({ bag }: For): NotOffered | undefined => (bag.soft ? 'soft' : bag.opening.is === 'tub' ? 'tub' : undefined);
const roomy = (given: For): NotOffered | undefined => (given.controls.bucketL < poured(given) * 1.25 ? 'bucket small' : undefined);
const convertible = ({ lot, tank, bag }: For): NotOffered | undefined =>
  !lot.euryhaline && Math.abs(tank.salinity - bag.salinity) < CONVERSION_FROM ? 'no conversion' : undefined;
const poured = ({ bag, controls }: For): number => Math.min(bag.waterL, controls.pourOffToL ?? Infinity);
const room = (given: For): number => Math.max(given.controls.bucketL, poured(given));
const open = ({ bag }: For): Step[] => (bag.opening.is === 'closed' ? [{ do: 'open' }] : []);

function floated({ bag, tank, controls }: For): Step[] {
  const { minutes } = floatTime({ bagC: bag.temperature, tankC: tank.temperature, volumeL: bag.waterL, withinC: controls.floatWithinC });
  return minutes > 0 ? [{ do: 'float', minutes }] : [];
}

/** After hours in the room a vessel is as warm as that: set into the tank until it is not. */
function warmed({ tank, controls }: For, volumeL: number): Step[] {
  const { minutes } = floatTime({ bagC: tank.roomC, tankC: tank.temperature, volumeL, withinC: controls.floatWithinC });
  return minutes > 0 ? [{ do: 'float', minutes }] : [];
}

/** Floats first where that is asked for and can be. */
const waited = (given: For): Step[] => (given.controls.floatFirst && !floatable(given) ? floated(given) : []);

function intoBucket(given: For): Step[] {
  const { controls } = given;
  return [
    ...waited(given),
    ...open(given),
    { do: 'pour', bucketL: controls.bucketL },
    ...aid(given),
    ...(controls.pourOffToL === undefined ? [] : [{ do: 'pourOff', toL: controls.pourOffToL } as const]),
    { do: 'wait', minutes: POUR_MIN },
  ];
}

/** Air and binder go in as soon as it is open. */
function aid({ controls }: For): Step[] {
  return [
    ...(controls.air === 'none' ? [] : [{ do: 'air', level: controls.air } as const]),
    ...(controls.ammoniaBinder ? [{ do: 'ammonia binder' } as const] : []),
  ];
}
