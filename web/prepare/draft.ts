// Entries of getting ready, as the screens write them. No screen in here.
import type { PrepSystemCard } from '#contract/views.ts';
import type { Draft } from '../data/house.ts';
import type { Values } from '../parts/PlainForm.tsx';

export const tickEntry = (crate: string, step: string, left?: string): Draft => ({
  kind: 'prep.ticked',
  payload: { crate, step, ...(left === undefined ? {} : { left }) },
});

/** The match that is offered, as it stands there; undefined where nothing is to be swapped. */
export function matchEntry({ system, salinityPpt, offer }: PrepSystemCard, ids: { match: string; crate: string }): Draft | undefined {
  if (!offer?.plan || offer.plan.swaps.length === 0) return undefined;
  const { plan, back, backPpt } = offer;
  return {
    kind: 'match.planned',
    payload: {
      ...ids,
      system,
      of: plan.of,
      waterPpt: plan.waterPpt,
      fromPpt: salinityPpt,
      toPpt: plan.reachesPpt,
      swaps: plan.swaps.map((swap) => ({ ...swap, atMs: Math.round(swap.atMs) })),
      back,
      backPpt,
    },
  };
}

/** A line by hand; or what is wrong with it. */
export function lineEntry({ words = '', tank = '', what = '', until = '' }: Values, ids: { line: string; crate: string }): Draft | string {
  if ((what === '') !== (until === '')) return 'What it waits for, and when that comes: both, or neither.';
  return {
    kind: 'prep.added',
    payload: { ...ids, words, ...(tank ? { tank } : {}), ...(what ? { waits: { what, untilMs: Number(until) } } : {}) },
  };
}
