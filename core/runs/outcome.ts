// What a run reached, for what is learnt of methods: the figures of its course until the fish changed over, against its tank as it was then.
import { figuresOf, tankWater, type Simulation, sampleOf } from '../bench/index.ts';
import { MINUTE_MS } from '../time/index.ts';
import type { SideBySide, RunReleased } from './entries.ts';
import { tankBy, type RunFacts } from './facts.ts';
import type { Trajectory } from './trajectory.ts';

/** Figures at release, as followed: units of core/bench/figures. Salinity and temperature read side by side beat what was calculated. */
export function reachedBy(
  facts: RunFacts,
  trajectory: Trajectory,
  { now, side }: { now: number; side: readonly SideBySide[] },
): RunReleased['figures'] {
  const tank = tankBy(facts, now);
  const water = tankWater(tank);
  const past = trajectory.samples.slice(0, trajectory.nowIndex + 1);
  const last = trajectory.now;
  const simulation: Simulation = {
    samples: [...past, sampleOf(water, { ammoniaBinder: false, minute: last.minute, where: 'tank' })],
    left: last,
    releasedAtMinute: last.minute,
    exposure: trajectory.exposure,
    tankWaterL: trajectory.tankWaterL,
  };
  const { hardnessStep, ...figures } = figuresOf(simulation, water, tank.pco2);
  const read = (quantity: SideBySide['quantity']) => side.findLast((reading) => reading.quantity === quantity);
  const [salt, warmth] = [read('salinity'), read('temperature')];
  return {
    ...figures,
    ...(hardnessStep === undefined ? {} : { hardnessStep }),
    ...(salt ? { salinityStep: salt.tank - salt.vessel } : {}),
    ...(warmth ? { temperatureStep: warmth.tank - warmth.vessel } : {}),
  };
}

type Read = { quantity: SideBySide['quantity']; value: number; instrument?: string; atMs: number };
/** Readings of vessel and tank by one meter within so long of each other are side by side, ms. */
const SIDE_BY_SIDE_MS = 20 * MINUTE_MS;

/** The latest pair of each quantity, read in both with one meter. */
export function sideBySide(vessel: readonly Read[], tank: readonly Read[]): SideBySide[] {
  const pairs = new Map<SideBySide['quantity'], SideBySide>();
  for (const reading of [...vessel].sort((a, b) => a.atMs - b.atMs)) {
    if (reading.instrument === undefined) continue;
    const inTank = tank.findLast(
      (read) =>
        read.quantity === reading.quantity &&
        read.instrument === reading.instrument &&
        Math.abs(read.atMs - reading.atMs) <= SIDE_BY_SIDE_MS,
    );
    if (inTank)
      pairs.set(reading.quantity, {
        quantity: reading.quantity,
        vessel: reading.value,
        tank: inTank.value,
        instrument: reading.instrument,
      });
  }
  return [...pairs.values()];
}
