// The run sheet: the plan as lines that hands tick off, each with its cautions and when it is due; which of them is next, and whether the
// drip is to be looser or tighter.
import { isTimed, type Step, type AcclimationMethod } from '../bench/index.ts';
import { DROPS_BAND } from '../water/index.ts';
import type { RunAction, RunMethod, RunStarted, Vessel } from './entries.ts';
import { minuteOf, reachedLine, type RunFacts } from './facts.ts';
import { turnTo, type Turn } from './taps.ts';

/** Where people or fish can be hurt: said at the line, once, with why. */
export type SheetCaution =
  | 'never by mouth'
  | 'secure the hose'
  | 'lid on'
  | 'air frees ammonia'
  | 'three hands'
  | 'bag water to the drain'
  | 'scissors below the knot'
  | 'ammonia binder upsets tests'
  | 'two lift'
  | 'stand bags upright'
  | 'overflow'
  | 'label and vet'
  | 'gloves'
  | 'bag fast';

export type SheetLine = {
  line: number;
  step: Step;
  /** Planned, minutes since the start. */
  atMinute: number;
  minutes: number;
  cautions: SheetCaution[];
  /** No drip has run before it. */
  first: boolean;
  /** Time in a bath, not time to let water settle. */
  inBath: boolean;
};

/** Two people lift from here on, litres. */
const HEAVY_L = 15;

function cautionsOf(step: Step, { before, vessel, bags }: { before: readonly Step[]; vessel: Vessel; bags: number }): SheetCaution[] {
  const firstRun = !before.some((step) => step.do === 'run');
  switch (step.do) {
    case 'float':
      return ['bag fast'];
    case 'open':
      return ['scissors below the knot', ...(bags > 1 ? (['stand bags upright'] as const) : [])];
    case 'pour':
      return ['three hands', 'lid on', ...(step.bucketL >= HEAVY_L ? (['two lift'] as const) : [])];
    case 'air':
      return step.level === 'none' ? [] : ['air frees ammonia'];
    case 'ammonia binder':
      return ['ammonia binder upsets tests'];
    case 'run':
      if (!firstRun) return [];
      return ['never by mouth', 'secure the hose', ...(vessel.overflow === 'no overflow' ? [] : (['overflow'] as const))];
    case 'pourOff':
    case 'cup':
      return ['bag water to the drain'];
    default:
      return [];
  }
}

export function sheetOf({ plan, vessel, from, bath }: Pick<RunStarted, 'plan' | 'vessel' | 'from' | 'bath'>): SheetLine[] {
  let atMinute = 0;
  return plan.map((step, line) => {
    const minutes = isTimed(step) ? step.minutes : 0;
    const first = !plan.slice(0, line).some((before) => before.do === 'run');
    const inBath = bath !== undefined && step.do === 'wait';
    const cautions = cautionsOf(step, { before: plan.slice(0, line), vessel, bags: from.length });
    const sheetLine: SheetLine = {
      line,
      step,
      atMinute,
      minutes,
      first,
      inBath,
      cautions: inBath ? ['label and vet', 'gloves'] : cautions,
    };
    atMinute += minutes;
    return sheetLine;
  });
}

/** What hands did when a planned step is ticked off; a drip is taken as set by eye until it is tapped. Nothing for pooling: it is in the beginning. */
export function actionOf(step: Step): RunAction | undefined {
  switch (step.do) {
    case 'float':
    case 'open':
    case 'ammonia binder':
      return { do: step.do };
    case 'pour':
    case 'air':
    case 'cup':
      return step;
    case 'pourOff':
      return { do: 'pour off', toL: step.toL };
    case 'wait':
      return { do: 'stand' };
    case 'run': {
      const { mLPerMin } = step;
      return { do: 'flow', mLPerMin, low: mLPerMin * (1 - DROPS_BAND), high: mLPerMin * (1 + DROPS_BAND), from: 'set' };
    }
    case 'pool':
      return undefined;
  }
}

export type Next = {
  /** The line that hands do next; undefined = only the release is left. */
  line?: SheetLine;
  /** Minutes since the start at which it is due: when the line before it is over. */
  dueMinute: number;
  /** The line that goes on meanwhile. */
  going?: SheetLine;
};

/** What hands do next and when, by what was ticked off. */
export function nextOf(lines: readonly SheetLine[], facts: Pick<RunFacts, 'actions' | 'startedAtMs'>): Next {
  const reached = reachedLine(facts);
  const going = lines[reached.line];
  const line = lines[reached.line + 1];
  const since = minuteOf(reached.atMs, facts);
  return { line, going, dueMinute: since + (going?.minutes ?? 0) };
}

/** Lines that are one motion of the hand, ticked off together: up to and with the first that takes time; water that begins to run is a motion of its own. */
export function motionOf(lines: readonly SheetLine[], from: number): SheetLine[] {
  const rest = lines.slice(from);
  const last = rest.findIndex(({ minutes }) => minutes > 0);
  if (last < 0) return rest;
  return rest.slice(0, last > 0 && rest[last]!.step.do === 'run' ? last : last + 1);
}

/** The drip against the plan's for this stretch; undefined when nothing is to run now. */
export function dripTurn(
  lines: readonly SheetLine[],
  facts: Pick<RunFacts, 'actions' | 'startedAtMs'>,
  isMLPerMin: number,
): Turn | undefined {
  const { going } = nextOf(lines, facts);
  return going?.step.do === 'run' ? turnTo(isMLPerMin, going.step.mLPerMin) : undefined;
}

/** Methods that are run in a vessel; the others are a float and a net. */
export const RUN_METHODS = [
  'drip',
  'fast siphon',
  'cup exchange',
  'pooled bucket',
  'long conversion',
  'overnight conversion',
] as const satisfies readonly AcclimationMethod[];
export const isRunMethod = (method: RunMethod): boolean =>
  method === 'first-aid bath' || (RUN_METHODS as readonly string[]).includes(method);

/** An overflowing vessel for many hours, by whichever setting. */
export const isConversionMethod = (method: RunMethod): boolean => method === 'long conversion' || method === 'overnight conversion';

/** Salt moved by so much is a conversion: its losses come over days. */
export const CONVERSION_PPT = 5;
export const isConversion = ({ method, fromPpt, toPpt }: { method: RunMethod; fromPpt: number; toPpt: number }): boolean =>
  isConversionMethod(method) || Math.abs(toPpt - fromPpt) >= CONVERSION_PPT;
/** After a conversion fish are looked at again, hours. */
export const CONVERSION_HOURS = [24, 48, 168, 336] as const;
