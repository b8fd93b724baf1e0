// What is due at the dock and in the tanks where bags float.
import { HOUR_MS, MINUTE_MS } from '../time/index.ts';
import { defineDue } from './define.ts';
import { DOCK, type Walk } from './thing.ts';

export type DockFacts = {
  arrivals: { entry: string; crate: string; crateLabel: string; waiting: number; sinceMs: number; pressing: boolean }[];
  expected: { entry: string; crate: string; crateLabel: string; promisedAtMs: number }[];
  /** Of crates with something to claim that nobody has sent yet, or that grew since; `endsMs` = when their supplier's hours are over, where that is known. */
  claims: { entry: string; crate: string; crateLabel: string; what: string; sinceMs: number; endsMs?: number }[];
  /** Fish of a bag in clean water, meant for a look and a way on by then. */
  clean: { entry: string; bag: string; label: string; lotLabel: string; n: number; sinceMs: number; dueAtMs: number }[];
  floats: { entry: string; bag: string; bagLabel: string; tankCode: string; lotLabel: string; dueAtMs: number; walk: Walk }[];
};
export const NO_DOCK_FACTS: DockFacts = { arrivals: [], expected: [], claims: [], clean: [], floats: [] };

const FLOAT_GRACE_MS = 2 * MINUTE_MS;
const WAITING_GRACE_MS = HOUR_MS;
/** Where no window is known, a day is usual in the trade; and so long after it nobody answers. Judgements. */
const USUAL_CLAIM_MS = 24 * HOUR_MS;
export const CLAIM_LAPSES_MS = 7 * 24 * HOUR_MS;

export const dockDue = {
  'bags-waiting': defineDue({
    harm: 'vessel',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ arrivals }) =>
      arrivals
        .filter((arrival) => arrival.waiting > 0)
        .map(({ entry, crate, crateLabel, waiting: n, sinceMs, pressing }) => ({
          entry,
          step: 'all',
          fromMs: sinceMs,
          byMs: sinceMs + (pressing ? 0 : WAITING_GRACE_MS),
          walk: DOCK,
          facts: { crate, crateLabel, n, sinceMs },
        })),
  }),
  claim: defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ claims }, { now }) =>
      claims
        .map(({ entry, crate, crateLabel, what, sinceMs, endsMs }) => ({
          entry,
          step: 'send',
          fromMs: sinceMs,
          byMs: endsMs ?? sinceMs + USUAL_CLAIM_MS,
          walk: DOCK,
          facts: { crate, crateLabel, what, sinceMs },
        }))
        .filter(({ byMs }) => now <= byMs + CLAIM_LAPSES_MS),
  }),
  'crate-due': defineDue({
    harm: 'round',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ expected }, { lateAfterH }) =>
      expected.map(({ entry, crate, crateLabel, promisedAtMs }) => ({
        entry,
        step: 'arrival',
        fromMs: promisedAtMs,
        byMs: promisedAtMs + lateAfterH * HOUR_MS,
        walk: DOCK,
        facts: { crate, crateLabel },
      })),
  }),
  'clean-water': defineDue({
    harm: 'vessel',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ clean }) =>
      clean.map(({ entry, bag, label, lotLabel, n, sinceMs, dueAtMs }) => ({
        entry,
        step: 'on',
        fromMs: dueAtMs,
        byMs: dueAtMs,
        walk: DOCK,
        facts: { bag, what: `${n} ${lotLabel}, ${label}`, sinceMs },
      })),
  }),
  float: defineDue({
    harm: 'vessel',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ floats }) =>
      floats.map(({ entry, bag, bagLabel, tankCode, lotLabel, dueAtMs, walk }) => ({
        entry,
        step: 'end',
        fromMs: dueAtMs,
        byMs: dueAtMs + FLOAT_GRACE_MS,
        walk,
        facts: { bag, tankCode, what: `${bagLabel}, ${lotLabel}` },
      })),
  }),
};
