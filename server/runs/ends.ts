// When each run is calculated to be done. Fitting a vessel costs some milliseconds and changes only when something was written of it; its end is
// calculated anew now and then. What was found is kept for the house, not for each view of it.
import type Database from 'better-sqlite3';
import type { RunEnd } from '#contract/views.ts';
import { estimateOf, forecastOf, mustBeFollowed, runFactsOf, type ParameterEstimate, type AcclimationRun } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';

const KEPT_MS = 5 * MINUTE_MS;
const MOST_KEPT = 200;

/** `cannot` = why no end can be calculated, of a run that was taken before it was known that it could not. */
export type Ended = { end?: RunEnd; cannot?: string };
type Kept = Ended & { mark: string; estimate?: ParameterEstimate; step: number };
export type ReadEnd = (run: AcclimationRun & { run: string }, now: number) => Ended;

const ofHouse = new WeakMap<Database.Database, ReadEnd>();

/** The ends of a house's runs, remembered with its connection. */
export function endsOf(client: Database.Database): ReadEnd {
  const known = ofHouse.get(client);
  if (known) return known;
  const fresh = makeEnds();
  ofHouse.set(client, fresh);
  return fresh;
}

function makeEnds(): ReadEnd {
  const kept = new Map<string, Kept>();
  return (run, now) => {
    const mark = markOf(run);
    const step = Math.floor(now / KEPT_MS);
    const known = kept.get(run.run);
    if (known?.mark === mark && known.step === step) return known;
    const ended = endedAt(run, now, known?.mark === mark ? known.estimate : undefined);
    if (kept.size >= MOST_KEPT) kept.clear();
    kept.set(run.run, { mark, step, ...ended });
    return ended;
  };
}

/** One run that cannot be calculated takes no other with it. */
function endedAt(run: AcclimationRun, now: number, known: ParameterEstimate | undefined): Ended & { estimate?: ParameterEstimate } {
  try {
    mustBeFollowed(run, now);
    const estimate = known ?? estimateOf(runFactsOf(run));
    return { estimate, end: sayEnd(run, now, estimate) };
  } catch (error) {
    return { cannot: (error as Error).message };
  }
}

/** What was written of it until now: something more, or something undone, makes it another. */
function markOf({ events, readings, meterChecks, fewer, tankSince }: AcclimationRun): string {
  const lists = [events, readings, meterChecks, fewer].map((list) => `${list.length} ${list.at(-1)?.entry ?? ''}`);
  return [...lists, ...tankSince.map(({ atMs }) => atMs)].join('|');
}

function sayEnd(run: AcclimationRun, now: number, estimate: ParameterEstimate): RunEnd | undefined {
  const { end, endBand } = forecastOf(runFactsOf(run), now, estimate);
  if (!end) return undefined;
  const minuteMs = (minute: number) => run.startedAtMs + minute * MINUTE_MS;
  return {
    atMs: minuteMs(end.atMinute),
    ...(endBand ? { earlyMs: minuteMs(endBand.early) } : {}),
    ...(endBand?.late === undefined ? {} : { lateMs: minuteMs(endBand.late) }),
  };
}
