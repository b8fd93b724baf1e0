// The course of a run: what its vessel has been since it began, by what hands truly did, and what it will be if the rest goes by plan.
// Pure of everything that was fitted: `differs` says how this vessel is other than the book has it.
import {
  isTimed,
  makeVesselSimulator,
  type VesselSimulator,
  type Step,
  type Tolerance,
  BEST_GUESS,
  type Perturbation,
  startVessel,
  tankWater,
  type Sample,
  type Water,
} from '../bench/index.ts';
import type { RunAction } from './entries.ts';
import { minuteOf, reachedLine, tankBy, type RunFacts } from './facts.ts';

/** By what a vessel differs from the book: factors (1 = as calculated), and offsets (0). */
export type VesselParameters = {
  tau: number;
  flow: number;
  exchange: number;
  /** Ammonia and carbon that the bag brought. */
  tan: number;
  dic: number;
  /** How much the fish are and breathe, and their ammonia for it. */
  metabolism: number;
  nitrogen: number;
  /** So much warmer is the room, so much saltier the tank and the bag at its beginning: °C, ppt. */
  roomC: number;
  tankPpt: number;
  startPpt: number;
};
export const AS_CALCULATED: VesselParameters = {
  tau: 1,
  flow: 1,
  exchange: 1,
  tan: 1,
  dic: 1,
  metabolism: 1,
  nitrogen: 1,
  roomC: 0,
  tankPpt: 0,
  startPpt: 0,
};

export type End = { atMinute: number; by: 'salinity' | 'plan' };
export type Trajectory = {
  /** From the beginning to the end, or to now where that is later. */
  samples: Sample[];
  /** At each reading, in their order. */
  atReadings: Sample[];
  now: Sample;
  /** Undefined when it is not reached within a day of the plan's end. */
  end?: End;
  /** Minutes until the vessel is full, from now; undefined when it is, or nothing runs. */
  fullInMinutes?: number;
  flowMLPerMin: number;
  /** Until now: mg·h/L of toxic ammonia above 0.02, and litres of tank water used. */
  exposure: number;
  tankWaterL: number;
  /** Where the future begins in `samples`. */
  nowIndex: number;
};

export type TrajectoryOptions = {
  now: number;
  parameters?: VesselParameters;
  tolerance?: Tolerance;
  coarse?: number;
  /** Only the past, for fitting. */ pastOnly?: boolean;
};

/** How long after the plan a vessel that is not there yet is followed, minutes. */
const LONGEST_AFTER_MIN = 24 * 60;
const AFTER_STEP_MIN = 60;

type Mode = { afloat: boolean; mLPerMin: number };
type Event =
  | { atMs: number; is: 'deed'; did: RunAction; planned: boolean }
  | { atMs: number; is: 'check'; index: number }
  | { atMs: number; is: 'tank' }
  | { atMs: number; is: 'fewer'; n: number };

/** Does to the vessel what hands did, and says how it goes on. */
function actionInto(
  simulator: VesselSimulator,
  { did, planned }: { did: RunAction; planned: boolean },
  { tank, mode, flow }: { tank: Water; mode: Mode; flow: number },
): Mode {
  switch (did.do) {
    case 'float':
      // As the plan has it the drip is over; set afloat between two lines it runs on.
      return { afloat: true, mLPerMin: planned ? 0 : mode.mLPerMin };
    case 'open':
    case 'ammonia binder':
      simulator.take({ do: did.do }, tank);
      return mode;
    case 'pour':
      simulator.take({ do: 'pour', bucketL: did.bucketL }, tank);
      return { ...mode, afloat: false };
    case 'pour off':
      simulator.take({ do: 'pourOff', toL: did.toL }, tank);
      return mode;
    case 'cup':
    case 'air':
      simulator.take(did, tank);
      return mode;
    case 'flow':
      // What was caught in a measure is known; what was told by drops or by a knot is as uncertain as an airline is.
      return { ...mode, mLPerMin: did.mLPerMin * (did.from === 'caught' ? 1 : flow) };
    case 'stand':
      return { ...mode, mLPerMin: 0 };
  }
}

