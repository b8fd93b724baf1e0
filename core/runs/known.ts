// What the house knows of a run, made into what its course is computed from: actions out of events, readings set right by their meter's checks.
import type { AirLevel } from '../bench/index.ts';
import { HOUR_MS } from '../time/index.ts';
import type { ReadingMethod, Quantity } from '../water/index.ts';
import type { RunChecked, RunAction, RunHanded, RunNoticed, RunStarted } from './entries.ts';
import type { RunFacts, TankSince } from './facts.ts';
import { corrected, trueValue, type Check, type Corrected } from './meter.ts';

type Happened<What extends string, Facts> = { entry: string; atMs: number; by: string; what: What } & Facts;
export type RunEvent =
  | Happened<'worked', { line?: number; did: RunAction }>
  | Happened<'noticed', Omit<RunNoticed, 'run'>>
  | Happened<'checked', Omit<RunChecked, 'run'>>
  | Happened<'handed', Omit<RunHanded, 'run'>>;
export type RunReading = {
  entry: string;
  atMs: number;
  by: string;
  quantity: Quantity;
  value: number;
  typed: string;
  method: ReadingMethod;
  instrument?: string;
};

/** Fish that left it while it goes on. */
export type Fewer = { entry: string; atMs: number; by: string; n: number; how: 'dead' | 'released' };

export type AcclimationRun = {
  /** Of `acclimation.started`. */
  entry: string;
  startedAtMs: number;
  started: RunStarted;
  /** In the order in which they happened. */
  events: RunEvent[];
  readings: RunReading[];
  meterChecks: Check[];
  tankSince: TankSince[];
  fewer: Fewer[];
};

export const correctedOf = ({ readings, meterChecks }: Pick<AcclimationRun, 'readings' | 'meterChecks'>): (Corrected & RunReading)[] =>
  corrected(readings, meterChecks) as (Corrected & RunReading)[];

export function runFactsOf(run: AcclimationRun): RunFacts {
  const { startedAtMs, started, events, meterChecks } = run;
  const tankSince = run.tankSince.map((since) => setRight(since, meterChecks));
  const actions = events.flatMap((event) => (event.what === 'worked' ? [{ atMs: event.atMs, line: event.line, did: event.did }] : []));
  return { startedAtMs, started, actions, readings: correctedOf(run), tankSince, fewer: run.fewer };
}

/** The tank, too, was read with a meter that may have been out. */
function setRight({ atMs, water, instrument }: TankSince, checks: readonly Check[]): TankSince {
  const quantities = Object.entries(water) as [keyof TankSince['water'], number][];
  return {
    atMs,
    instrument,
    water: Object.fromEntries(quantities.map(([quantity, value]) => [quantity, trueValue({ instrument, quantity, atMs, value }, checks)])),
  };
}

/** How the vessel stands by what was done: air, until when a binder holds (undefined = none in), what runs in by the last word of it. */
export function standingOf({ started, events }: Pick<AcclimationRun, 'started' | 'events'>): {
  air: AirLevel;
  boundUntilMs?: number;
  flow?: Extract<RunAction, { do: 'flow' }>;
} {
  const actions = events.flatMap((event) => (event.what === 'worked' ? [event] : []));
  const air = actions.findLast(({ did }) => did.do === 'air');
  // A float or a stand of the sheet comes after the drip was shut.
  const flow = actions.findLast(({ did, line }) => did.do === 'flow' || (line !== undefined && (did.do === 'float' || did.do === 'stand')));
  const ammoniaBinder = actions.findLast(({ did }) => did.do === 'ammonia binder');
  return {
    air: air?.did.do === 'air' ? air.did.level : 'none',
    boundUntilMs: ammoniaBinder && ammoniaBinder.atMs + started.water.ammoniaBinderH * HOUR_MS,
    flow: flow?.did.do === 'flow' ? flow.did : undefined,
  };
}

/** Who ticked off a line of the sheet last, and when. */
export const tickedOf = ({ events }: Pick<AcclimationRun, 'events'>, line: number): RunEvent | undefined =>
  events.findLast((event) => event.what === 'worked' && event.line === line);

/** When the first water met the air, by what was done; undefined while all is closed. Ammonia is freed from then on. */
export const openedAtMs = ({ events }: Pick<AcclimationRun, 'events'>): number | undefined =>
  events.find((event) => event.what === 'worked' && (event.did.do === 'open' || event.did.do === 'pour'))?.atMs;

/** Who watches it, and since when and how often they said they would look; undefined when nobody was named. */
export function watchOf({
  started,
  startedAtMs,
  events,
}: Pick<AcclimationRun, 'started' | 'startedAtMs' | 'events'>): { who: string; everyMin?: number; sinceMs: number } | undefined {
  const handed = events.findLast((event) => event.what === 'handed');
  if (handed?.what === 'handed') return { who: handed.to, everyMin: handed.checkEveryMin ?? started.checkEveryMin, sinceMs: handed.atMs };
  return started.watcher === undefined ? undefined : { who: started.watcher, everyMin: started.checkEveryMin, sinceMs: startedAtMs };
}
