// Figures of a place and of time: how crowded a tank becomes, how long a crate is closed, how fast a drip runs.
import { DROPS_WANTED, type Taps } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { DROPS_PER_ML } from '#core/water/index.ts';
import { sayFlow } from '../words/runs.ts';
import { num, type Figure } from './figure.ts';

export type Crowd = { size: number; limit: number; litres: number; cm: number; grown: boolean; assumed: boolean };

/** What a reason of crowding says of it; undefined when it is of something else, or was written before it told its sums. */
export function crowdOf({ code, facts }: { code: string; facts: Readonly<Record<string, unknown>> }): Crowd | undefined {
  const { size, limit, litres, cm } = facts;
  if (code !== 'cost.crowded' && code !== 'cost.crowdedGrown') return undefined;
  if (typeof size !== 'number' || typeof limit !== 'number' || typeof litres !== 'number' || typeof cm !== 'number') return undefined;
  return { size, limit, litres, cm, grown: code === 'cost.crowdedGrown', assumed: facts.assumed !== undefined };
}

export function crowdingFigure({ size, limit, litres, cm, grown, assumed }: Crowd): Figure {
  return {
    what: grown ? 'How crowded it becomes' : 'How crowded it is',
    law: `The ${grown ? 'grown ' : ''}lengths of all that live there, of these, and of what is to come, added up; against the centimetres that the house gives a litre.`,
    sums: [
      `${num(litres, 1)} L × ${num(limit, 2)} cm/L = ${num(litres * limit, 1)} cm`,
      `${num(cm, 1)} cm ÷ ${num(litres * limit, 1)} cm = ${num(size * 100, 0)} %`,
    ],
    band: `${assumed ? 'Not all were measured: those count as full grown. ' : ''}Centimetres are a thumb’s rule: they say nothing of a fat fish and a thin one, of filter or surface. Read ammonia and watch who hangs at the top.`,
    source: 'A judgement of this house, set under House, Rules.',
    changes:
      'Fewer of them, a larger tank, measuring them; ammonia and oxygen that stay calm for a week are better evidence than any rule.',
  };
}

type Closed = { packedAtMs: number; promisedAtMs: number; arrivedAtMs?: number; now: number; closedH: number; lateH: number };
type Ways = { when: (ms: number) => string; lateAfterH: number; longClosedH: number };

export function closedHoursFigure(
  { packedAtMs, promisedAtMs, arrivedAtMs, now, closedH, lateH }: Closed,
  { when, lateAfterH, longClosedH }: Ways,
): Figure {
  const until = arrivedAtMs ?? now;
  return {
    what: 'Hours closed and late',
    law: 'From packing until now, since what is not open yet goes on breathing; from the promise until the box was here.',
    sums: [
      `${when(packedAtMs)} to ${when(now)}: ${num((now - packedAtMs) / MINUTE_MS, 0)} min ÷ 60 = ${num(closedH, 1)} h closed`,
      until > promisedAtMs
        ? `${when(promisedAtMs)} to ${when(until)}: ${num((until - promisedAtMs) / MINUTE_MS, 0)} min ÷ 60 = ${num(lateH, 1)} h late`
        : `due ${when(promisedAtMs)}: not late`,
    ],
    band: 'No better than the hour that the supplier wrote: boxes are often packed hours before the paper says, and fish stood in nets before that.',
    source: `The crate’s own times. Worked first when more than ${num(lateAfterH, 1)} h late or ${num(longClosedH, 1)} h closed: a rule of this house.`,
    changes:
      'The hour of packing asked of the supplier and put right; a reading of pH and ammonia in the first bag tells more than the hours do.',
  };
}

/** `perML` = drops in a millilitre of this airline, `learnt` when it was caught. */
export function tapsFigure(taps: Taps, { perML, learnt }: { perML: number; learnt: boolean }): Figure {
  return {
    what: 'How fast it drips',
    law: 'The even time between taps makes drops a minute; drops in a millilitre make the rate. A tap that does not fit the rest is left out.',
    sums: [
      `${taps.used} intervals used, ${taps.slips} left out: ${num(taps.dropsPerMin, 1)} drops/min`,
      `${num(taps.dropsPerMin, 1)} drops/min ÷ ${num(perML, 2)} drops/mL = ${num(taps.mLPerMin, 2)} mL/min`,
    ],
    band: `Nine in ten between ${sayFlow(taps.low)} and ${sayFlow(taps.high)}: the hand’s unevenness, and ${learnt ? 'what a measure is read to' : 'the drop itself, ±30 % until it was caught'}.`,
    source: `${learnt ? 'Drops in a millilitre learnt of this airline, from a tapped and a caught rate.' : `${DROPS_PER_ML} drops/mL is a judgement for airline; it is larger for thin hose.`} Slips by the median deviation (Rousseeuw & Croux 1993).`,
    changes: `Caught in a measure for a minute, the drop’s size drops out. ${DROPS_WANTED} drops tell it, thirty tell it better.`,
  };
}