/** How a planned step goes on once it is begun. */
function modeOf(step: Step, mode: Mode): Mode {
  if (step.do === 'run') return { ...mode, mLPerMin: step.mLPerMin };
  if (step.do === 'float') return { afloat: true, mLPerMin: 0 };
  if (step.do === 'wait') return { ...mode, mLPerMin: 0 };
  return step.do === 'pour' ? { ...mode, afloat: false } : mode;
}

/** Within so many ppt of the tank at this sample. */
function isThere(sample: Pick<Sample, 'salinity'>, { within, tankPpt }: { within: number; tankPpt: number }): boolean {
  return Math.abs(sample.salinity - tankPpt) <= within;
}

/**
 * Carries the vessel through all that was done, then through what is left of the plan, until it is as near to the tank as the run asks or the plan is
 * over. °C, ppt, mg/L, minutes since it began. About half a millisecond for a day's conversion.
 */
export function trajectoryOf(facts: RunFacts, options: TrajectoryOptions): Trajectory {
  const { now, parameters = AS_CALCULATED, tolerance, coarse, pastOnly = false } = options;
  const { started } = facts;
  const { tau, exchange, metabolism, nitrogen } = parameters;
  const perturbation: Perturbation = { ...BEST_GUESS, tau, exchange, metabolism, nitrogen };
  const ambient = parameters.roomC === 0 ? started.water : { ...started.water, roomC: started.water.roomC + parameters.roomC };
  const settings = { perturbation, ambient, tolerance, coarse };
  const salinity = Math.max(0, started.start.salinity + parameters.startPpt);
  const vessel = startVessel(parameters.startPpt === 0 ? started.start : { ...started.start, salinity }, started.of, settings);
  const { water } = vessel;
  const tankAt = (atMs: number): Water => {
    const by = tankBy(facts, atMs);
    return tankWater(parameters.tankPpt === 0 ? by : { ...by, salinity: Math.max(0, by.salinity + parameters.tankPpt) });
  };
  const simulator = makeVesselSimulator(
    { ...vessel, water: { ...water, tan: water.tan * parameters.tan, dic: water.dic * parameters.dic } },
    settings,
  );
  let tank = tankAt(facts.startedAtMs);
  let mode: Mode = { afloat: false, mLPerMin: 0 };
  const atReadings: Sample[] = [];
  const passTo = (minute: number) => simulator.pass(minute - simulator.minute, { tank, mLPerMin: mode.mLPerMin, afloat: mode.afloat });

  simulator.sample();
  for (const event of eventsOf(facts, now)) {
    passTo(minuteOf(event.atMs, facts));
    if (event.is === 'tank') tank = tankAt(event.atMs);
    else if (event.is === 'fewer') simulator.fewer(event.n);
    else if (event.is === 'deed') mode = actionInto(simulator, event, { tank, mode, flow: parameters.flow });
    else {
      simulator.sample();
      atReadings[event.index] = simulator.samples.at(-1)!;
    }
  }
  const nowMinute = Math.max(minuteOf(now, facts), simulator.minute);
  passTo(nowMinute);
  simulator.sample();
  const nowIndex = simulator.samples.length - 1;
  const here = simulator.samples[nowIndex]!;
  const { volumeL } = simulator.vessel.water;
  const flowMLPerMin = mode.mLPerMin;
  const room = (simulator.vessel.capacityL - volumeL) * 1000;
  const fullInMinutes = flowMLPerMin > 0 && room > 1 ? room / flowMLPerMin : undefined;
  // Until now; what is calculated ahead has not happened.
  const { exposure, tankWaterL } = simulator;
  const end = pastOnly ? undefined : carryOn(simulator, { facts, tank, mode, nowIndex, now, flow: parameters.flow, startPpt: salinity });
  return { samples: simulator.samples, atReadings, now: here, end, fullInMinutes, flowMLPerMin, exposure, tankWaterL, nowIndex };
}

