// What tests of stations share: acts laid over a view one after the other, and drafts as the house would take them.
import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import { kinds } from '#contract/kinds.ts';
import type { ViewName, Views } from '#contract/views.ts';
import type { Act, Entry } from '#core/catalogue/index.ts';
import type { Draft } from './house.ts';
import type { Overlay } from './overlay.ts';

export const MAKER = { by: 'Bram', codeOf: (tank: string) => `code of ${tank}` };

export const laidOver = <V extends ViewName>(overlay: Overlay<V>, view: Views[V], acts: readonly Act[]): Views[V] =>
  acts.reduce((now, act) => overlay(now, act, MAKER), view);

type Sketch = { kind: Draft['kind']; payload: object };

/** An act of these drafts as the house would get it; for an overlay a payload may be as much of one as it reads. */
export const actOf = (...drafts: Sketch[]): Act => ({
  actId: v7(),
  entries: drafts.map((draft) => ({ id: v7(), version: kinds[draft.kind].version, occurredAtMs: Date.UTC(2026, 2, 3), ...draft }) as Entry),
});

/** The payloads of drafts that the contract takes; what it does not take is an error with its words. */
export function accepted(...drafts: Draft[]): unknown[] {
  const checked = checkAct(actOf(...drafts));
  if (!checked.ok) throw new Error(JSON.stringify(checked.faults));
  return drafts.map(({ kind, payload }) => ({ kind, ...payload }));
}
