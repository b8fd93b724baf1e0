// A match that is laid down, held against who lives on its system and what was read there: when it is laid, and again whenever a step of it is due.
import { refuse, type Refusal } from '../journal/index.ts';
import { HOUR_MS } from '../time/index.ts';
import type { MatchPlanned } from './entries.ts';
import { gentlest, livesOutside, type Resident } from './match.ts';

type Steps = Pick<MatchPlanned, 'fromPpt' | 'toPpt' | 'swaps' | 'back' | 'backPpt'>;
/** What somebody said of a step (`swap-1`, `back-2`), and when. */
export type SettledStep = { step: string; kind: 'done' | 'skipped'; atMs: number };
/** `newcomers` = the fish that are on their way there: they live through the way back. `treatments` = what the water is under. */
export type MatchedWater = {
  residents: readonly Resident[];
  newcomers: readonly Resident[];
  pptPerDay: number;
  treatments: readonly string[];
};

/** Salinity read otherwise than the plan has it, ppt: above it, it is another plan. */
export const SAME_PPT = 0.3;
/** What the steps of a plan may differ from what their litres make, ppt. */
export const STEP_PPT = 0.05;
export const tenth = (ppt: number): number => Math.round(ppt * 10) / 10;

/** What lives there bears each step, there and back, and lives where it is brought; nothing is in the water that a swap takes out. A lead may have a reason. */
export function againstLife({ fromPpt, toPpt, swaps, back, backPpt }: Steps, water: MatchedWater): Refusal[] {
  const { residents, newcomers, pptPerDay, treatments } = water;
  const limit = gentlest(residents, toPpt > fromPpt);
  const steps = swaps.map(({ toPpt: to }, index) => Math.abs(to - (swaps[index - 1]?.toPpt ?? fromPpt)));
  const perHour = swaps.map(({ atMs, toPpt: to }) =>
    Math.abs(to - (swaps.findLast((earlier) => earlier.atMs <= atMs - HOUR_MS)?.toPpt ?? fromPpt)),
  );
  const largest = Math.max(0, ...steps, ...perHour);
  // A day's swap is made at once: it is a step, whatever the rule for a day is.
  const backLimit = gentlest([...residents, ...newcomers], backPpt > 0);
  const climbs = back.map(({ toPpt: to }, index) => Math.abs(to - (back[index - 1]?.toPpt ?? toPpt)));
  const climb = Math.max(0, ...climbs);
  const perDay = Math.max(
    0,
    ...back.map(({ afterH }, index) => climbs[index]! / Math.max(1, (afterH - (back[index - 1]?.afterH ?? 0)) / 24)),
  );
  const outside = livesOutside(residents, toPpt);
  const steep = (path: string, ppt: number, most: number, who: string) =>
    ppt > most + STEP_PPT ? refuse('match.steep', path, { ppt: tenth(ppt), limit: most, who }, 'lead') : [];
  return [
    ...(limit ? steep('swaps', largest, limit.ppt, limit.by) : []),
    ...(backLimit ? steep('back', climb, backLimit.ppt, backLimit.by) : []),
    ...steep('back', perDay, pptPerDay, 'the house’s rule for a day'),
    ...(outside.length > 0 ? refuse('match.outside', 'toPpt', { ppt: tenth(toPpt), who: outside.join(', ') }, 'lead') : []),
    ...(treatments.length > 0 ? refuse('match.treated', 'system', { what: treatments.join(', ') }, 'lead') : []),
  ];
}

/** Where what was done has brought it, and when that was done last. */
export function reachedBy({ fromPpt, swaps, back }: Steps, settled: readonly SettledStep[]): { ppt: number; lastMs: number } {
  const done = settled.filter(({ kind }) => kind === 'done');
  const stepsOf = (name: string) => done.filter(({ step }) => step.startsWith(name)).map(({ step }) => Number(step.slice(name.length)));
  const [swapped, climbed] = [Math.max(0, ...stepsOf('swap-')), Math.max(0, ...stepsOf('back-'))];
  return {
    ppt: back[climbed - 1]?.toPpt ?? swaps[swapped - 1]?.toPpt ?? fromPpt,
    lastMs: Math.max(-Infinity, ...done.map(({ atMs }) => atMs)),
  };
}

/** The way back from where it was really brought: no step of it where no swap was made. */
export const backFrom = (plan: Steps, settled: readonly SettledStep[]) => {
  const { ppt } = reachedBy(
    plan,
    settled.filter(({ step }) => step.startsWith('swap-')),
  );
  return plan.back
    .map((step, index) => ({ ...step, step: `back-${index + 1}` }))
    .filter(({ toPpt }) => ppt !== plan.fromPpt && (plan.backPpt > 0 ? toPpt > ppt + STEP_PPT : toPpt < ppt - STEP_PPT));
};

/** Why its next step is not to be made as it was laid down: who lives there, or what was read since, is another. */
export function againstLaid(
  plan: Steps & { atMs: number; settled: readonly SettledStep[] },
  water: MatchedWater & { salinityPpt: number; readMs?: number },
): Refusal[] {
  const { ppt, lastMs } = reachedBy(plan, plan.settled);
  const isRead = water.readMs !== undefined && water.readMs > Math.max(plan.atMs, lastMs);
  return [
    ...(isRead && Math.abs(water.salinityPpt - ppt) > SAME_PPT
      ? refuse('match.otherSalinity', 'fromPpt', { ppt: tenth(water.salinityPpt), from: tenth(ppt) })
      : []),
    ...againstLife(plan, water),
  ];
}
