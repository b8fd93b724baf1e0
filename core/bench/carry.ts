// A vessel carried along: what hands do to it, and the time between. The simulation of a method and the course of a run that truly
// happens are both carried by this.
import { floatTau, standingTauH, pooled } from '../water/index.ts';
import type { AirLevel } from './air.ts';
import type { Around } from './around.ts';
import { stayClosed, type Water } from './bag.ts';
import { BEST_GUESS, type Chance } from './input.ts';
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
  | { do: 'air'; level: AirLevel }
  | { do: 'binder' };
export const STEPS = [
  'wait',
  'float',
  'open',
  'pool',
  'pour',
  'pourOff',
  'run',
  'cup',
  'air',
  'binder',
] as const satisfies readonly Step['do'][];

/** Steps that take time; the others are a motion of the hand. */
export const isTimed = (step: Step): step is Extract<Step, { minutes: number }> => 'minutes' in step;

export type Vessel = {
  water: Water;
  fish: Fish;
  /** Undefined once it is open; then gas goes in and out. */
  closed?: { gasL: number };
  /** A bucket; a bag takes what is run into it up to twice its water. */
  holdsL: number;
  inRoom: boolean;
};

export type Options = {
  chance?: Chance;
  around: Pick<Around, 'pco2' | 'roomC' | 'binderHoldsH'>;
  tolerance?: Tolerance;
  /** Spacing of samples, as a factor: 2 = half as many. */ coarse?: number;
};

const SAMPLE_MIN = 2;
/** A closed bag that stands changes slowly. */
const CLOSED_SAMPLE_MIN = 5;
/** Samples lie closer together where a step begins: there it changes fastest. */
const EARLY_POWER = 1.6;
/** Beyond two hours nothing happens within minutes. */
const LONG_MIN = 120;
const LONG_SAMPLE_MIN = 12;
const MOST_SAMPLES = 90;

export type Carrier = {
  vessel: Vessel;
  minute: number;
  /** Mg·h/L of toxic ammonia above 0.02 so far. */
  exposure: number;
  tankWaterL: number;
  samples: Sample[];
  /** A sample of now. */
  look(): void;
  /** Time goes by: water of `tank` runs in at so many mL/min, or the vessel floats in it. */
  pass(minutes: number, how: { tank: Water; mLPerMin?: number; afloat?: boolean }): void;
  /** What hands do, time that it takes counted. */
  take(step: Step, tank: Water): void;
  /** So many fish are out of it: what is left breathes less. */
  fewer(n: number): void;
};

