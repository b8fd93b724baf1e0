// Letting go of a run: what is said of its fish, and the entries that it becomes.
import type { RunCard } from '#contract/views.ts';
import type { QuarantinePolicy } from '#core/quarantine/index.ts';
import type { Mishap } from '#core/rounds/index.ts';
import {
  correctedOf,
  reachedBy,
  runFactsOf,
  sideBySide,
  trajectoryOf,
  type Followed,
  type RunReleaseBy,
  type SideBySide,
  type VesselWater,
} from '#core/runs/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { newId, type Draft } from '../../data/house.ts';

/** How long the lights stay down. */
export const DARK = ['not', '2 h', '4 h', 'overnight'] as const;
export type Dark = (typeof DARK)[number];
export const DARK_H: Record<Dark, number> = { not: 0, '2 h': 2, '4 h': 4, overnight: 12 };

export type ReleaseSaid = {
  counts: readonly { tank: string; n: number }[];
  dead: number;
  /** Undefined until somebody says that some stay: the weakest may go first. */
  staying?: number;
  by: RunReleaseBy;
  water: VesselWater;
  mishap?: Mishap;
  dark: Dark;
};

/** Where they go and what it adds up to. */
export function sumOf({ counts, dead, staying = 0 }: ReleaseSaid) {
  const into = counts.filter(({ n }) => n > 0);
  const alive = into.reduce((sum, { n }) => sum + n, 0);
  return { into, alive, remaining: staying, found: alive + dead + staying };
}

/** Readings of vessel and tank by one meter, set right by its checks. */
export const sidesOf = (run: RunCard): SideBySide[] =>
  sideBySide(
    correctedOf(run),
    runFactsOf(run).tankSince.flatMap(({ atMs, water, instrument }) =>
      Object.entries(water).map(([quantity, value]) => ({ quantity: quantity as 'salinity', value, instrument, atMs })),
    ),
  );

type At = { atMs: number; followed?: Followed; policy?: QuarantinePolicy; again: readonly Draft[] };

/** `policy` = its quarantine begins with this; `again` = who is in quarantine again by it. */
export function releaseEntries(run: RunCard, said: ReleaseSaid, { atMs, followed, policy, again }: At): Draft[] {
  const { into, alive, remaining, found } = sumOf(said);
  const facts = runFactsOf(run);
  const trajectory = trajectoryOf(facts, { now: atMs, parameters: followed?.estimate.parameters });
  const side = sidesOf(run);
  const first = into[0]?.tank ?? run.tank.id;
  const drafts: Draft[] = [];
  if (found !== run.n)
    drafts.push({
      kind: 'stock.counted',
      payload: { place: run.run, lot: run.lot, found, onRecord: run.n, against: found < run.n ? 'missing' : 'discrepancy' },
    });
  if (policy) drafts.push({ kind: 'quarantine.opened', payload: { quarantine: newId(), lot: run.lot, policy, zero: 'arrival' } });
  drafts.push({
    kind: 'acclimation.released',
    payload: {
      run: run.run,
      lot: run.lot,
      into,
      dead: said.dead,
      ...(remaining > 0 ? { remaining } : {}),
      by: said.by,
      water: remaining > 0 ? 'kept for another' : said.water,
      side,
      figures: reachedBy(facts, trajectory, { now: atMs, side }),
    },
  });
  if (said.mishap && alive > 0) drafts.push({ kind: 'mishap.recorded', payload: { lot: run.lot, tank: first, n: 1, what: said.mishap } });
  if (DARK_H[said.dark] > 0 && alive > 0)
    drafts.push({ kind: 'lights.dimmed', payload: { tank: first, untilMs: atMs + DARK_H[said.dark] * HOUR_MS } });
  // After it: a place is judged by who was in quarantine before.
  return [...drafts, ...again];
}
