// What is due before a crate is here, and after a match: what is still to be got ready, the swaps at their hours, the reading after them, the way back.
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
    settled: { step: string; atMs: number }[];
  }[];
};
export const NO_PREPARE_FACTS: PrepareDueFacts = { preparing: [], matches: [] };

const SWAP_AHEAD_MS = 30 * MINUTE_MS;
const SWAP_GRACE_MS = HOUR_MS;
const sayStep = ({ litres, toPpt }: { litres: number; toPpt: number }, water: string, systemName: string) =>
  `${litres.toFixed(litres < 10 ? 1 : 0)} L of ${systemName} for ${water}: to ${toPpt.toFixed(1)} ppt`;

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
      matches.flatMap(({ entry, crate, crateLabel, systemName, of: water, swaps, back, backPpt, arrivedAtMs }) => [
        // Once the fish are in, it is not brought down any further.
        ...(arrivedAtMs === undefined ? swaps : []).map((swap, index) => ({
          entry,
          step: `swap-${index + 1}`,
          fromMs: swap.atMs - SWAP_AHEAD_MS,
          atMs: swap.atMs,
          byMs: swap.atMs + SWAP_GRACE_MS,
          walk: DOCK,
          facts: { crate, crateLabel, what: sayStep(swap, water === 'fresh' ? 'fresh water' : 'salt water', systemName) },
        })),
        // The way back is counted from when they came, and there is none before.
        ...(arrivedAtMs === undefined ? [] : back).map((step, index) => ({
          entry,
          step: `back-${index + 1}`,
          fromMs: arrivedAtMs! + step.afterH * HOUR_MS,
          byMs: arrivedAtMs! + step.afterH * HOUR_MS + DAY_MS / 2,
          walk: DOCK,
          facts: { crate, crateLabel, what: sayStep(step, backPpt === 0 ? 'fresh water' : `salt water of ${backPpt} ppt`, systemName) },
        })),
      ]),
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