/** Carries `start`. Salt, ammonia, alkalinity and heat are kept through every step. Throws a RangeError on a volume that is not above 0. */
export function makeCarrier(start: Vessel, { chance = BEST_GUESS, around, tolerance, coarse = 1 }: Options): Carrier {
  const { pco2, roomC } = around;
  let air: AirLevel = 'none';
  // A binder holds until this minute; what it held is free again then.
  let boundUntil = -Infinity;
  let stirred: 'still' | 'poured' = 'still';
  const note = (water: Water, at: number) =>
    carrier.samples.push(
      sampleOf(water, { binder: at < boundUntil, minute: at, where: carrier.vessel.inRoom && !carrier.vessel.closed ? 'bucket' : 'bag' }),
    );

  // What floats follows its tank; what stands, an opened bag too, has air around it.
  const tauOf = (litres: number, afloat: boolean) => chance.tau * (afloat ? floatTau(litres) / 60 : standingTauH(litres));

  const passClosed = (minutes: number, { count, surroundingsC, afloat }: { count: number; surroundingsC: number; afloat: boolean }) => {
    const { gasL } = carrier.vessel.closed!;
    const tauH = tauOf(carrier.vessel.water.volumeL, afloat);
    let before = 0;
    for (let index = 1; index <= count; index += 1) {
      const { water, fish } = carrier.vessel;
      const until = (minutes / 60) * (index / count) ** EARLY_POWER;
      const hours = until - before;
      before = until;
      const toC = surroundingsC + (water.temperature - surroundingsC) * Math.exp(-hours / tauH);
      carrier.vessel = {
        ...carrier.vessel,
        water: stayClosed({ water, gasL, fish, factor: chance.metabolism, nitrogen: chance.nitrogen, toC, hours }),
      };
      note(carrier.vessel.water, carrier.minute + until * 60);
    }
    carrier.minute += minutes;
  };

  const pass: Carrier['pass'] = (minutes, how) => {
    const untilSpent = boundUntil - carrier.minute;
    if (untilSpent <= 0 || untilSpent >= minutes) return passOn(minutes, how);
    passOn(untilSpent, how);
    boundUntil = -Infinity;
    carrier.look();
    passOn(minutes - untilSpent, how);
  };

  const passOn: Carrier['pass'] = (minutes, { tank, mLPerMin = 0, afloat = false }) => {
    if (minutes <= 0) return;
    const surroundingsC = afloat ? tank.temperature : roomC;
    const spacing = (carrier.vessel.closed && !afloat ? CLOSED_SAMPLE_MIN : minutes > LONG_MIN ? LONG_SAMPLE_MIN : SAMPLE_MIN) * coarse;
    const count = Math.max(1, Math.min(MOST_SAMPLES, Math.ceil(minutes / spacing)));
    if (carrier.vessel.closed) return passClosed(minutes, { count, surroundingsC, afloat });
    const flowLPerH = (mLPerMin * 60) / 1000;
    const untilFull = flowLPerH > 0 ? Math.max(0, carrier.vessel.holdsL - carrier.vessel.water.volumeL) / flowLPerH : Infinity;
    const stir: Stir = air !== 'none' ? air : flowLPerH > 0 ? 'dripped' : stirred;
    let left = minutes / 60;
    for (const overflowing of [false, true]) {
      const hours = overflowing ? left : Math.min(left, untilFull);
      if (hours <= 1e-9) continue;
      const share = Math.max(1, Math.round((count * hours * 60) / minutes));
      const times = Array.from({ length: share }, (_, index) => hours * ((index + 1) / share) ** EARLY_POWER);
      const { water, fish } = carrier.vessel;
      const { exchange, metabolism, nitrogen } = chance;
      const tauH = tauOf(water.volumeL, afloat);
      const binder = carrier.minute < boundUntil;
      const going = { stir, flowLPerH, tank, surroundingsC, tauH, binder, pco2, fish, exchange, metabolism, nitrogen };
      const gone = letGo({ water, going, hours, overflowing, exposure: carrier.exposure, times, tolerance });
      carrier.vessel = { ...carrier.vessel, water: gone.water };
      carrier.exposure = gone.exposure;
      gone.waters.forEach((at, index) => note(at, carrier.minute + times[index]! * 60));
      carrier.minute += hours * 60;
      left -= hours;
    }
    carrier.tankWaterL += flowLPerH * (minutes / 60);
  };

  const set = (vessel: Partial<Vessel>) => {
    carrier.vessel = { ...carrier.vessel, ...vessel };
  };
  const take: Carrier['take'] = (step, tank) => {
    const { water, fish } = carrier.vessel;
    switch (step.do) {
      case 'wait':
      case 'float':
        return pass(step.minutes, { tank, afloat: step.do === 'float' });
      case 'run':
        return pass(step.minutes, { tank, mLPerMin: step.mLPerMin });
      case 'open':
        return set({ closed: undefined, inRoom: false });
      case 'pool':
        return set({ water: { ...water, volumeL: water.volumeL * step.bags }, fish: { ...fish, n: fish.n * step.bags } });
      case 'pour':
        stirred = 'poured';
        return set({ closed: undefined, inRoom: true, holdsL: Math.max(step.bucketL, water.volumeL) });
      case 'pourOff':
        stirred = 'poured';
        return set({ water: { ...water, volumeL: Math.min(step.toL, water.volumeL) } });
      case 'cup': {
        const litres = Math.min(step.litres, water.volumeL);
        stirred = 'poured';
        carrier.tankWaterL += litres;
        set({ water: mixed(water, tank, litres) });
        return carrier.look();
      }
      case 'air':
        air = step.level;
        return;
      case 'binder':
        boundUntil = carrier.minute + around.binderHoldsH * 60;
        return carrier.look();
    }
  };

  const carrier: Carrier = {
    vessel: start,
    minute: 0,
    exposure: 0,
    tankWaterL: 0,
    samples: [],
    look: () => void note(carrier.vessel.water, carrier.minute),
    pass,
    take,
    fewer: (n) => set({ fish: { ...carrier.vessel.fish, n: Math.max(0, carrier.vessel.fish.n - n) } }),
  };
  return carrier;
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
