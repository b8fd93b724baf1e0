// A method as steps, carried out on a vessel: minute by minute what the fish are in, until they are in their tank and six hours on.
import { oxygenSolubility, OXYGEN_IN_AIR, dicFromPH, dicWith, carbonateConstants, standingTauH } from '../water/index.ts';
import { closedWater, estimatedWater, measuredInto, type Water } from './bag.ts';
import { makeVesselSimulator, type Options, type Step, type Vessel } from './vesselSimulator.ts';
import { BEST_GUESS, massOf, type BagInput, type LotInput, type TankInput } from './input.ts';
import { letGo, sampleOf, type Sample } from './vessel.ts';

export type { Options, Sample, Step, Vessel };
export type Simulation = {
  samples: Sample[];
  /** The water that the fish leave for the tank. */
  left: Water;
  releasedAtMinute: number;
  /** Mg·h/L of toxic ammonia above 0.02 until then. */
  exposure: number;
  tankWaterL: number;
};

export const AFTER_RELEASE_H = 6;

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

/** The vessel that the fish are in now, as the bag's state says. What was measured is of now; what was not has gone its way since. */
export function startVessel(bag: BagInput, lot: LotInput, { perturbation = BEST_GUESS, ...options }: Options): Vessel {
  const fish = { n: lot.n, gramsEach: lot.n === 0 ? 0 : massOf(lot) / lot.n, fed: bag.fed };
  const vessel = { fish, capacityL: 2 * bag.waterL, inRoom: true };
  if (bag.opening.is === 'closed') return { ...vessel, water: closedWater(bag, lot, perturbation), closed: { gasL: bag.gasL } };
  const water = estimatedWater(bag, lot, perturbation);
  if (bag.opening.is === 'tub') {
    const oxygen = Math.min(water.oxygen * OXYGEN_IN_AIR, oxygenSolubility(water));
    const settled = {
      ...water,
      dic: dicWith({ alkalinity: water.alkalinity, pco2: options.ambient.pco2 }, carbonateConstants(water)),
      oxygen: Math.max(oxygen, 0.5 * oxygenSolubility(water)),
    };
    return { ...vessel, water: measuredInto(settled, bag) };
  }
  const since = letGo({
    water,
    going: {
      agitation: 'still',
      flowLPerH: 0,
      tank: water,
      // Its temperature is as read, whatever the room.
      surroundingsC: bag.temperature,
      tauH: standingTauH(bag.waterL),
      ammoniaBinder: false,
      pco2: options.ambient.pco2,
      fish,
      exchange: perturbation.exchange,
      metabolism: perturbation.metabolism,
      nitrogen: perturbation.nitrogen,
    },
    hours: bag.opening.hours,
    overflowing: false,
    exposure: 0,
    times: [],
  }).water;
  return { ...vessel, water: measuredInto(since, bag) };
}

/**
 * Carries out the steps and lets the fish into the tank. Samples about every two minutes, at most 90 a step. Salt, ammonia, alkalinity and heat are kept
 * through every step. Throws a RangeError on a volume or time that is not above 0.
 */
export function simulate(start: Vessel, tank: Water, steps: readonly Step[], options: Options): Simulation {
  const simulator = makeVesselSimulator(start, options);
  simulator.sample();
  for (const step of steps) simulator.take(step, tank);
  const { samples, minute, exposure, tankWaterL, vessel } = simulator;
  for (const after of [0, AFTER_RELEASE_H * 60])
    samples.push(sampleOf(tank, { ammoniaBinder: false, minute: minute + after, where: 'tank' }));
  return { samples, left: vessel.water, releasedAtMinute: minute, exposure, tankWaterL };
}
