// What is due before a crate is here, and after a match: what is still to be got ready, the swaps at their hours, the reading after them, the way back.
import { backFrom, type SettledStep } from '../prepare/index.ts';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { defineDue } from './define.ts';
import { DOCK } from './thing.ts';

export type PrepareDueFacts = {
  /** Crates on their way with lines that are open by now or within a day. */
  preparing: { entry: string; crate: string; crateLabel: string; open: number; fromMs: number; byMs: number }[];
  matches: {
    entry: string;
    crate: string;
    crateLabel: string;
    systemName: string;
    of: 'fresh' | 'salt';
    swaps: { atMs: number; litres: number; toPpt: number }[];
    back: { afterH: number; litres: number; toPpt: number }[];
    backPpt: number;
    arrivedAtMs?: number;
    salinityReadMs?: number;
    settled: SettledStep[];
    fromPpt: number;
    toPpt: number;
    /** Who lives there, or what was read since, is another than when it was laid down. */
    unfit: boolean;
  }[];
};
export const NO_PREPARE_FACTS: PrepareDueFacts = { preparing: [], matches: [] };

const SWAP_AHEAD_MS = 30 * MINUTE_MS;
const SWAP_GRACE_MS = HOUR_MS;
const sayStep = (
  { litres, toPpt }: { litres: number; toPpt: number },
  water: string,
  { systemName, unfit }: { systemName: string; unfit: boolean },
) =>
  `${litres.toFixed(litres < 10 ? 1 : 0)} L of ${systemName} for ${water}: to ${toPpt.toFixed(1)} ppt${unfit ? '. Not before a lead has seen it: who lives there, or its salinity, is another by now' : ''}`;

export const prepareDue = {
  prepare: defineDue({
    harm: 'round',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ preparing }) =>
      preparing
        .filter(({ open }) => open > 0)
        .map(({ entry, crate, crateLabel, open, fromMs, byMs }) => ({
          entry,
          step: 'lines',
          fromMs,
          byMs,
          walk: DOCK,
          facts: { crate, crateLabel, n: open },
        })),
  }),
  'match-step': defineDue({
    harm: 'tank',
    ends: 'by hand',
    settledBy: 'anybody',
    derive: ({ matches }) =>
      matches.flatMap((match) => {
        const { entry, crate, crateLabel, of: water, swaps, backPpt, settled, arrivedAtMs } = match;
        const factsOf = (step: { litres: number; toPpt: number }, poured: string) => ({
          crate,
          crateLabel,
          what: sayStep(step, poured, match),
        });
        // Once the fish are in, it is brought down no further. The way back is counted from when they came, and from where it was really brought.
        if (arrivedAtMs === undefined)
          return swaps.map((swap, index) => ({
            entry,
            step: `swap-${index + 1}`,
            fromMs: swap.atMs - SWAP_AHEAD_MS,
            atMs: swap.atMs,
            byMs: swap.atMs + SWAP_GRACE_MS,
            walk: DOCK,
            facts: factsOf(swap, water === 'fresh' ? 'fresh water' : 'salt water'),
          }));
        return backFrom(match, settled).map((step) => ({
          entry,
          step: step.step,
          fromMs: arrivedAtMs + step.afterH * HOUR_MS,
          byMs: arrivedAtMs + step.afterH * HOUR_MS + DAY_MS / 2,
          walk: DOCK,
          facts: factsOf(step, backPpt === 0 ? 'fresh water' : `salt water of ${backPpt} ppt`),
        }));
      }),
  }),
  'match-read': defineDue({
    harm: 'tank',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ matches }) =>
      matches.flatMap(({ entry, crate, crateLabel, systemName, swaps, settled, salinityReadMs = -Infinity, arrivedAtMs }) => {
        const last = settled.find(({ step }) => step === `swap-${swaps.length}`);
        if (!last || salinityReadMs >= last.atMs || arrivedAtMs !== undefined) return [];
        return [
          {
            entry,
            step: 'read',
            fromMs: last.atMs,
            byMs: last.atMs + HOUR_MS,
            walk: DOCK,
            facts: { crate, crateLabel, what: systemName },
          },
        ];
      }),
  }),
};
