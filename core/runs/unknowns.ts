// What is not in the book of a run: how its vessel, its bag, its room, its tank and its meters may differ from what was assumed, each with what is to be
// expected of it before anything was read. Judgements where no source is named.
import { METABOLISM_BAND } from '../bench/index.ts';
import { TAU_FACTOR } from '../water/index.ts';
import { AS_CALCULATED, type VesselParameters } from './trajectory.ts';
import type { RunFacts } from './facts.ts';

/** Of a normal distribution, nine in ten lie within so many deviations. */
export const NINE_IN_TEN = 1.645;

export const PARAMETERS = [
  'tau',
  'flow',
  'exchange',
  'tan',
  'dic',
  'metabolism',
  'nitrogen',
  'roomC',
  'tankPpt',
  'startPpt',
] as const satisfies readonly (keyof VesselParameters)[];
export type Name = (typeof PARAMETERS)[number];
/** What a meter makes of the truth: a share and so much of a salinity, so much of a pH. */
export const METERS = ['ppt gain', 'ppt offset', 'pH offset'] as const;
export type MeterName = (typeof METERS)[number];
export type Unknown = Name | MeterName;
export const UNKNOWNS: readonly Unknown[] = [...PARAMETERS, ...METERS];

/** Additive unknowns, in how much of them one unit of theta is: so that a step in theta is as telling as one in the logarithm of a factor. */
const UNIT: Partial<Record<Unknown, number>> = { roomC: 6, tankPpt: 2, startPpt: 3, 'ppt offset': 2, 'pH offset': 0.6 };

/** A factor, or an offset, from its theta. */
export const fromTheta = (name: Unknown, theta: number): number => (UNIT[name] === undefined ? Math.exp(theta) : theta * UNIT[name]);
export const toTheta = (name: Unknown, value: number): number => (UNIT[name] === undefined ? Math.log(value) : value / UNIT[name]);

export const asParameters = (theta: readonly number[]): VesselParameters => ({
  ...AS_CALCULATED,
  ...Object.fromEntries(PARAMETERS.map((name, index) => [name, fromTheta(name, theta[index]!)])),
});
export const thetaOf = (parameters: VesselParameters): number[] => PARAMETERS.map((name) => toTheta(name, parameters[name]));

/** Before anything was read: deviations in theta. */
export function priorOf({ started, actions, tankSince }: Pick<RunFacts, 'started' | 'actions' | 'tankSince'>): Record<Unknown, number> {
  const by = (factor: number) => Math.log(factor) / NINE_IN_TEN;
  const so = (name: Unknown, deviation: number) => deviation / UNIT[name]!;
  const flows = actions.filter(({ did }) => did.do === 'flow');
  const tapped = flows.length > 0 && flows.every(({ did }) => did.do === 'flow' && did.from !== 'set');
  const tankRead = tankSince.some(({ water }) => water.salinity !== undefined);
  return {
    tau: by(TAU_FACTOR),
    // Drops of an airline, ± 30 %; a knot set by eye is worth less.
    flow: by(tapped ? 1.3 : 1.6),
    exchange: by(2),
    tan: started.start.tan === undefined ? by(METABOLISM_BAND.high) : by(1.2),
    dic: started.start.pH === undefined ? by(1.3) : by(1.08),
    // Mass by a length that somebody guessed, and how much they breathe.
    metabolism: by(1.8),
    // Fed a day before, twice as much.
    nitrogen: by(started.start.fed ? 1.4 : 2),
    roomC: so('roomC', 2),
    tankPpt: so('tankPpt', tankRead ? 0.25 : 0.6),
    // The water of a bath was mixed and read by hands; of a bag it is stated, or read in one of several.
    startPpt: so('startPpt', started.method === 'first-aid bath' ? 0.15 : 0.6),
    'ppt gain': 0.025,
    'ppt offset': so('ppt offset', 0.5),
    'pH offset': so('pH offset', 0.18),
  };
}