function eventsOf({ actions, readings, tankSince, fewer }: RunFacts, now: number): Event[] {
  const events: Event[] = [
    ...actions.map(({ atMs, did, line }): Event => ({ atMs, is: 'deed', did, planned: line !== undefined })),
    ...tankSince.map(({ atMs }): Event => ({ atMs, is: 'tank' })),
    ...fewer.map(({ atMs, n }): Event => ({ atMs, is: 'fewer', n })),
    ...readings.map(({ atMs }, index): Event => ({ atMs, is: 'check', index })),
  ];
  // Sorting keeps the order of what happened at the same instant.
  return events.filter(({ atMs }) => atMs <= now).sort((a, b) => a.atMs - b.atMs);
}

type Ahead = {
  facts: RunFacts;
  tank: Water;
  mode: Mode;
  nowIndex: number;
  now: number;
  flow: number;
  /** As it truly began. */ startPpt: number;
};

/** What is left of the plan, and on until the vessel is near enough to the tank. */
function carryOn(simulator: VesselSimulator, { facts, tank, mode: begun, nowIndex, now, flow, startPpt }: Ahead): End | undefined {
  const { plan, within, start } = facts.started;
  const bySalt = Math.abs(start.salinity - tank.salinity) > within.salinity;
  // A method leaves a share of the gap by design: where tank or bag were other than stated, the same share of the true gap.
  const stated = Math.abs(start.salinity - tankBy(facts, now).salinity);
  const share = bySalt && stated > within.salinity ? Math.abs(startPpt - tank.salinity) / stated : 1;
  const asked = { within: within.salinity * share, tankPpt: tank.salinity };
  const reached = (): End | undefined => {
    if (!bySalt) return undefined;
    for (let index = nowIndex; index < simulator.samples.length; index += 1) {
      if (!isThere(simulator.samples[index]!, asked)) continue;
      const [before, after] = [simulator.samples[index - 1], simulator.samples[index]!];
      if (index === nowIndex || !before) return { atMinute: after.minute, by: 'salinity' };
      const edge = tank.salinity + Math.sign(before.salinity - tank.salinity) * asked.within;
      const part = (edge - before.salinity) / (after.salinity - before.salinity);
      return { atMinute: before.minute + part * (after.minute - before.minute), by: 'salinity' };
    }
    return undefined;
  };
  if (bySalt && isThere(simulator.samples[nowIndex]!, asked)) return reached();
  const { line, atMs } = reachedLine(facts);
  const current = plan[line];
  // What is still to be opened up is told by the same drops, unless somebody catches it in a measure.
  const differs = facts.actions.some(({ did }) => did.do === 'flow' && did.from === 'caught' && did.mLPerMin > 0) ? 1 : flow;
  let mode = begun;
  if (current && isTimed(current))
    simulator.pass(current.minutes - minuteOf(now, facts) + minuteOf(atMs, facts), { tank, mLPerMin: mode.mLPerMin, afloat: mode.afloat });
  for (const planned of plan.slice(line + 1)) {
    if (reached()) break;
    const step = planned.do === 'run' ? { ...planned, mLPerMin: planned.mLPerMin * differs } : planned;
    mode = modeOf(step, mode);
    simulator.take(step, tank);
  }
  if (!bySalt) return { atMinute: simulator.minute, by: 'plan' };
  for (let after = 0; !reached() && after < LONGEST_AFTER_MIN && mode.mLPerMin > 0; after += AFTER_STEP_MIN)
    simulator.pass(AFTER_STEP_MIN, { tank, mLPerMin: mode.mLPerMin, afloat: mode.afloat });
  return reached();
}
