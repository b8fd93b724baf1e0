// A method as steps, carried out on a vessel: minute by minute what the fish are in, until they are in their tank and six hours on.
import { oxygenSolubility, OXYGEN_IN_AIR } from '../water/oxygen.ts';
import { carbonateConstants, dicFromPH, dicWith } from '../water/carbonate.ts';
import { floatTau } from '../water/heat.ts';
import { pooled } from '../water/mixing.ts';
import { closedWater, stayClosed, type Water } from './bag.ts';
import { BEST_GUESS, massOf, type BagInput, type Chance, type LotInput, type TankInput } from './input.ts';
import type { Tolerance } from './integrate.ts';
import { letGo, sampleOf, type Fish, type Sample, type Stir } from './vessel.ts';

/** What hands do, in order. Minutes, L, mL/min. */
export type Step =
  /** The vessel stands where it is, or floats in the tank. */
  | { do: 'wait' | 'float'; minutes: number }
  | { do: 'open' }
  /** All bags of the lot into one vessel. */
  | { do: 'pool'; bags: number }
  /** Out of the bag into a bucket of so many litres, in the room. */
  | { do: 'pour'; bucketL: number }
  | { do: 'pourOff'; toL: number }
  /** Tank water runs in; what does not fit in spills. */
  | { do: 'run'; mLPerMin: number; minutes: number }
  /** So much of the water out, as much tank water in. */
  | { do: 'cup'; litres: number }
  | { do: 'air'; level: 'none' | 'gentle' | 'strong' }
  | { do: 'binder' };

export type Vessel = {
  water: Water;
  fish: Fish;
  /** Undefined once it is open; then gas goes in and out. */
  closed?: { gasL: number };
  /** A bucket; a bag takes what is run into it up to twice its water. */
  holdsL: number;
  inRoom: boolean;
};

export type { Sample };
export type Options = {
  chance?: Chance;
  pco2: number;
  roomC: number;
  tolerance?: Tolerance;
  /** Spacing of samples, as a factor: 2 = half as many. */ coarse?: number;
};
export type Run = {
  samples: Sample[];
  /** The water that the fish leave for the tank. */
  left: Water;
  releasedAtMinute: number;
  /** Mg·h/L of toxic ammonia above 0.02 until then. */
  exposure: number;
  tankWaterL: number;
};

export const AFTER_RELEASE_H = 6;
/** Thermal time constant of a bucket of 10 L in air, hours; it goes with the cube root of the volume. A judgement. */
const BUCKET_TAU_H = 6;
const SAMPLE_MIN = 2;
/** A closed bag changes slowly. */
const CLOSED_SAMPLE_MIN = 5;
/** Beyond two hours nothing happens within minutes. */
const LONG_MIN = 120;
const LONG_SAMPLE_MIN = 12;
const MOST_SAMPLES = 90;

/** The tank as water: at its own pH when that was read, else in equilibrium with the room. */
export function tankWater(tank: TankInput): Water {
  const { volumeL, temperature, salinity, alkalinity, pH } = tank;
  const dic = pH === undefined ? undefined : dicFromPH({ ...tank, pH });
  return {
    volumeL,
    temperature,
    salinity,
    alkalinity,
    dic: dic ?? dicWith({ alkalinity, pco2: tank.pco2 }, carbonateConstants(tank)),
    tan: 0,
    oxygen: oxygenSolubility(tank),
    hardness: tank.hardness ?? NaN,
  };
}

/** The vessel that the fish are in now, as the bag's state says. */
export function startVessel(bag: BagInput, lot: LotInput, { chance = BEST_GUESS, ...options }: Options): Vessel {
  const water = closedWater(bag, lot, chance);
  const fish = { n: lot.n, gramsEach: lot.n === 0 ? 0 : massOf(lot) / lot.n, fed: bag.fed };
  const vessel: Vessel = { water, fish, holdsL: 2 * bag.waterL, inRoom: true };
  if (bag.state.is === 'closed') return { ...vessel, closed: { gasL: bag.gasL } };
  if (bag.state.is === 'tub') {
    const dic = bag.pH === undefined ? dicWith({ alkalinity: water.alkalinity, pco2: options.pco2 }, carbonateConstants(water)) : water.dic;
    const oxygen = bag.oxygen ?? Math.min(water.oxygen * OXYGEN_IN_AIR, oxygenSolubility(water));
    return { ...vessel, water: { ...water, dic, oxygen: Math.max(oxygen, 0.5 * oxygenSolubility(water)) } };
  }
  // Opened a while ago: what was measured is of now, what was not has gone its way since.
  const since = letGo({
    water,
    going: goingOn(vessel, {
      stir: 'still',
      flowLPerH: 0,
      tank: water,
      surroundingsC: bag.temperature,
      tauH: 1,
      binder: false,
      chance,
      ...options,
    }),
    hours: bag.pH === undefined ? bag.state.hours : 0,
    overflowing: false,
    exposure: 0,
    times: [],
  }).water;
  return { ...vessel, water: { ...since, tan: bag.tan ?? since.tan, oxygen: bag.oxygen ?? since.oxygen } };
}

type Setting = {
  stir: Stir;
  flowLPerH: number;
  tank: Water;
  surroundingsC: number;
  tauH: number;
  binder: boolean;
  chance: Chance;
  pco2: number;
};

const goingOn = ({ fish }: Vessel, { chance, ...setting }: Setting) => ({
  ...setting,
  fish,
  exchange: chance.exchange,
  metabolism: chance.metabolism,
});

