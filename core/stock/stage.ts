// The one stage at which each living fish is, and the sums that the stream bar draws.

export type Stage = 'dock' | 'bench' | 'quarantine' | 'cleared' | 'promised';
export const STAGES: readonly Stage[] = ['dock', 'bench', 'quarantine', 'cleared', 'promised'];

/** A lot at an inside place, with what decides its stage. */
export type Standing = {
  lot: string;
  n: number;
  place: 'bag' | 'tank' | 'customer tank';
  /** A float, drip, bath or transfer has started and not ended for this place. */
  inRun: boolean;
  quarantineOpen: boolean;
};

/** First match wins; `away` = in a customer's tank, which the house does not count. Promised is split off by {@link stageCounts}. */
export function stageOf(standing: Omit<Standing, 'lot' | 'n'>): Stage | 'away' {
  if (standing.place === 'customer tank') return 'away';
  if (standing.inRun) return 'bench';
  if (standing.place === 'bag') return 'dock';
  return standing.quarantineOpen ? 'quarantine' : 'cleared';
}

export type StageCounts = Record<Stage, number> & {
  /** Dock + bench + hold + cleared + promised: every living fish that the house answers for. */
  inHouse: number;
};

/**
 * Heads at each stage. Of what is cleared, as many of a lot as are promised show as promised instead.
 * @param promised heads promised, by lot
 */
export function stageCounts(standings: readonly Standing[], promised: ReadonlyMap<string, number>): StageCounts {
  const counts: StageCounts = { dock: 0, bench: 0, quarantine: 0, cleared: 0, promised: 0, inHouse: 0 };
  const clearedByLot = new Map<string, number>();
  for (const standing of standings) {
    const stage = stageOf(standing);
    if (stage === 'away') continue;
    counts.inHouse += standing.n;
    counts[stage] += standing.n;
    if (stage === 'cleared') clearedByLot.set(standing.lot, (clearedByLot.get(standing.lot) ?? 0) + standing.n);
  }
  for (const [lot, cleared] of clearedByLot) {
    const spokenFor = Math.min(cleared, promised.get(lot) ?? 0);
    counts.cleared -= spokenFor;
    counts.promised += spokenFor;
  }
  return counts;
}
