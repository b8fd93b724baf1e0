// What the course of a run is computed from: how it began, what hands did and read since, and what its tank has become meanwhile.
import type { TankInput } from '../bench/index.ts';
import { DAY_MS, MINUTE_MS } from '../time/index.ts';
import type { ReadingMethod, Quantity } from '../water/index.ts';
import type { RunAction, RunStarted } from './entries.ts';

export type TimedAction = { atMs: number; line?: number; did: RunAction };
/** A reading of the vessel, its meter's error taken off where a check told it. */
export type TimedReading = { entry: string; atMs: number; quantity: Quantity; value: number; method: ReadingMethod; instrument?: string };
/** The tank as it was read or changed after the run began. */
export type TankSince = {
  atMs: number;
  water: Partial<Pick<TankInput, 'temperature' | 'salinity' | 'alkalinity' | 'pH'>>;
  instrument?: string;
};

export type RunFacts = {
  startedAtMs: number;
  started: Pick<RunStarted, 'method' | 'start' | 'water' | 'of' | 'plan' | 'within' | 'vessel'>;
  actions: readonly TimedAction[];
  readings: readonly TimedReading[];
  tankSince: readonly TankSince[];
  /** Fish that are out of it while it goes on: dead, or released before the others. */
  fewer: readonly { atMs: number; n: number }[];
};

/** No vessel is followed for longer: what is in it by then no model knows, and each look would cost more than the last. */
const FOLLOWED_DAYS = 7;

/** Throws a RangeError, in words, for a run that began too long ago to be followed. */
export function mustBeFollowed({ startedAtMs }: Pick<RunFacts, 'startedAtMs'>, atMs: number): void {
  if (atMs - startedAtMs > FOLLOWED_DAYS * DAY_MS) throw new RangeError(`it began more than ${FOLLOWED_DAYS} days ago`);
}

export const minuteOf = (atMs: number, { startedAtMs }: Pick<RunFacts, 'startedAtMs'>): number =>
  Math.max(0, (atMs - startedAtMs) / MINUTE_MS);

/** The last line of the sheet that was ticked off, −1 for none, and when. */
export function reachedLine({ actions, startedAtMs }: Pick<RunFacts, 'actions' | 'startedAtMs'>): { line: number; atMs: number } {
  return actions.reduce((last, { line, atMs }) => (line !== undefined && line >= last.line ? { line, atMs } : last), {
    line: -1,
    atMs: startedAtMs,
  });
}

/** What the tank is by now, as far as it was read. */
export function tankBy({ started, tankSince }: Pick<RunFacts, 'started' | 'tankSince'>, atMs: number): TankInput {
  const later = tankSince.filter((since) => since.atMs <= atMs);
  return later.reduce<TankInput>((tank, { water }) => ({ ...tank, ...water }), started.water);
}
