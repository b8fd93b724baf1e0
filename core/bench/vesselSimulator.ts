// A vessel carried along: what hands do to it, and the time between. The simulation of a method and the course of a run that truly
// happens are both carried by this.
import { floatTau, standingTauH, pooled } from '../water/index.ts';
import type { AirLevel } from './air.ts';
import type { AmbientConditions } from './ambient.ts';
import { stayClosed, type Water } from './bag.ts';
import { BEST_GUESS, type Perturbation } from './input.ts';
import type { Tolerance } from './integrate.ts';
import { letGo, sampleOf, type Fish, type Sample, type Agitation } from './vessel.ts';

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
  | { do: 'ammonia binder' };
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
  'ammonia binder',
] as const satisfies readonly Step['do'][];

/** Steps that take time; the others are a motion of the hand. */
export const isTimed = (step: Step): step is Extract<Step, { minutes: number }> => 'minutes' in step;

export type Vessel = {
  water: Water;
  fish: Fish;
  /** Undefined once it is open; then gas goes in and out. */
  closed?: { gasL: number };
  /** A bucket; a bag takes what is run into it up to twice its water. */
  capacityL: number;
  inRoom: boolean;
};

export type Options = {
  perturbation?: Perturbation;
  ambient: Pick<AmbientConditions, 'pco2' | 'roomC' | 'ammoniaBinderH'>;
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

export type VesselSimulator = {
  vessel: Vessel;
  minute: number;
  /** Mg·h/L of toxic ammonia above 0.02 so far. */
  exposure: number;
  tankWaterL: number;
  samples: Sample[];
  /** A sample of now. */
  sample(): void;
  /** Time goes by: water of `tank` runs in at so many mL/min, or the vessel floats in it. */
  pass(minutes: number, how: { tank: Water; mLPerMin?: number; afloat?: boolean }): void;
  /** What hands do, time that it takes counted. */
  take(step: Step, tank: Water): void;
  /** So many fish are out of it: what is left breathes less. */
  fewer(n: number): void;
};

/** Carries `start`. Salt, ammonia, alkalinity and heat are kept through every step. Throws a RangeError on a volume that is not above 0. */
export function makeVesselSimulator(
  start: Vessel,
  { perturbation = BEST_GUESS, ambient, tolerance, coarse = 1 }: Options,
): VesselSimulator {
  const { pco2, roomC } = ambient;
  let air: AirLevel = 'none';
  // A binder holds until this minute; what it held is free again then.
  let boundUntil = -Infinity;
  let stirred: 'still' | 'poured' = 'still';
  const note = (water: Water, minute: number) =>
    simulator.samples.push(
      sampleOf(water, {
        ammoniaBinder: minute < boundUntil,
        minute,
        where: simulator.vessel.inRoom && !simulator.vessel.closed ? 'bucket' : 'bag',
      }),
    );

  // What floats follows its tank; what stands, an opened bag too, has air around it.
  const tauOf = (litres: number, afloat: boolean) => perturbation.tau * (afloat ? floatTau(litres) / 60 : standingTauH(litres));

  const passClosed = (minutes: number, { count, surroundingsC, afloat }: { count: number; surroundingsC: number; afloat: boolean }) => {
    const { gasL } = simulator.vessel.closed!;
    const tauH = tauOf(simulator.vessel.water.volumeL, afloat);
    let before = 0;
    for (let index = 1; index <= count; index += 1) {
      const { water, fish } = simulator.vessel;
      const until = (minutes / 60) * (index / count) ** EARLY_POWER;
      const hours = until - before;
      before = until;
      const toC = surroundingsC + (water.temperature - surroundingsC) * Math.exp(-hours / tauH);
      simulator.vessel = {
        ...simulator.vessel,
        water: stayClosed({ water, gasL, fish, factor: perturbation.metabolism, nitrogen: perturbation.nitrogen, toC, hours }),
      };
      note(simulator.vessel.water, simulator.minute + until * 60);
    }
    simulator.minute += minutes;
  };

  const pass: VesselSimulator['pass'] = (minutes, how) => {
    const untilSpent = boundUntil - simulator.minute;
    if (untilSpent <= 0 || untilSpent >= minutes) return passOn(minutes, how);
    passOn(untilSpent, how);
    boundUntil = -Infinity;
    simulator.sample();
    passOn(minutes - untilSpent, how);
  };

  const passOn: VesselSimulator['pass'] = (minutes, { tank, mLPerMin = 0, afloat = false }) => {
    if (minutes <= 0) return;
    const surroundingsC = afloat ? tank.temperature : roomC;
    const spacing = (simulator.vessel.closed && !afloat ? CLOSED_SAMPLE_MIN : minutes > LONG_MIN ? LONG_SAMPLE_MIN : SAMPLE_MIN) * coarse;
    const count = Math.max(1, Math.min(MOST_SAMPLES, Math.ceil(minutes / spacing)));
    if (simulator.vessel.closed) return passClosed(minutes, { count, surroundingsC, afloat });
    const flowLPerH = (mLPerMin * 60) / 1000;
    const untilFull = flowLPerH > 0 ? Math.max(0, simulator.vessel.capacityL - simulator.vessel.water.volumeL) / flowLPerH : Infinity;
    const agitation: Agitation = air !== 'none' ? air : flowLPerH > 0 ? 'dripped' : stirred;
    let left = minutes / 60;
    for (const overflowing of [false, true]) {
      const hours = overflowing ? left : Math.min(left, untilFull);
      if (hours <= 1e-9) continue;
      const share = Math.max(1, Math.round((count * hours * 60) / minutes));
      const times = Array.from({ length: share }, (_, index) => hours * ((index + 1) / share) ** EARLY_POWER);
      const { water, fish } = simulator.vessel;
      const { exchange, metabolism, nitrogen } = perturbation;
      const tauH = tauOf(water.volumeL, afloat);
      const ammoniaBinder = simulator.minute < boundUntil;
      const going = { agitation, flowLPerH, tank, surroundingsC, tauH, ammoniaBinder, pco2, fish, exchange, metabolism, nitrogen };
      const gone = letGo({ water, going, hours, overflowing, exposure: simulator.exposure, times, tolerance });
      simulator.vessel = { ...simulator.vessel, water: gone.water };
      simulator.exposure = gone.exposure;
      gone.waters.forEach((water, index) => note(water, simulator.minute + times[index]! * 60));
      simulator.minute += hours * 60;
      left -= hours;
    }
    simulator.tankWaterL += flowLPerH * (minutes / 60);
  };

  const set = (vessel: Partial<Vessel>) => {
    simulator.vessel = { ...simulator.vessel, ...vessel };
  };
  const take: VesselSimulator['take'] = (step, tank) => {
    const { water, fish } = simulator.vessel;
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
        return set({ closed: undefined, inRoom: true, capacityL: Math.max(step.bucketL, water.volumeL) });
      case 'pourOff':
        stirred = 'poured';
        return set({ water: { ...water, volumeL: Math.min(step.toL, water.volumeL) } });
      case 'cup': {
        const litres = Math.min(step.litres, water.volumeL);
        stirred = 'poured';
        simulator.tankWaterL += litres;
        set({ water: mixed(water, tank, litres) });
        return simulator.sample();
      }
      case 'air':
        air = step.level;
        return;
      case 'ammonia binder':
        boundUntil = simulator.minute + ambient.ammoniaBinderH * 60;
        return simulator.sample();
    }
  };

  const simulator: VesselSimulator = {
    vessel: start,
    minute: 0,
    exposure: 0,
    tankWaterL: 0,
    samples: [],
    sample: () => void note(simulator.vessel.water, simulator.minute),
    pass,
    take,
    fewer: (n) => set({ fish: { ...simulator.vessel.fish, n: Math.max(0, simulator.vessel.fish.n - n) } }),
  };
  return simulator;
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
