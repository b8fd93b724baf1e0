// At a stop sign: may they go into the tank as they are, and if not, what brings the vessel back towards the last salinity that they bore.
import { exactly, stepsOver, type Sample } from '../bench/index.ts';
import { swapLitres } from '../water/index.ts';
import type { RunStarted } from './entries.ts';
import { sampleAt, type Followed } from './follow.ts';

/** Swap so many litres for water of `withPpt`, as warm as the vessel. */
export type Back = { toPpt: number; litres: number; withPpt: number };
/** `within` = the step into the tank is one they bear; `over` = it is not, or may not be for what nobody read. */
export type Exit = { is: 'within' } | { is: 'over'; back?: Back };

/** What they have borne longest: where they stood so long ago. */
const BORNE_MIN = 60;
/** A smaller way back than this is nothing to pour for, ppt. */
const WORTH_POURING = 0.5;

type Vessel = Pick<Followed, 'samples' | 'nowIndex' | 'now' | 'band'>;

/** Tolerances and swaps as in core/bench and core/water; a vessel that was not read counts by the worse end of its band. */
export function exitOf(followed: Vessel, { water: tank, of }: Pick<RunStarted, 'water' | 'of'>): Exit {
  const { now, nowIndex, band, samples } = followed;
  const within = (quantity: 'salinity' | 'temperature') => ({ value: now[quantity], ...band[quantity][nowIndex]!, open: true });
  const over = stepsOver(
    { salinity: within('salinity'), temperature: within('temperature'), alkalinity: now.alkalinity },
    { salinity: exactly(tank.salinity), temperature: exactly(tank.temperature), alkalinity: tank.alkalinity },
    { lot: of, pco2: tank.pco2 },
  );
  if (over.length === 0) return { is: 'within' };
  const back = backOf(now, samples.slice(0, nowIndex + 1), tank.freshPpt);
  return { is: 'over', ...(back ? { back } : {}) };
}

function backOf(now: Sample, past: readonly Sample[], freshPpt: number): Back | undefined {
  const borne = sampleAt(past, Math.max(0, now.minute - BORNE_MIN)).salinity;
  const change = now.salinity - borne;
  if (Math.abs(change) < WORTH_POURING) return undefined;
  // Taken up, they go back with fresh water; taken down, with water as it was when they came.
  const withPpt = change > 0 ? Math.min(freshPpt, borne) : Math.max(past[0]!.salinity, borne);
  if (Math.abs(now.salinity - withPpt) < WORTH_POURING) return undefined;
  return { toPpt: borne, litres: swapLitres({ volumeL: now.volumeL, from: now.salinity, to: borne, with: withPpt }), withPpt };
}