/**
 * Carries out the steps and lets the fish into the tank. Samples about every two minutes, at most 90 a step. Salt, ammonia, alkalinity and heat are kept
 * through every step. Throws a RangeError on a volume or time that is not above 0.
 */
export function simulate(start: Vessel, tank: Water, steps: readonly Step[], options: Options): Run {
  const { chance = BEST_GUESS, pco2, roomC, tolerance, coarse = 1 } = options;
  let vessel = start;
  let minute = 0;
  let exposure = 0;
  let tankWaterL = 0;
  let air: 'none' | 'gentle' | 'strong' = 'none';
  let binder = false;
  let stirred: 'still' | 'poured' = 'still';
  const samples: Sample[] = [];
  const note = (water: Water, at: number) =>
    samples.push(sampleOf(water, { binder, minute: at, where: vessel.inRoom && !vessel.closed ? 'bucket' : 'bag' }));
  const look = () => note(vessel.water, minute);

  const pass = (minutes: number, flowMLPerMin: number, afloat: boolean): void => {
    if (minutes <= 0) return;
    const surroundingsC = afloat ? tank.temperature : roomC;
    const tauOf = (litres: number) =>
      chance.tau * (afloat || !vessel.inRoom ? floatTau(litres) / 60 : BUCKET_TAU_H * Math.cbrt(litres / 10));
    const spacing = (vessel.closed ? CLOSED_SAMPLE_MIN : minutes > LONG_MIN ? LONG_SAMPLE_MIN : SAMPLE_MIN) * coarse;
    const count = Math.max(1, Math.min(MOST_SAMPLES, Math.ceil(minutes / spacing)));
    if (vessel.closed) {
      const { gasL } = vessel.closed;
      const hours = minutes / 60 / count;
      const tauH = tauOf(vessel.water.volumeL);
      for (let index = 1; index <= count; index += 1) {
        const { water, fish } = vessel;
        const toC = surroundingsC + (water.temperature - surroundingsC) * Math.exp(-hours / tauH);
        vessel = { ...vessel, water: stayClosed({ water, gasL, fish, factor: chance.metabolism, toC, hours }) };
        note(vessel.water, minute + index * hours * 60);
      }
      minute += minutes;
      return;
    }
    const flowLPerH = (flowMLPerMin * 60) / 1000;
    const untilFull = flowLPerH > 0 ? Math.max(0, vessel.holdsL - vessel.water.volumeL) / flowLPerH : Infinity;
    const stir: Stir = air !== 'none' ? air : flowLPerH > 0 ? 'dripped' : stirred;
    let left = minutes / 60;
    for (const overflowing of [false, true]) {
      const hours = overflowing ? left : Math.min(left, untilFull);
      if (hours <= 1e-9) continue;
      const share = Math.max(1, Math.round((count * hours * 60) / minutes));
      const times = Array.from({ length: share }, (_, index) => (hours * (index + 1)) / share);
      const going = goingOn(vessel, { stir, flowLPerH, tank, surroundingsC, tauH: tauOf(vessel.water.volumeL), binder, chance, pco2 });
      const gone = letGo({ water: vessel.water, going, hours, overflowing, exposure, times, tolerance });
      vessel = { ...vessel, water: gone.water };
      exposure = gone.exposure;
      gone.waters.forEach((water, index) => note(water, minute + times[index]! * 60));
      minute += hours * 60;
      left -= hours;
    }
    tankWaterL += flowLPerH * (minutes / 60);
  };

  look();
  for (const step of steps) {
    switch (step.do) {
      case 'wait':
      case 'float':
        pass(step.minutes, 0, step.do === 'float');
        break;
      case 'run':
        pass(step.minutes, step.mLPerMin, false);
        break;
      case 'open':
        vessel = { ...vessel, closed: undefined, inRoom: false };
        break;
      case 'pool':
        vessel = {
          ...vessel,
          water: { ...vessel.water, volumeL: vessel.water.volumeL * step.bags },
          fish: { ...vessel.fish, n: vessel.fish.n * step.bags },
        };
        break;
      case 'pour':
        stirred = 'poured';
        vessel = { ...vessel, closed: undefined, inRoom: true, holdsL: Math.max(step.bucketL, vessel.water.volumeL) };
        break;
      case 'pourOff':
        stirred = 'poured';
        vessel = { ...vessel, water: { ...vessel.water, volumeL: Math.min(step.toL, vessel.water.volumeL) } };
        break;
      case 'cup': {
        const litres = Math.min(step.litres, vessel.water.volumeL);
        stirred = 'poured';
        tankWaterL += litres;
        vessel = { ...vessel, water: mixed(vessel.water, tank, litres) };
        look();
        break;
      }
      case 'air':
        air = step.level;
        break;
      case 'binder':
        binder = true;
        look();
        break;
    }
  }
  const left = vessel.water;
  for (const after of [0, AFTER_RELEASE_H * 60]) samples.push(sampleOf(tank, { binder: false, minute: minute + after, where: 'tank' }));
  return { samples, left, releasedAtMinute: minute, exposure, tankWaterL };
}

/** So many litres of the water replaced by tank water. */
function mixed(water: Water, tank: Water, litres: number): Water {
  const keep = water.volumeL - litres;
  const mix = (key: Exclude<keyof Water, 'volumeL'>) =>
    pooled([
      { litres: keep, value: water[key] },
      { litres, value: tank[key] },
    ]);
  return {
    volumeL: water.volumeL,
    temperature: mix('temperature'),
    salinity: mix('salinity'),
    alkalinity: mix('alkalinity'),
    dic: mix('dic'),
    tan: mix('tan'),
    oxygen: mix('oxygen'),
    hardness: mix('hardness'),
  };
}
